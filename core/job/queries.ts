import type { Climate } from '../air/climate.ts';
import type { Elevation, FaceId } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import type { Coating } from '../shelf/coating.ts';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import type { Piece } from './piece-schema.ts';
import type { BuildUp, Coat, FinishGroup, Job, Place, Room } from './schema.ts';

/** Elevations by the frozen pieces that they are of. Nothing depends on what is in here but the time it takes. */
const elevations = new WeakMap<Piece, Elevation>();

/**
 * The shape of a piece as its definition sees it. The schema has accepted it before.
 * Areas, paces, weights and drawings all ask for it, so that of a frozen piece, as documents hold them, is kept.
 */
export function elevationOf(piece: Piece): Elevation {
  if (!Object.isFrozen(piece) || !Object.isFrozen(piece.shape)) return definitionOf(piece.kind).elevation(piece.shape);
  let elevation = elevations.get(piece);
  if (elevation === undefined) {
    elevation = definitionOf(piece.kind).elevation(piece.shape);
    elevations.set(piece, elevation);
  }
  return elevation;
}

/** Above this, in kg, a piece is lifted by two people. */
export const TWO_PEOPLE_FROM = 25;

/** Weight of a piece in kg. */
export function weightOf(piece: Pick<Piece, 'kind' | 'shape'>): number {
  return definitionOf(piece.kind).weight(piece.shape);
}

/** The coating with this id: the job's own figures before the defaults; `undefined` if neither shelf has it. */
export function coatingOf(job: Job, id: string): Coating | undefined {
  return job.shelf.find((coating) => coating.id === id) ?? DEFAULT_COATINGS.find((coating) => coating.id === id);
}

/** Every coating to choose from: the defaults, with the job's own figures over them, then what the job adds. */
export function shelfOf(job: Job): Coating[] {
  const defaults = DEFAULT_COATINGS.map((coating) => job.shelf.find((own) => own.id === coating.id) ?? coating);
  return [...defaults, ...job.shelf.filter((own) => !DEFAULT_COATINGS.some((coating) => coating.id === own.id))];
}

/** The coats that a face of this build-up gets, first to last. */
export function coatsOn(buildUp: BuildUp, face: FaceId): readonly Coat[] {
  return buildUp.faceCoats[face] ?? buildUp.coats;
}

/** Groups by id, for the frozen lists that documents hold. */
const groupIndex = new WeakMap<readonly FinishGroup[], ReadonlyMap<string, FinishGroup>>();

export function groupOf(job: Pick<Job, 'groups'>, piece: Pick<Piece, 'groupId'>): FinishGroup | undefined {
  const { groups } = job;
  if (!Object.isFrozen(groups)) return groups.find((group) => group.id === piece.groupId);
  let index = groupIndex.get(groups);
  if (index === undefined) {
    index = new Map(groups.map((group) => [group.id, group]));
    groupIndex.set(groups, index);
  }
  return index.get(piece.groupId);
}

export function roomOf(job: Job, piece: Piece): Room | undefined {
  return job.rooms.find((room) => room.id === piece.roomId);
}

export function climateOf(job: Job, id: string): Climate | undefined {
  return job.climates.find((climate) => climate.id === id);
}

/** The first place of a kind; the schema sees to it that there is one. */
export function placeOf(job: Job, kind: Place['kind']): Place {
  const place = job.places.find((entry) => entry.kind === kind);
  if (place === undefined) throw new RangeError(`The job has no ${kind}.`);
  return place;
}

/** Where a piece dries, one place after the other: on the rack until it is hung at `hungAt`, in its room from then on. */
export function staysOf(job: Job, piece: Piece, hungAt: number): { climateId: string; until: number }[] {
  return [
    { climateId: dryingClimateId(job, piece), until: hungAt },
    { climateId: roomOf(job, piece)?.climateId ?? '', until: Infinity },
  ];
}

/** The climate in which a piece dries: the rack's when it comes off, its room's when it stays. */
export function dryingClimateId(job: Job, piece: Piece): string {
  return piece.comesOff ? placeOf(job, 'rack').climateId : (roomOf(job, piece)?.climateId ?? '');
}

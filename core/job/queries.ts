import type { Climate } from '../air/climate.ts';
import { absorptanceOf, exposedClimateId } from '../air/exposed-face.ts';
import { reflectance } from '../colour/colour.ts';
import type { Elevation, FaceId } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import type { Coating } from '../shelf/coating.ts';
import type { Cleaner } from '../shelf/cleaner.ts';
import type { Filler } from '../shelf/filler.ts';
import type { Preservative } from '../shelf/preservative.ts';
import { overDefaults, type Shelf } from '../shelf/shelf.ts';
import { kept } from '../units/kept.ts';
import type { Piece } from './piece-schema.ts';
import { TOOL_OF, type StrokeChoice } from './stroke-schema.ts';
import type { Coat } from './coat-schema.ts';
import type { BuildUp, FinishGroup, Job, Place, Room } from './schema.ts';

/** Elevations by what is stated of them: a house has many doors of one shape. */
const byShape = new Map<string, Elevation>();
const MOST_SHAPES = 500;

/**
 * The shape of a piece as its definition sees it. The schema has accepted it before.
 * Areas, paces, weights and drawings all ask for it.
 */
export const elevationOf = kept(
  (piece: Piece): Elevation => {
    if (!isFixedPiece(piece)) return definitionOf(piece.kind).elevation(piece.shape);
    const stated = `${piece.kind} ${JSON.stringify(piece.shape)}`;
    const elevation = byShape.get(stated) ?? definitionOf(piece.kind).elevation(piece.shape);
    if (byShape.size >= MOST_SHAPES) byShape.clear();
    byShape.set(stated, elevation);
    return elevation;
  },
  { isFixed: isFixedPiece },
);

/** Whether nothing of what is painted of a piece can change: one of a document, not of a form. */
export function isFixedPiece(piece: Piece): boolean {
  return Object.isFrozen(piece) && Object.isFrozen(piece.shape) && Object.isFrozen(piece.scope);
}

/** Above this, in kg, a piece is lifted by two people. */
export const TWO_PEOPLE_FROM = 25;

/** Weight of a piece in kg. */
export function weightOf(piece: Pick<Piece, 'kind' | 'shape'>): number {
  return definitionOf(piece.kind).weight(piece.shape);
}

/** What is on a job's shelf, by compartment and id. */
const laidOut = kept((own: Job['shelf']): { shelf: Shelf; coatings: ReadonlyMap<string, Coating> } => {
  const shelf = overDefaults(own);
  return { shelf, coatings: new Map(shelf.coatings.map((coating) => [coating.id, coating])) };
});

/** Everything that this job may take from: the defaults, the job's own figures over them, then what the job adds. */
export const shelfOf = (job: Pick<Job, 'shelf'>): Shelf => laidOut(job.shelf).shelf;

/** The coating with this id: the job's own figures before the defaults; `undefined` if neither shelf has it. */
export const coatingOf = (job: Pick<Job, 'shelf'>, id: string): Coating | undefined =>
  laidOut(job.shelf).coatings.get(id);

const entryIn = <E extends { id: string }>(entries: readonly E[], id: string | null): E | undefined =>
  id === null ? undefined : entries.find((entry) => entry.id === id);

export const cleanerOf = (job: Pick<Job, 'shelf'>, id: string | null): Cleaner | undefined =>
  entryIn(shelfOf(job).cleaners, id);
export const fillerOf = (job: Pick<Job, 'shelf'>, id: string | null): Filler | undefined =>
  entryIn(shelfOf(job).fillers, id);
export const preservativeOf = (job: Pick<Job, 'shelf'>, id: string | null): Preservative | undefined =>
  entryIn(shelfOf(job).preservatives, id);

/** The colour that a face gets. */
export function colourOn(group: FinishGroup, face: FaceId): FinishGroup['colour'] {
  return face === 'back' ? (group.backColour ?? group.colour) : group.colour;
}

/** The coats that a face of this build-up gets, first to last. */
export function coatsOn(buildUp: BuildUp, face: FaceId): readonly Coat[] {
  return buildUp.faceCoats[face] ?? buildUp.coats;
}

/** How pieces of this kind, of this group, take a product; null where nobody has chosen. */
export function strokesOn(
  job: Pick<Job, 'strokes'>,
  { groupId, kind }: Pick<Piece, 'groupId' | 'kind'>,
  product: string,
): StrokeChoice | null {
  return (
    job.strokes.find((entry) => entry.groupId === groupId && entry.kind === kind && entry.product === product) ?? null
  );
}

/** A coat as it is laid on a piece: with the tool that was chosen for the strokes of its kind. */
export function laidOn(job: Pick<Job, 'strokes'>, piece: Pick<Piece, 'groupId' | 'kind'>, coat: Coat): Coat {
  const choice = coat.extent === 'all' ? strokesOn(job, piece, coat.product) : null;
  const tool = choice ? TOOL_OF[choice.application] : coat.tool;
  return tool === coat.tool ? coat : { ...coat, tool };
}

const groupsById = kept(
  (groups: readonly FinishGroup[]): ReadonlyMap<string, FinishGroup> =>
    new Map(groups.map((group) => [group.id, group])),
);

export function groupOf({ groups }: Pick<Job, 'groups'>, piece: Pick<Piece, 'groupId'>): FinishGroup | undefined {
  return groupsById(groups).get(piece.groupId);
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

/** Whether a piece comes off and is back on its hinges every night. */
export const hangsByNight = ({ comesOff, access }: Pick<Piece, 'comesOff' | 'access'>): boolean =>
  comesOff && access.closesAtNight && !access.standIn;

/** The open air of a job; null when it has none. */
export const openAirOf = (job: Pick<Job, 'climates'>): Climate | null =>
  job.climates.find(({ whereabouts }) => whereabouts === 'outdoors') ?? null;

/** Where faces of a piece dry, one place after the other: on the rack until it is hung at `hungAt`, where it hangs from then on. */
export function staysOf(
  job: Job,
  piece: Piece,
  faces: readonly FaceId[],
  hungAt: number,
): { climateId: string; until: number }[] {
  return [
    { climateId: dryingClimateId(job, piece, faces), until: hungAt },
    { climateId: hangingClimateId(job, piece, faces), until: Infinity },
  ];
}

/** The climate in which faces of a piece dry: the rack's when it comes off, where it hangs when it stays. */
export function dryingClimateId(job: Job, piece: Piece, faces: readonly FaceId[] = piece.scope.faces): string {
  return piece.comesOff ? placeOf(job, 'rack').climateId : hangingClimateId(job, piece, faces);
}

/** The climate of faces of a piece where it hangs: the open air before them when one looks out, its room's otherwise. */
export function hangingClimateId(job: Job, piece: Piece, faces: readonly FaceId[]): string {
  const face = faces.find((candidate) => piece.exposure[candidate] === 'outside');
  return (face && outsideClimateId(job, piece, face)) ?? roomOf(job, piece)?.climateId ?? '';
}

/** The climate of a face that looks out, in its finished colour; null when the job has no open air. */
export function outsideClimateId(job: Job, piece: Piece, face: FaceId): string | null {
  const open = openAirOf(job);
  const group = groupOf(job, piece);
  if (open === null || group === undefined) return null;
  const bearing = roomOf(job, piece)?.bearing ?? null;
  // Of a piece with two outside faces, the back looks the other way.
  const isTurned = face === 'back' && piece.exposure.front === 'outside';
  return exposedClimateId({
    climateId: open.id,
    bearing: bearing !== null && isTurned ? (bearing + 180) % 360 : bearing,
    absorptance: absorptanceOf(reflectance(colourOn(group, face).hex)),
  });
}

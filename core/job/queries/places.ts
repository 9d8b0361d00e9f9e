import { colourOn } from './faces.ts';
import { groupOf } from './groups.ts';
import type { Climate } from '../../air/climate.ts';
import { absorptanceOf, exposedClimateId } from '../../air/exposed-face.ts';
import { reflectance } from '../../colour/colour.ts';
import type { FaceId } from '../../pieces/elevation.ts';
import type { Piece } from '../document/piece-schema.ts';
import type { Job } from '../document/schema.ts';
import type { Place, Room } from '../document/room-schema.ts';

export function roomOf(job: Pick<Job, 'rooms'>, piece: Pick<Piece, 'roomId'>): Room | undefined {
  return job.rooms.find((room) => room.id === piece.roomId);
}

/** Words for rooms in which water condenses. */
const WET_ROOMS = /\b(bath|bathroom|shower|wet ?room|ensuite|en suite|wc|toilet|kitchen|utility|laundry|scullery)\b/i;

/** Whether water condenses in a room, by its name. */
export const isWetRoom = (room: Room | undefined): boolean => room !== undefined && WET_ROOMS.test(room.name);

export function climateOf(job: Job, id: string): Climate | undefined {
  return job.climates.find((climate) => climate.id === id);
}

/** The first place of a kind; the schema sees to it that there is one. */
export function placeOf(job: Job, kind: Place['kind']): Place {
  const place = job.places.find((entry) => entry.kind === kind);
  if (place === undefined) throw new RangeError(`This job has no ${kind}.`);
  return place;
}

/** The open air of a job; null when it has none. */
export const openAirOf = (job: Pick<Job, 'climates'>): Climate | null =>
  job.climates.find(({ whereabouts }) => whereabouts === 'outdoors') ?? null;

/**
 * Where faces of a piece dry, one place after the other: on the rack until it is hung at `hungAt`, where it hangs from then
 * on. Outside, `hex` is the colour that the sun meets: a white primer stays cooler than the dark finish.
 */
export function staysOf(
  job: Job,
  piece: Piece,
  faces: readonly FaceId[],
  hungAt: number,
  hex: string | null = null,
): { climateId: string; until: number }[] {
  return [
    { climateId: dryingClimateId(job, piece, faces, hex), until: hungAt },
    { climateId: hangingClimateId(job, piece, faces, hex), until: Infinity },
  ];
}

/** The climate in which faces of a piece dry: the rack's when it comes off, where it hangs when it stays. */
export function dryingClimateId(
  job: Job,
  piece: Piece,
  faces: readonly FaceId[] = piece.scope.faces,
  hex: string | null = null,
): string {
  return piece.comesOff ? placeOf(job, 'rack').climateId : hangingClimateId(job, piece, faces, hex);
}

/** The climate of faces of a piece where it hangs: the open air before them when one looks out, its room's otherwise. */
export function hangingClimateId(job: Job, piece: Piece, faces: readonly FaceId[], hex: string | null = null): string {
  const face = faces.find((candidate) => piece.exposure[candidate] === 'outside');
  return (face && outsideClimateId(job, piece, face, hex)) ?? roomOf(job, piece)?.climateId ?? '';
}

/** The climate of a face that looks out, in the colour `hex` or in its finished one; null when the job has no open air. */
export function outsideClimateId(job: Job, piece: Piece, face: FaceId, hex: string | null = null): string | null {
  const open = openAirOf(job);
  const group = groupOf(job, piece);
  if (open === null || group === undefined) return null;
  const bearing = roomOf(job, piece)?.bearing ?? null;
  // Of a piece with two outside faces, the back looks the other way.
  const isTurned = face === 'back' && piece.exposure.front === 'outside';
  return exposedClimateId({
    climateId: open.id,
    bearing: bearing !== null && isTurned ? (bearing + 180) % 360 : bearing,
    absorptance: absorptanceOf(reflectance(hex ?? colourOn(group, face).hex)),
  });
}

import { exposedFaceOf } from '../air/exposed-face.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { coatsOn } from '../job/queries/faces.ts';
import { groupOf } from '../job/queries/groups.ts';
import { outsideClimateId, roomOf } from '../job/queries/places.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Room } from '../job/document/room-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import type { Coating } from '../shelf/coating.ts';

/** Outside faces that share a room, a finish and a bearing: what the weather says of one it says of all. */
export interface OutsideFaces {
  id: string;
  room: Room;
  group: FinishGroup;
  face: FaceId;
  /** Degrees clockwise from north; null while nobody has said. */
  bearing: number | null;
  climateId: string;
  pieces: Piece[];
  /** What goes onto them, each product and tool once, first coat first; nothing before a build-up is chosen. */
  coats: { coating: Coating; tool: Tool }[];
  /** Whether they are painted in the open, rather than taken off to a rack. */
  areInPlace: boolean;
}

/** All faces of a job that look out and are painted. */
export function outsideFaces(job: Job): OutsideFaces[] {
  const found = new Map<string, OutsideFaces>();
  for (const piece of job.pieces) {
    const room = roomOf(job, piece);
    const group = groupOf(job, piece);
    if (!room || !group) continue;
    for (const face of piece.scope.faces) {
      const climateId = piece.exposure[face] === 'outside' ? outsideClimateId(job, piece, face) : null;
      if (climateId === null) continue;
      const id = [room.id, group.id, face, climateId, piece.comesOff ? 'off' : 'in-place'].join('/');
      const known = found.get(id);
      if (known) known.pieces.push(piece);
      else {
        found.set(id, {
          id,
          room,
          group,
          face,
          bearing: exposedFaceOf(climateId)?.bearing ?? null,
          climateId,
          pieces: [piece],
          coats: coatsOf(job, group, face),
          areInPlace: !piece.comesOff,
        });
      }
    }
  }
  return [...found.values()];
}

function coatsOf(job: Job, { buildUp }: FinishGroup, face: FaceId): OutsideFaces['coats'] {
  if (buildUp === null) return [];
  const coats: OutsideFaces['coats'] = [];
  for (const { product, tool } of coatsOn(buildUp, face)) {
    const coating = coatingOf(job, product);
    const isKnown = coats.some((coat) => coat.coating.id === product && coat.tool === tool);
    if (coating && !isKnown) coats.push({ coating, tool });
  }
  return coats;
}

/** The coat whose limits count for a face: the last that goes onto it; none before a build-up is chosen. */
export const lastCoat = ({ coats }: Pick<OutsideFaces, 'coats'>): OutsideFaces['coats'][number] | undefined =>
  coats.at(-1);

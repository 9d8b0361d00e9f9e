import { groupBy } from '../units/maps.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { Room } from '../job/document/room-schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { CoatStep } from '../steps/step.ts';
import { doneStampsByTask } from '../running/applied-coats.ts';
import { isOpen } from './defect-status.ts';
import { counted } from '../units/sentence.ts';

/** A face of a piece in a round of inspection. */
export interface FaceToCheck {
  piece: Piece;
  face: FaceId;
  /** Coats that lie there, of those that it gets. */
  coats: { laid: number; all: number };
  /** When its last coat was put on, local; null while none was. */
  paintedAt: string | null;
  /** When somebody looked at it since; null while nobody has. */
  lookedAt: string | null;
  /** Defects on it that are still open. */
  openDefects: number;
}

const isFinished = ({ coats }: FaceToCheck): boolean => coats.laid === coats.all;

/** Whether somebody has something to do there now: a finished face to look at, or a defect to put right. */
const asksForLook = (face: FaceToCheck): boolean =>
  face.openDefects > 0 || (isFinished(face) && face.lookedAt === null);

/** The pieces of a round with their faces: those that ask for a look first, then what was looked over, then what is still being painted. */
export function inspectionOrder(faces: readonly FaceToCheck[]): [Piece, FaceToCheck[]][] {
  const place = (own: readonly FaceToCheck[]): number => (own.some(asksForLook) ? 0 : own.some(isFinished) ? 1 : 2);
  return [...groupBy(faces, ({ piece }) => piece)].sort(([, one], [, other]) => place(one) - place(other));
}

/** How far the check of a room is. */
export interface RoomCheck {
  room: Room;
  faces: FaceToCheck[];
  /** Faces that are finished, and of those the ones that were looked at since. */
  finished: number;
  looked: number;
  openDefects: number;
  /** Why it can't be signed off with a clear conscience; null where nothing stands against it. */
  against: string | null;
}

/** How many coats of a face are painted, and how many there are; one in sections is painted when all of them are. */
function coatsLaid(steps: readonly CoatStep[], stamps: ReadonlyMap<string, unknown>): FaceToCheck['coats'] {
  const coats = [...groupBy(steps, ({ coat }) => coat.number).values()];
  return { laid: coats.filter((sections) => sections.every(({ id }) => stamps.has(id))).length, all: coats.length };
}

/** Every painted face of a job by room, in the order of the walk; rooms without any are left out. */
export function roomChecks(job: Job): RoomCheck[] {
  const stamps = doneStampsByTask(job.log);
  const facesOf = (piece: Piece): FaceToCheck[] => {
    const coats = pieceSteps(job, piece).filter(isCoat);
    return piece.scope.faces.flatMap((face): FaceToCheck[] => {
      const own = coats.filter(({ coat, rework }) => coat.faces.includes(face) && rework === null);
      const laid = coats.flatMap(({ id, coat }) => (coat.faces.includes(face) ? (stamps.get(id) ?? []) : []));
      if (own.length === 0) return [];
      const paintedAt = laid.reduce<string | null>((last, { at }) => (last === null || at > last ? at : last), null);
      const looked = job.inspections.filter((seen) => seen.pieceId === piece.id && seen.face === face);
      const lookedAt = looked.reduce<string | null>((last, { at }) => (last === null || at > last ? at : last), null);
      return [
        {
          piece,
          face,
          coats: coatsLaid(own, stamps),
          paintedAt,
          lookedAt: paintedAt !== null && lookedAt !== null && lookedAt >= paintedAt ? lookedAt : null,
          openDefects: job.defects.filter(
            (defect) => defect.pieceId === piece.id && defect.face === face && isOpen(job, defect),
          ).length,
        },
      ];
    });
  };
  return job.rooms.flatMap((room): RoomCheck[] => {
    const faces = job.pieces.filter(({ roomId }) => roomId === room.id).flatMap(facesOf);
    if (faces.length === 0) return [];
    const finished = faces.filter(isFinished).length;
    const looked = faces.filter((face) => isFinished(face) && face.lookedAt !== null).length;
    const openDefects = faces.reduce((sum, face) => sum + face.openDefects, 0);
    return [
      {
        room,
        faces,
        finished,
        looked,
        openDefects,
        against: againstSigning(faces.length, finished, looked, openDefects),
      },
    ];
  });
}

function againstSigning(all: number, finished: number, looked: number, openDefects: number): string | null {
  const reasons = [
    finished < all && `${counted(all - finished, 'face')} not finished`,
    looked < finished && `${counted(finished - looked, 'finished face')} not inspected`,
    openDefects > 0 && `${counted(openDefects, 'defect')} open`,
  ].filter(Boolean);
  return reasons.length === 0 ? null : reasons.join('; ');
}

/** The next painted face that nobody has looked at on another piece, from this face on and round to the first; null where all are seen. */
export function nextFaceToCheck(faces: readonly FaceToCheck[], pieceId: string, face: FaceId): FaceToCheck | null {
  const here = faces.findIndex((check) => check.piece.id === pieceId && check.face === face);
  const after = [...faces.slice(here + 1), ...faces.slice(0, Math.max(0, here))];
  return after.find((check) => check.piece.id !== pieceId && check.coats.laid > 0 && check.lookedAt === null) ?? null;
}

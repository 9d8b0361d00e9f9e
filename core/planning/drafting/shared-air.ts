import { operationOf } from '../../steps/operations.ts';
import { exposedFaceOf } from '../../air/exposed-face.ts';
import { hangingClimateId, placeOf } from '../../job/queries/places.ts';
import type { Job } from '../../job/document/schema.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { CoatStep, PieceStep } from '../../steps/step.ts';

/** Slots of a room's air: every wet coat takes one, and whoever makes dust takes all of them. */
export const AIR_SLOTS = 1000;

/** The air of one room in which both is done: dust settles into a coat until it is touch dry. */
export interface RoomAir {
  spaceId: string;
  coats: readonly CoatStep[];
  dusty: readonly PieceStep[];
}

/** The rooms of these steps in which there is both dust and wet paint. */
export function sharedAir(job: Job, steps: readonly PieceStep[]): RoomAir[] {
  const airs = new Map<string, { coats: CoatStep[]; dusty: PieceStep[] }>();
  for (const step of steps) {
    const { isDusty } = operationOf(step);
    const spaceId = isDusty || isCoat(step) ? airOf(job, step) : null;
    if (spaceId === null) continue;
    const air = airs.get(spaceId) ?? { coats: [], dusty: [] };
    airs.set(spaceId, air);
    if (isDusty) air.dusty.push(step);
    else if (isCoat(step)) air.coats.push(step);
  }
  return [...airs].flatMap(([spaceId, { coats, dusty }]) =>
    coats.length > 0 && dusty.length > 0 ? [{ spaceId, coats, dusty }] : [],
  );
}

/** Whose air a step shares: that of the place where loose pieces are, or of the room; null in the open. */
function airOf(job: Job, { piece, coat, rework }: PieceStep): string | null {
  const isLoose = piece.comesOff && !rework?.isInPlace;
  if (isLoose) return `air/${placeOf(job, coat === null ? 'bench' : 'rack').climateId}`;
  return exposedFaceOf(hangingClimateId(job, piece, coat?.faces ?? piece.scope.faces)) === null
    ? `air/room/${piece.roomId}`
    : null;
}

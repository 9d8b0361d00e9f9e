import type { Defect, Rework } from '../job/document/defect-schema.ts';
import { staysOf } from '../job/queries/places.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { FaceId } from '../pieces/elevation.ts';
import { isRehangStep, rehungBy } from '../steps/rehanging.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import { canBeTakenDown } from '../steps/rework-steps.ts';
import { doneStampsByTask, appliedCoats, type AppliedCoat } from '../running/applied-coats.ts';
import { minutesSince } from '../job/site-time.ts';
import type { MadeClocks } from './coat-evidence.ts';
import { DEFECTS } from './defects.ts';

/** The coat that lies uppermost on a face by the log; null while none does. */
export const topCoat = (job: Job, made: Pick<MadeClocks, 'clocks'>, piece: Piece, face: FaceId): AppliedCoat | null =>
  appliedCoats(job, made.clocks, piece, face).at(-1) ?? null;

/** The step that was stamped last on a piece, in the order of its steps. */
function lastDone(job: Job, piece: Piece): PieceStep | null {
  const stamps = doneStampsByTask(job.log);
  return pieceSteps(job, piece).findLast(({ id }) => stamps.has(id)) ?? null;
}

/** Rework as its defect's definition has it; null where no coat lies there yet, so that there is nothing to put right. */
export function reworkFor(
  job: Job,
  made: Pick<MadeClocks, 'clocks'>,
  { kind, pieceId, face }: Pick<Defect, 'kind' | 'pieceId' | 'face'>,
): Rework | null {
  const piece = job.pieces.find(({ id }) => id === pieceId);
  if (!piece) return null;
  const top = topCoat(job, made, piece, face);
  const after = lastDone(job, piece);
  if (top === null || after === null) return null;
  const steps = DEFECTS[kind].rework({ job, piece, face, last: top.step });
  const isBack = isRehangStep(after) || after.rework?.isInPlace === true;
  return { after: after.id, isInPlace: !piece.comesOff || isBack, steps };
}

/** The steps that put a defect right, with what takes the piece down for them and hangs it again; in the order of the work. */
export const stepsOfRework = (job: Job, piece: Piece, defect: Defect): PieceStep[] =>
  pieceSteps({ ...job, defects: [...job.defects.filter(({ id }) => id !== defect.id), defect] }, piece).filter(
    ({ rework }) => rework?.defectId === defect.id,
  );

/** Whether it is for the painter to say where rework is done: its piece hangs by then, and can be taken down again. */
export const hasChoiceOfPlace = (job: Job, piece: Piece, defect: Defect): boolean =>
  canBeTakenDown(piece) && stepsOfRework(job, piece, defect).some(({ rework }) => rework?.isInPlace);

/** From when a defect may be touched, by the drying clock of the coat that lies there. Minutes from the clocks' t0. */
export interface RemedyWait {
  /** `Infinity` where it never gets so far in this air, null where no coat lies there. */
  opens: number | null;
  /** When the coat was put on. */
  since: number | null;
}

export function remedyWait(
  job: Job,
  made: MadeClocks,
  { kind, pieceId, face }: Pick<Defect, 'kind' | 'pieceId' | 'face'>,
): RemedyWait {
  const piece = job.pieces.find(({ id }) => id === pieceId);
  const top = piece && topCoat(job, made, piece, face);
  if (!piece || !top) return { opens: null, since: null };
  const { coating } = top.step.coat;
  const stamps = doneStampsByTask(job.log);
  const hungAt = rehungBy(pieceSteps(job, piece), (id) => stamps.get(id)?.at)?.at;
  const stays = staysOf(
    job,
    piece,
    [face],
    hungAt ? minutesSince(made.clocks.t0, hungAt, job.site.timeZone) : Infinity,
  );
  const stage = DEFECTS[kind].waits.for;
  const opens = made.clocks.reached(coating, stage, top.at, stays, made.conditions.get(top.step.id));
  return { opens, since: top.at };
}

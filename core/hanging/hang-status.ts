import { MASS } from '../units/measures.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import { progressByTask } from '../job/progress.ts';
import { TWO_PEOPLE_FROM, weightOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { isRehangStep, rehungBy } from '../steps/rehanging.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { shiftsOf } from '../steps/crew-shifts.ts';
import { jointShifts } from '../scheduling/solve/calendar.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import type { PieceStep } from '../steps/step.ts';
import { counted, listed } from '../units/sentence.ts';
import { bagOf } from './bag.ts';
import type { Readiness } from './readiness.ts';

/** Where a piece is on its way back, in the order in which a hand wants to know. */
export const HANG_STATUSES = ['to-hang', 'apart', 'drying', 'in-work', 'free'] as const;
export type HangStatus = (typeof HANG_STATUSES)[number];

/** Ready to hang, hung and to be kept apart, drying after its last coat, still in work, or free for everything. */
export function hangStatus({ isDone, from, hung }: Readiness, at: number): HangStatus {
  if (hung?.isDone) return from.close !== null && from.close > at ? 'apart' : 'free';
  if (!isDone) return 'in-work';
  return from.rehang !== null && from.rehang > at ? 'drying' : 'to-hang';
}

/** The step that brought a piece back, or the one that is to: hung, or its furniture refitted; null where it has none. */
export function hangingStep(job: Job, piece: Piece): PieceStep | null {
  const steps = pieceSteps(job, piece);
  const progress = progressByTask(job.log);
  return rehungBy(steps, (id) => progress.get(id)?.doneAt)?.step ?? steps.findLast(isRehangStep) ?? null;
}

/** Who can lift a heavy piece: those who are there now, and when two are together next. */
export interface Lifting {
  people: 1 | 2;
  /** kg. */
  weight: number;
  here: string[];
  /** The next time at which two are there, in minutes from the clocks' t0; null for a light piece or a crew of one. */
  together: { from: number; until: number } | null;
}

export function liftingOf(job: Job, { days }: Pick<JobClocks, 'days'>, piece: Piece, at: number): Lifting {
  const weight = weightOf(piece);
  const shifts = job.crew.map((painter) => ({ name: painter.name, hours: shiftsOf(painter, days) }));
  const here = shifts
    .filter(({ hours }) => hours.some(([from, until]) => from <= at && at < until))
    .map(({ name }) => name);
  if (!piece.comesOff || weight <= TWO_PEOPLE_FROM) return { people: 1, weight, here, together: null };
  const pairs = shifts.flatMap((one, index) =>
    shifts.slice(index + 1).flatMap((other) => jointShifts([one.hours, other.hours])),
  );
  const [next] = pairs.filter(([, until]) => until > at).sort(([one], [other]) => one - other);
  const together = next ? { from: Math.max(next[0], at), until: next[1] } : null;
  return { people: 2, weight, here, together };
}

/** What is risked by hanging a piece now, each as a sentence; nothing is forbidden. `when` writes a moment. */
export function hangingRisks(
  job: Job,
  clocks: Pick<JobClocks, 'days'>,
  row: Readiness,
  at: number,
  when: (minutes: number) => string,
): string[] {
  const { piece, from, isDone } = row;
  const progress = progressByTask(job.log);
  const openCoats = pieceSteps(job, piece).filter((step) => isCoat(step) && !progress.get(step.id)?.doneAt).length;
  const { missing } = bagOf(piece);
  const lifting = liftingOf(job, clocks, piece, at);
  const { drillings, holesDone, filledHoles } = piece;
  const undrilled = drillings.filter(({ id }) => !holesDone.drilled.includes(id)).length;
  return [
    ...(openCoats > 0 ? [`${counted(openCoats, 'coat')} not logged. Coats painted after hanging will show.`] : []),
    ...(isDone && from.rehang !== null && from.rehang > at
      ? [`Too soft until ${when(from.rehang)}: hands and hinges will mark it.`]
      : []),
    ...(missing.length > 0
      ? [`Missing from the bag: ${listed(missing.map(({ name, short }) => `${short} × ${name}`))}.`]
      : []),
    ...(undrilled > 0 ? [`${counted(undrilled, 'fitting')} not drilled yet.`] : []),
    ...(holesDone.filled < filledHoles
      ? [
          `${filledHoles - holesDone.filled} old ${filledHoles - holesDone.filled === 1 ? 'hole is' : 'holes are'} not filled.`,
        ]
      : []),
    ...(lifting.people === 2 && lifting.here.length < 2
      ? [
          `${MASS.format(lifting.weight, job.settings.units)}: needs two people. ${lifting.here.length === 0 ? 'No one is on site now.' : `Only ${lifting.here.join(', ')} is on site now.`}`,
        ]
      : []),
  ];
}

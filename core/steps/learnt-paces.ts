import { STATED_FROM } from './stated-step.ts';
import { groupBy } from '../units/maps.ts';
import { derived } from '../job/derived.ts';
import { progressByTask, standingStamps } from '../job/progress.ts';
import type { Job } from '../job/document/schema.ts';
import type { PaceKey } from '../job/document/crew-schema.ts';
import { SKILL_FACTOR } from '../quantities/pace.ts';
import { pieceSteps } from './piece-steps.ts';
import { operationOf } from './operations.ts';
import type { PieceStep } from './step.ts';

/** Whose pace a step goes by: its kind of work, or the tool of a coat. */
export const paceKeyOf = ({ operation, coat }: Pick<PieceStep, 'operation' | 'coat'>): PaceKey =>
  operationOf({ operation }).pace ?? coat?.coat.tool ?? 'brush';

/** Fewer measured entries than this say nothing yet; the last so many count. */
const MIN_ENTRIES = 3;
const MAX_ENTRIES = 9;
/** Beyond this either way it is no pace but a stamp that was forgotten. */
const MAX_RATIO = 5;

/** What the log says of one kind of work: how much longer it takes than at the usual pace, and from how many entries. */
export interface LearntPace {
  factor: number;
  entries: number;
}

/** How long work takes here, against the usual pace. */
export interface LearntPaces {
  /** From this job's own log, where enough of it was measured. */
  readonly learnt: ReadonlyMap<PaceKey, LearntPace>;
  factorOf(step: Pick<PieceStep, 'operation' | 'coat'>): number;
}

/**
 * Paces that the painters' own log has taught: by kind of work the median, over the last nine entries that were measured
 * from start to end, of minutes taken over minutes at the usual pace and skill. Where fewer than three were, what earlier
 * jobs have left (`job.paces`), otherwise 1.
 */
export const learntPaces = derived(
  ['log', 'pieces', 'groups', 'leftOut', 'defects', 'paces', ...STATED_FROM],
  (job): LearntPaces => {
    const learnt = learntFrom(job);
    return {
      learnt,
      factorOf: (step) => {
        const key = paceKeyOf(step);
        return learnt.get(key)?.factor ?? job.paces[key] ?? 1;
      },
    };
  },
);

function learntFrom(job: Job): Map<PaceKey, LearntPace> {
  return new Map(
    [...groupBy(measuredSteps(job), ({ step }) => paceKeyOf(step))].flatMap(([key, all]): [PaceKey, LearntPace][] => {
      const last = all.slice(-MAX_ENTRIES).map(({ minutes, usual }) => minutes / usual);
      return last.length < MIN_ENTRIES ? [] : [[key, { factor: medianOf(last), entries: last.length }]];
    }),
  );
}

/** A step that was timed: how long it took, and how long it takes its painter at the usual pace. */
export interface MeasuredStep {
  step: PieceStep;
  at: string;
  minutes: number;
  usual: number;
}

/** Every step whose work was measured from its start, in the order in which they were done. */
export function measuredSteps(job: Job): MeasuredStep[] {
  const measured = standingStamps(job.log).filter(({ event, isMeasured }) => event === 'done' && isMeasured);
  if (measured.length === 0) return [];
  const steps = new Map(job.pieces.flatMap((piece) => pieceSteps(job, piece)).map((step) => [step.id, step]));
  const skills = new Map(job.crew.map(({ id, skill }) => [id, SKILL_FACTOR[skill]]));
  const progress = progressByTask(job.log);
  return measured
    .flatMap(({ taskId, at, minutes, by }): MeasuredStep[] => {
      const step = steps.get(taskId);
      if (!step || !minutes || progress.get(taskId)?.doneAt !== at) return [];
      const usual = step.minutes * (skills.get(by ?? '') ?? 1);
      const isBelievable = usual > 0 && minutes / usual < MAX_RATIO && minutes / usual > 1 / MAX_RATIO;
      return isBelievable ? [{ step, at, minutes, usual }] : [];
    })
    .sort((one, other) => (one.at < other.at ? -1 : 1));
}

/** The middle one of some numbers; between the two middle ones where they are even in number. At least one. */
export function medianOf(numbers: readonly number[]): number {
  const sorted = [...numbers].sort((one, other) => one - other);
  const half = Math.floor(sorted.length / 2);
  const [low = NaN, high = NaN] = [sorted[half - 1], sorted[half]];
  return sorted.length % 2 === 1 ? high : (low + high) / 2;
}

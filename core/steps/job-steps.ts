import { derived } from '../job/derived.ts';
import { clocksOf, type JobClocks } from '../clocks/job-clocks.ts';
import { progressByTask } from '../job/progress.ts';
import type { Job } from '../job/document/schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { crewFactor } from '../quantities/pace.ts';
import type { CoatCondition } from '../shelf/drying/stage-legs.ts';
import { coatCondition } from './wetness/coat-condition.ts';
import { learntDrying } from './wetness/learnt-drying.ts';
import { isCoat } from './wetness/current-coats.ts';
import { isPlannable, pieceSteps } from './piece-steps.ts';
import { STATED_FROM } from './stated-step.ts';
import type { PieceStep } from './step.ts';
import { horizonDays } from './plan-horizon.ts';

/** What reading a plan and a log takes of a job: its steps, its clocks, and how its coats differ from their tins. */
export interface JobSteps {
  /** By id. */
  steps: Map<string, PieceStep>;
  clocks: JobClocks;
  /** By the coat's step id. */
  conditions: Map<string, CoatCondition>;
}

/**
 * The days for which a job has clocks at a local time: its first plan's horizon, and the weeks that have gone by, so that
 * the clocks of one day serve the next one too.
 */
export function clocksAt(job: Job, now: string): { clocks: JobClocks; nowTick: number; factor: number } {
  const nowTick = Math.max(0, minutesSince(`${job.planning.start}T00:00`, now, job.site.timeZone));
  const factor = crewFactor(job.crew);
  const clocks = clocksOf(job, horizonDays(job, factor) + 7 * Math.ceil(nowTick / (7 * 1440)));
  return { clocks, nowTick, factor };
}

/** The parts of a job that its steps, their clocks and their drying follow from. */
export const STEPS_FROM = [
  ...(['pieces', 'groups', 'climates', 'places', 'log', 'readings', 'leftOut', 'defects'] as const),
  ...STATED_FROM,
] as const;

/** The steps of a job as they stand, without the problem of planning them: a fraction of the time. `now` is local ISO time. */
export const jobSteps = derived(
  STEPS_FROM,
  (job, now: string): JobSteps => {
    const { clocks } = clocksAt(job, now);
    const progress = progressByTask(job.log);
    const learnt = learntDrying(job, clocks);
    const all = job.pieces.filter((piece) => isPlannable(job, piece)).flatMap((piece) => pieceSteps(job, piece));
    return {
      steps: new Map(all.map((step) => [step.id, step])),
      clocks,
      conditions: new Map(
        all
          .filter(isCoat)
          .map((step) => [step.id, coatCondition(job, clocks, learnt, step, progress.get(step.id) ?? null)]),
      ),
    };
  },
  { last: 2 },
);

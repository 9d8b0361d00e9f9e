import type { Job } from '../job/document/schema.ts';
import { oneMoreWords } from './one-more.ts';
import { CHANGES, withChanges, type Change, type CommandCall } from './changes.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { verifiedPlan } from '../scheduling/verified-plan.ts';

/** Changes that were tried together, and when all would hang with them. */
export interface SpeedUp {
  /** Ids of {@link CHANGES}. */
  changes: string[];
  effort: number;
  /** Minutes from the plan's t0; null where no plan was found. */
  finish: number | null;
  meets: boolean;
  /** The commands that make them. */
  calls: CommandCall[];
}

/** By when all is to hang, and when it would as it is, in minutes from the plan's t0. */
export interface DayAsked {
  due: number;
  finish: number;
}

export interface TakeOptions {
  /** Schedules that each search may build. */
  steps?: number;
  shouldStop?: () => boolean;
  /** Told of everything that has been tried. */
  onTried?: (bought: SpeedUp) => void;
  /** Told at once, before anything is planned, what one more place or pair of hands would save about. */
  onEstimated?: (words: string) => void;
}

const USUAL_STEPS = 80;
/** How many changes are joined by twos where none is enough. */
const PAIRED = 4;

/**
 * What it would take to be done by a day: each change by itself is planned anew from
 * `now` and verified, and where none is enough, the best of them by twos. What meets the date comes first, the cheapest
 * of it in front; then what buys most.
 */
export function findSpeedUps(
  job: Job,
  now: string,
  { due, finish: planned }: DayAsked,
  options: TakeOptions = {},
): SpeedUp[] {
  const tried: SpeedUp[] = [];
  if (options.onEstimated) {
    const { problem } = jobToProblem(job, now, { goesOn: true });
    options.onEstimated(oneMoreWords(job, problem, Math.ceil(planned / problem.tickMinutes)));
  }
  const attempt = (changes: readonly Change[]): void => {
    const changed = options.shouldStop?.() ? null : withChanges(job, changes);
    if (changed === null) return;
    const { problem } = jobToProblem(changed.job, now, { goesOn: true });
    // What only gives more hours, places or hands leaves the accepted plan possible: no answer is later than that.
    const from = job.plan?.t0 === problem.t0 ? { from: job.plan.tasks } : {};
    const plan = verifiedPlan(problem, {
      ...from,
      steps: options.steps ?? USUAL_STEPS,
      ...(options.shouldStop ? { shouldStop: options.shouldStop } : {}),
    });
    const finish = plan.status === 'infeasible' ? null : plan.finish;
    const bought = {
      changes: changes.map(({ id }) => id),
      effort: changes.reduce((sum, { effort }) => sum + effort, 0),
      finish,
      meets: finish !== null && finish <= due,
      calls: changed.calls,
    };
    tried.push(bought);
    options.onTried?.(bought);
  };
  for (const change of CHANGES) attempt([change]);
  if (!tried.some(({ meets }) => meets)) {
    const best = tried.toSorted(byGain).slice(0, PAIRED);
    const changes = best.flatMap(({ changes: [id] }) => CHANGES.find((change) => change.id === id) ?? []);
    changes.forEach((one, index) => changes.slice(index + 1).forEach((other) => attempt([one, other])));
  }
  return tried.sort((one, other) =>
    one.meets !== other.meets ? (one.meets ? -1 : 1) : one.meets ? one.effort - other.effort : byGain(one, other),
  );
}

function byGain(one: SpeedUp, other: SpeedUp): number {
  return (one.finish ?? Infinity) - (other.finish ?? Infinity) || one.effort - other.effort;
}

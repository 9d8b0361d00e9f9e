import { BoundSearch, type LowerBound } from '../bound/lower-bound.ts';
import type { PlanProblem } from '../problem.ts';
import type { FoundPlan, NoPlan, PlannedTask, PlanSolution } from '../plan.ts';
import { structuralReasons, stuckReason, unreachableReason } from './reasons.ts';
import { compareCosts } from '../aim.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { BuildOrder } from './build.ts';
import { CalmSearch, type CalmOptions } from './calm.ts';
import { keptPlan } from './kept-plan.ts';
import { distanceOf, repairSchedule, type Distance } from './repair.ts';
import { policyOf } from './policy.ts';
import type { Prepared } from './prepared.ts';
import { prepare } from './prepare.ts';
import { duesOf } from './appointments.ts';
import { solveExactly, isSmall } from './branch-and-bound.ts';
import { placedSchedule } from './placed-schedule.ts';
import type { Schedule } from './schedule.ts';
import { withoutRedundantSetups } from './redundant-setups.ts';
import { lastBefore } from './last-before.ts';
import { search } from './search.ts';

export interface SolveOptions {
  seed?: number;
  /** How many schedules may be built; by default fewer for larger problems. */
  steps?: number;
  /** A plan of much the same problem, to begin with: where it still holds, the answer is no worse. */
  from?: readonly PlannedTask[];
  /** Asked once there is a plan; true ends the search with the best one so far. */
  shouldStop?: () => boolean;
  /** Asked as long as there is no plan yet; true ends the search without one, and the answer's reason says so. */
  giveUp?: () => boolean;
  /** Told of every better plan while the search runs. */
  onBetter?: (plan: FoundPlan) => void;
  /** Told why no plan can be earlier than the bound, whenever a better bound is known. */
  onBound?: (bound: LowerBound) => void;
}

const STOPPED = { kind: 'stopped', task: null } as const;

/** How many partial plans are looked at for every schedule that may be built, where all of them are tried. */
const TRIES_PER_STEP = 6;
/** The same by default for up to so many tasks: some seconds of work, after which most of them are proved. */
const TRIED_OUT = { tasks: 16, tries: 70_000 };
/** How many steps go at most into making calmer what trying everything has found. */
const MAX_CALMED = 1000;
/** And how many into having what moves of a kept plan go in whole batches. */
const NEAR_CALMED = 200;
/** The most of more tasks. */
const MAX_TRIES = 20_000;

/** Schedules to build by default: some seconds of work, for some thousand tasks as well. */
function usualSteps(prepared: Prepared): number {
  const { tasks, trouble } = prepared.problem;
  const count = Math.max(1, tasks.length);
  // Where a finish counts to the tick, there is more to find; of what is small, all is tried out after that.
  const most = trouble == null ? Math.max(1500, (isSmall(prepared) ? 180_000 : 600_000) / count) : 1500;
  return Math.round(Math.max(24, Math.min(most, 2_500_000 / count)));
}

/** A schedule as an answer: proved where it ends at the bound, as far as finishes count. */
function described({ counted }: Prepared, schedule: Schedule, bound: LowerBound): FoundPlan {
  const cost = schedule.cost();
  const { finish } = cost;
  return {
    status: cost.counted <= counted(bound.finish) ? 'optimal' : 'feasible',
    ...schedule.result(),
    finish,
    lowerBound: bound.finish,
    cost,
  };
}

/** A plan that was kept close to another one, with how far it is from that. */
export type NearPlan = (FoundPlan & { distance: Distance }) | NoPlan;

/**
 * Plans a problem that has changed since a plan of it was made, moving as little of it as it need. The answer is a plan
 * with a proved lower bound, or why there is none; deterministic for `steps`, which says how much is tried.
 */
export function solveNear(
  problem: PlanProblem,
  plan: { tasks: readonly PlannedTask[]; finish: number },
  options: { steps?: number; shouldStop?: () => boolean } = {},
): NearPlan {
  const prepared = prepare(problem);
  const reasons = structuralReasons(prepared);
  if (reasons.length > 0) return infeasible(reasons);
  const bounds = BoundSearch.of(prepared);
  if ('task' in bounds) return infeasible([unreachableReason(prepared, bounds)]);
  const near = repairSchedule(prepared, plan, { steps: 0, ...options });
  if ('schedule' in near) {
    const planned = new Map(plan.tasks.map((task) => [task.id, task]));
    const kept = keptPlan(prepared, planned);
    const shouldStop = options.shouldStop ?? ((): boolean => false);
    const schedule = calmed(prepared, near.schedule, { seed: 1, steps: NEAR_CALMED, shouldStop, kept });
    const distance = distanceOf(prepared, schedule, kept, plan.finish);
    return { ...described(prepared, schedule, bounds.chain), distance };
  }
  return infeasible(near.stuck === null ? [STOPPED] : [stuckReason(prepared, near.stuck)]);
}

/**
 * Plans a problem that has passed its schema. The answer is a plan with its proved lower bound, or the reasons why
 * there is none; never an exception. Deterministic for a problem, seed and number of steps.
 */
export function solve(problem: PlanProblem, options: SolveOptions = {}): PlanSolution {
  const prepared = prepare(problem);
  const reasons = structuralReasons(prepared);
  if (reasons.length > 0) return infeasible(reasons);
  const bounds = BoundSearch.of(prepared);
  if ('task' in bounds) return infeasible([unreachableReason(prepared, bounds)]);
  const latest = bounds.latestTimes(problem.horizon);
  let isStopped = false;
  const shouldStop = (): boolean => (isStopped ||= options.shouldStop?.() ?? false);
  const steps = options.steps ?? usualSteps(prepared);
  let bound = bounds.chain;
  const proved = (better: LowerBound): number => {
    bound = better;
    options.onBound?.(bound);
    return bound.finish;
  };
  proved(bound);
  const describe = (schedule: Schedule): FoundPlan => described(prepared, schedule, bound);
  const searched = search(prepared, {
    seed: options.seed ?? 1,
    steps,
    first: options.from ? [asPlanned(prepared, options.from)] : [],
    dues: prepared.tasks.some(({ isPinned, isRecorded }) => isPinned && !isRecorded)
      ? duesOf(prepared, latest?.starts ?? [])
      : null,
    latest: bounds.latestTimes(bounds.chain.finish)?.starts ?? null,
    latestFor: (finish) => bounds.latestTimes(finish)?.starts ?? null,
    boundBelow: (finish) => proved(bounds.below(finish)),
    laterBy: problem.later ?? 0,
    tryOut: (deadline, begun, tried) => solveExactly(prepared, bounds, deadline, { tries: tried, shouldStop, begun }),
    shouldStop,
    giveUp: options.giveUp ?? (() => false),
    onBetter: (schedule) => options.onBetter?.(describe(schedule)),
  });
  if ('stopped' in searched) return infeasible([STOPPED]);
  let best = 'best' in searched ? searched.best : null;
  const isTriedOut = options.steps === undefined && problem.tasks.length <= TRIED_OUT.tasks;
  const tries = { left: isTriedOut ? TRIED_OUT.tries : Math.min(MAX_TRIES, steps * TRIES_PER_STEP) };
  // What may be later for being calmer is not to be made earlier again.
  const mayBeEarlier = (): boolean =>
    best === null || (!problem.later && best.cost().counted > prepared.counted(bound.finish));
  while (isSmall(prepared) && mayBeEarlier()) {
    // What ends in the same half-day is no earlier.
    const deadline = best === null ? problem.horizon : lastBefore(prepared, best.cost().finish);
    const rest = solveExactly(prepared, bounds, deadline, { tries, shouldStop });
    if (rest.kind === 'earlier') {
      best = calmed(prepared, placedSchedule(prepared, withoutRedundantSetups(prepared, rest.placements)), {
        seed: options.seed ?? 1,
        steps,
        shouldStop,
      });
      options.onBetter?.(describe(best));
      continue;
    }
    if (rest.kind === 'none' && best !== null) proved({ finish: deadline + 1, because: { kind: 'exhausted' } });
    break;
  }
  if (best === null) return infeasible('stuck' in searched ? [stuckReason(prepared, searched.stuck)] : [STOPPED]);
  return describe(best);
}

/** A schedule made calmer, where its problem says what trouble is. */
function calmed(
  prepared: Prepared,
  schedule: Schedule,
  { seed, steps, ...asked }: { seed: number; steps: number } & Pick<CalmOptions, 'shouldStop' | 'kept'>,
): Schedule {
  let best = schedule;
  if (prepared.problem.trouble == null) return best;
  const search = new CalmSearch(prepared, schedule, {
    // A plan that is kept is not put off for being calm.
    limit: asked.kept ? schedule.cost().finish : schedule.cost().counted,
    random: seededRandom(seed),
    ...asked,
    compare: compareCosts,
    onBetter: (calmer) => (best = calmer),
  });
  search.round(Math.min(steps, MAX_CALMED));
  return best;
}

/** The rule that builds a plan again as it is. */
function asPlanned(prepared: Prepared, tasks: readonly PlannedTask[]): BuildOrder {
  const planned = new Map(tasks.map((task) => [task.id, task]));
  return policyOf(prepared, planned, { slack: 0, keepsTimes: true, keepsHands: true });
}

function infeasible(reasons: NoPlan['reasons']): NoPlan {
  return { status: 'infeasible', reasons };
}

import { proxy } from 'comlink';
import { compareByLimit } from '../../core/scheduling/aim.ts';
import type { Job } from '../../core/job/document/schema.ts';
import type { AcceptedPlan } from '../../core/job/document/plan-schema.ts';
import { together, type Risk } from '../../core/scheduling/chance/risk.ts';
import type { SpeedUp, DayAsked } from '../../core/choosing/speed-ups.ts';
import type { NoPlan } from '../../core/scheduling/plan.ts';
import type { ComparedPlan, DatedPlan } from '../../core/planning/revising/compare-plans.ts';
import type { WaitConflict } from '../../core/scheduling/wait-conflicts.ts';
import type { Move, Moved } from '../../core/planning/revising/moving.ts';
import type { PendingQuery } from './pending-query.ts';
import { BestPlan } from './best-plan.ts';
import { KeptWorkers } from './kept-workers.ts';
import type { NearAnswer, Planner, Taken, VerifiedPlan } from './planner.worker.ts';

export type { VerifiedPlan };

const planners = new KeptWorkers<Planner>(
  () => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' }),
);

/** Workers that look for a plan, or play one, at once: each by its own chances. */
const WORKERS = 2;

/** A plan that may end later than the soonest, if it is calmer for that; minutes. */
export interface Calmer {
  /** The plan that it is to be calmer than. */
  than: DatedPlan;
  /** The last finish that counts as soon enough. */
  limit: number;
  laterBy: number;
}

/**
 * Plans a job from `now` in workers of their own, which look for it in different ways; `onBetter` is told of every better
 * plan, and the answer is the best of all.
 */
export function startPlanning(
  job: Job,
  now: string,
  onBetter: (found: VerifiedPlan) => void,
  calmer?: Calmer,
): PendingQuery<VerifiedPlan | NoPlan> {
  const best = new BestPlan(onBetter, calmer && compareByLimit(calmer.limit));
  const told = proxy((found: VerifiedPlan) => {
    best.take(found);
    return Promise.resolve();
  });
  const from = calmer?.than ?? job.plan;
  const asked = Array.from({ length: WORKERS }, (_each, index) =>
    planners.ask<VerifiedPlan | NoPlan>((planner) =>
      planner.plan(job, now, told, {
        seed: index + 1,
        from: index === 0 ? from : null,
        laterBy: calmer?.laterBy ?? 0,
      }),
    ),
  );
  const cancel = (): void => asked.forEach((each) => each.cancel());
  const searches = asked.map(async ({ result }) => {
    const found = await result;
    return 'plan' in found ? best.take(found) : found;
  });
  const all = Promise.all(searches).then(([first]) => best.plan ?? first ?? NOTHING_ASKED);
  // No earlier one is there to look for; a calmer one may be.
  const ends = searches.map(async (search) => {
    await search;
    return best.isProved && best.plan && !calmer ? best.plan : all;
  });
  return { result: Promise.race(ends).finally(cancel), cancel };
}

/** Runs that are played in all. */
const PLAYED = 500;
const NOTHING_ASKED: NoPlan = { status: 'infeasible', reasons: [] };

/** Plays a plan many times as it might turn out, on as many cores as may be spared. */
export function startSampling(job: Job, now: string, plan: Pick<AcceptedPlan, 'tasks'>): PendingQuery<Risk> {
  const samples = PLAYED / WORKERS;
  const parts = Array.from({ length: WORKERS }, (_each, index) =>
    planners.ask((planner) => planner.risk(job, now, plan, { samples, seed: index + 1 })),
  );
  const cancel = (): void => parts.forEach((part) => part.cancel());
  return { result: Promise.all(parts.map(({ result }) => result)).then(together), cancel };
}

/** Tries what it would take to be done by a day. */
export function startTaking(
  job: Job,
  now: string,
  asked: DayAsked,
  onTold: (told: Taken) => void,
): PendingQuery<SpeedUp[]> {
  const told = proxy((taken: Taken) => {
    onTold(taken);
    return Promise.resolve();
  });
  return planners.ask((planner) => planner.take(job, now, asked, told));
}

/** Plans a job from `now`, moving as little of a plan as it need. */
export const startNearPlanning = (job: Job, now: string, plan: ComparedPlan): PendingQuery<NearAnswer> =>
  planners.ask<NearAnswer>((planner) => planner.planNear(job, now, plan));

/** Looks for what of the accepted plan would come too early. */
export const startLookingAhead = (job: Job, now: string): PendingQuery<WaitConflict[]> =>
  planners.ask((planner) => planner.lookAhead(job, now));

/** A plan whose runs are being moved by hand, in a worker of its own. */
export interface Moving {
  move(move: Move): Promise<Moved>;
  end(): void;
}

/** Gets ready to move runs of a plan: the first move waits until that is done. */
export function beginMoving(job: Job, now: string, plan: ComparedPlan): Moving {
  const planner = planners.hold();
  const ready = planner.ask((worker) => worker.beginMoving(job, now, plan));
  return {
    move: async (move) => {
      await ready;
      return planner.ask<Moved>((worker) => worker.move(move));
    },
    end: planner.end,
  };
}

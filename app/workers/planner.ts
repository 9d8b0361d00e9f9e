import { proxy, wrap, type Remote } from 'comlink';
import type { Job } from '../../core/job/schema.ts';
import type { AcceptedPlan } from '../../core/job/record.ts';
import { together, type Risk } from '../../core/planning/risk.ts';
import type { Bought } from '../../core/choosing/what-would-it-take.ts';
import type { NoPlan } from '../../core/planning/problem.ts';
import type { ComparedPlan } from '../../core/planning/compare-plans.ts';
import type { Move, Moved } from '../../core/planning/moving.ts';
import type { Asked } from './asked.ts';
import type { NearAnswer, Planner, VerifiedPlan } from './planner.worker.ts';

export type { VerifiedPlan };

/** A worker of its own, and its end. */
function newPlanner(): { planner: Remote<Planner>; end: () => void } {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' });
  return { planner: wrap<Planner>(worker), end: () => worker.terminate() };
}

/** Plans a job from `now` in a worker of its own; `onBetter` is told of every better plan. */
export function startPlanning(
  job: Job,
  now: string,
  onBetter: (found: VerifiedPlan) => void,
): Asked<VerifiedPlan | NoPlan> {
  const { planner, end } = newPlanner();
  const told = proxy((found: VerifiedPlan) => {
    onBetter(found);
    return Promise.resolve();
  });
  return { result: planner.plan(job, now, told).finally(end), cancel: end };
}

/** How many workers play a plan at once. */
const PLAYERS = 2;
const PLAYED = 500;

/** Plays a plan many times as it might turn out, on as many cores as may be spared. */
export function startSampling(job: Job, now: string, plan: Pick<AcceptedPlan, 'tasks'>): Asked<Risk> {
  const players = Array.from({ length: PLAYERS }, newPlanner);
  const end = (): void => players.forEach((player) => player.end());
  const samples = PLAYED / PLAYERS;
  const parts = players.map(({ planner }, index) => planner.risk(job, now, plan, { samples, seed: index + 1 }));
  return { result: Promise.all(parts).then(together).finally(end), cancel: end };
}

/** Tries what it would take to be done by `due`, in minutes from the plan's t0. */
export function startTaking(job: Job, now: string, due: number, onTried: (bought: Bought) => void): Asked<Bought[]> {
  const { planner, end } = newPlanner();
  const told = proxy((bought: Bought) => {
    onTried(bought);
    return Promise.resolve();
  });
  return { result: planner.take(job, now, due, told).finally(end), cancel: end };
}

/** Plans a job from `now`, moving as little of a plan as it need. */
export function startNearPlanning(job: Job, now: string, plan: ComparedPlan): Asked<NearAnswer> {
  const { planner, end } = newPlanner();
  return { result: planner.planNear(job, now, plan).finally(end), cancel: end };
}

/** A plan whose runs are being moved by hand, in a worker of its own. */
export interface Moving {
  move(move: Move): Promise<Moved>;
  end(): void;
}

/** Gets ready to move runs of a plan: the first move waits until that is done. */
export function beginMoving(job: Job, now: string, plan: ComparedPlan): Moving {
  const { planner, end } = newPlanner();
  const ready = planner.beginMoving(job, now, plan);
  return {
    move: async (move) => {
      await ready;
      return planner.move(move);
    },
    end,
  };
}

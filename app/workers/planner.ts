import { proxy, wrap } from 'comlink';
import type { Job } from '../../core/job/schema.ts';
import type { NoPlan } from '../../core/planning/problem.ts';
import type { Planner, VerifiedPlan } from './planner.worker.ts';

export type { VerifiedPlan };

/** A search that is under way in its own worker. */
export interface Planning {
  result: Promise<VerifiedPlan | NoPlan>;
  /** Ends the search; `result` then never settles. */
  cancel(): void;
}

/** Plans a job from `now` in a worker of its own; `onBetter` is told of every better plan. */
export function startPlanning(job: Job, now: string, onBetter: (found: VerifiedPlan) => void): Planning {
  const worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' });
  const planner = wrap<Planner>(worker);
  const told = proxy((found: VerifiedPlan) => {
    onBetter(found);
    return Promise.resolve();
  });
  const result = planner.plan(job, now, told).finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

import { proxy } from 'comlink';
import type { Recommended } from '../../core/choosing/recommended.ts';
import type { WorthTesting } from '../../core/choosing/surer.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { offerWorkers } from './offers.ts';
import type { PendingQuery } from './pending-query.ts';

/** Works out what is recommended for every group that has no build-up yet. */
export const startRecommended = (job: Job): PendingQuery<Recommended[]> =>
  offerWorkers.ask((worker) => worker.recommend(job));

/** Works out which open tests could change most; `onBetter` hears of the best so far. */
export function startSurest(job: Job, onBetter: (soFar: WorthTesting[]) => void): PendingQuery<WorthTesting[]> {
  const told = proxy((soFar: WorthTesting[]) => {
    onBetter(soFar);
    return Promise.resolve();
  });
  return offerWorkers.ask((worker) => worker.surest(job, told));
}

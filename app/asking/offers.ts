import type { FinishGroup } from '../../core/job/document/group-schema.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { KeptWorkers } from './kept-workers.ts';
import type { Offers as Worked } from './offers.worker.ts';
import { unpacked, type Offers } from './packed-offers.ts';
import type { PendingQuery } from './pending-query.ts';

/** Workers that compose and weigh build-ups. */
export const offerWorkers = new KeptWorkers<Worked>(
  () => new Worker(new URL('./offers.worker.ts', import.meta.url), { type: 'module', name: 'offers' }),
);

/** Composes and weighs what may be chosen for a group. */
export function startOffers(job: Job, group: FinishGroup): PendingQuery<Offers> {
  const { result, cancel } = offerWorkers.ask((worker) => worker.offer(job, group));
  return { result: result.then(unpacked), cancel };
}

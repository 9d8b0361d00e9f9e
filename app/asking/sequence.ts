import { proxy } from 'comlink';
import type { Job } from '../../core/job/document/schema.ts';
import type { OrderFound } from '../../core/sequence/order-search.ts';
import type { Freedom } from '../../core/sequence/stroke-order.ts';
import type { PendingQuery } from './pending-query.ts';
import { KeptWorkers } from './kept-workers.ts';
import type { AskedPass, StrokesWorker, WaySummary } from './sequence.worker.ts';

export type { AskedPass, WaySummary };

const workers = new KeptWorkers<StrokesWorker>(
  () => new Worker(new URL('./sequence.worker.ts', import.meta.url), { type: 'module', name: 'strokes' }),
);

/** Asks what can be done about the oldest lap of a pass. */
export const startWays = (job: Job, asked: AskedPass): PendingQuery<WaySummary[]> =>
  workers.ask((worker) => worker.ways(job, asked));

/** Searches an order; `onBetter` is told of every better one. */
export function startSearch(
  job: Job,
  asked: AskedPass,
  options: { freedom: Freedom; steps: number },
  onBetter: (found: OrderFound) => void,
): PendingQuery<OrderFound | null> {
  const told = proxy((found: OrderFound) => {
    onBetter(found);
    return Promise.resolve();
  });
  return workers.ask((worker) => worker.search(job, asked, options, told));
}

import { proxy, wrap } from 'comlink';
import type { Job } from '../../core/job/schema.ts';
import type { OrderFound } from '../../core/strokes/order-search.ts';
import type { Freedom } from '../../core/strokes/stroke-order.ts';
import type { AskedPass, StrokesWorker, WaySummary } from './strokes.worker.ts';

export type { AskedPass, WaySummary };

/** Something that is worked out in a worker of its own. */
export interface Working<T> {
  result: Promise<T>;
  /** Ends the work; `result` then never settles. */
  cancel(): void;
}

const newWorker = (): Worker =>
  new Worker(new URL('./strokes.worker.ts', import.meta.url), { type: 'module', name: 'strokes' });

/** Asks what can be done about the oldest lap of a pass. */
export function startWays(job: Job, asked: AskedPass): Working<WaySummary[]> {
  const worker = newWorker();
  const result = wrap<StrokesWorker>(worker)
    .ways(job, asked)
    .finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

/** Searches an order; `onBetter` is told of every better one. */
export function startSearch(
  job: Job,
  asked: AskedPass,
  options: { freedom: Freedom; steps: number },
  onBetter: (found: OrderFound) => void,
): Working<OrderFound | null> {
  const worker = newWorker();
  const told = proxy((found: OrderFound) => {
    onBetter(found);
    return Promise.resolve();
  });
  const result = wrap<StrokesWorker>(worker)
    .search(job, asked, options, told)
    .finally(() => worker.terminate());
  return { result, cancel: () => worker.terminate() };
}

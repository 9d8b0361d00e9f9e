import { availableParallelism } from 'node:os';
import { Tinypool } from 'tinypool';
import { jsonText, problemDetails } from './answer.ts';
import type { Limited, PlanQuestions } from './plan.thread.ts';

/** Milliseconds that one search may take. */
const MAX_SEARCH = 10_000;
/** Searches at once: one processor is left for pages. */
const MAX_AT_ONCE = Math.max(1, availableParallelism() - 1);
/** Searches that may wait for a thread. */
const MAX_WAITING = 4;

/** A pool of threads: runs one of their functions, and counts the searches that wait. */
export type PlanThreads = Pick<Tinypool, 'run' | 'queueSize'>;

/** Threads that plan, so that pages do not wait for them; each ends a minute after its last search. */
const planThreads: PlanThreads = new Tinypool({
  filename: new URL('./plan.thread.ts', import.meta.url).href,
  minThreads: 0,
  maxThreads: MAX_AT_ONCE,
  idleTimeout: 60_000,
  isolateWorkers: false,
});

/**
 * Plans in a thread of its own, in at most so many milliseconds; 503 where no plan was found in time, and, with the
 * seconds to wait, where too many searches wait already. A request that is broken off ends its search.
 */
export async function planInTime<Name extends keyof PlanQuestions>(
  name: Name,
  asked: PlanQuestions[Name],
  signal: AbortSignal,
  { threads = planThreads, limit = MAX_SEARCH } = {},
): Promise<Response> {
  if (threads.queueSize >= MAX_WAITING) {
    const wait = Math.ceil((limit * MAX_WAITING) / MAX_AT_ONCE / 1000);
    const detail = `${MAX_WAITING} plans are queued. Try again in ${wait} s.`;
    return problemDetails(503, 'Too many plans at once', detail, { headers: { 'retry-after': String(wait) } });
  }
  const task: Limited<PlanQuestions[Name]> = { asked, limit };
  try {
    const text = (await threads.run(task, { name, signal })) as string | null;
    if (text !== null) return jsonText(text);
  } catch (error) {
    if (!signal.aborted) throw error;
    return problemDetails(503, 'The request was aborted', 'Its search was stopped.');
  }
  const detail = `No plan was found within ${limit / 1000} s. “npm run plan -- FILE” has no time limit.`;
  return problemDetails(503, 'It took too long', detail);
}

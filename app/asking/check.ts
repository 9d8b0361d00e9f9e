import type { Outcome } from '../../core/units/outcome.ts';
import type { StoredJob } from '../keeping/database.ts';
import type { Checking } from './check.worker.ts';
import { KeptWorkers } from './kept-workers.ts';

/** Ms after which a job that was opened is looked over: the screen that was asked for comes first. */
const QUIET = 3000;
/** Ms that it waits all the same once something is to be written, so that the hand sees its tap first. */
const AFTER_TAP = 150;

const checkers = new KeptWorkers<Checking>(
  () => new Worker(new URL('./check.worker.ts', import.meta.url), { type: 'module', name: 'check' }),
);

const pause = (ms: number): Promise<void> => new Promise((go) => setTimeout(go, ms));

/** Looks a stored job over in a worker, once the screen stands or a write waits. Rejects where no worker can be had. */
export async function checkInWorker(row: StoredJob, wanted: Promise<void>): Promise<Outcome<unknown>> {
  await Promise.race([pause(QUIET), wanted.then(() => pause(AFTER_TAP))]);
  return checkers.ask<Outcome<unknown>>((checker) => checker.check(row)).result;
}

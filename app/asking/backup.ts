import { proxy } from 'comlink';
import type { Job } from '../../core/job/document/schema.ts';
import type { Outcome } from '../../core/units/outcome.ts';
import { jobsInTabOnly } from '../keeping/keeping.ts';
import { begin } from '../keeping/underway.ts';
import type { PendingQuery } from './pending-query.ts';
import type { BackupProgress, Backups, ReadFile, WrittenBackup } from './backup.worker.ts';
import { KeptWorkers } from './kept-workers.ts';

export type { BackupProgress, ReadFile, WrittenBackup };

const workers = new KeptWorkers<Backups>(
  () => new Worker(new URL('./backup.worker.ts', import.meta.url), { type: 'module', name: 'backup' }),
);

type Tell = (progress: BackupProgress) => void;

/** Asks for something that must not be broken off by a new version. */
function ask<A>(question: Parameters<typeof workers.ask<A>>[0]): PendingQuery<A> {
  const over = begin();
  const asked = workers.ask(question);
  return {
    result: asked.result.finally(over),
    cancel: () => {
      over();
      asked.cancel();
    },
  };
}

/**
 * Writes jobs as they are given, or all that are in use as they stand in this tab or are kept, into a file of a folder, or into one to be handed
 * over; and reads it back.
 */
export const startBackup = (
  jobs: readonly Job[] | null,
  target: FileSystemFileHandle | null,
  tell: Tell,
): PendingQuery<Outcome<WrittenBackup>> =>
  ask<Outcome<WrittenBackup>>((worker) =>
    worker.write(jobs, jobsInTabOnly(), new Date().toISOString(), target, proxy(tell)),
  );

/** Takes in what a file holds. Given up, it leaves nothing behind. */
export function startReading(file: File, tell: Tell): PendingQuery<Outcome<ReadFile>> {
  const reading = ask<Outcome<ReadFile>>((worker) => worker.read(file, proxy(tell)));
  return {
    result: reading.result,
    cancel: () => {
      reading.cancel();
      void workers.ask((worker) => worker.forgetHalfTaken()).result;
    },
  };
}

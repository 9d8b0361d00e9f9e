import type { JobStore, Unkept } from '../keeping/job-store.ts';
import type { Unwritten } from '../keeping/keeping.ts';
import { exportJob } from './export-job.ts';

/** The words and buttons for a job whose changes can't be written. */
export function unkeptJob(store: JobStore, { changes, why }: Unkept): Unwritten {
  const job = store.latest();
  const what =
    changes === 0
      ? 'Your changes are safe, but the job file can’t be saved'
      : `${changes === 1 ? 'One change' : `${changes} changes`} of ${job?.name ?? 'this job'} ${changes === 1 ? 'is' : 'are'} in this tab only`;
  return {
    words: `${what}: ${why}. Free some space, or save the job as a file before you close the tab.`,
    tryAgain: () => void store.tryAgain(),
    job: () => store.latest(),
    save: () => {
      const shown = store.latest();
      if (shown) void exportJob(shown);
    },
  };
}

import type { Job } from '../../core/job/document/schema.ts';
import type { JobOutlook } from '../../core/running/outlook.ts';
import { KeptWorkers } from './kept-workers.ts';
import type { Outlook } from './outlook.worker.ts';
import type { PendingQuery } from './pending-query.ts';

const workers = new KeptWorkers<Outlook>(
  () => new Worker(new URL('./outlook.worker.ts', import.meta.url), { type: 'module', name: 'outlook' }),
);

/** Works out how a job stands at a local ISO time. */
export const startOutlook = (job: Job, now: string): PendingQuery<JobOutlook | null> =>
  workers.ask((worker) => worker.outlookOf(job, now));

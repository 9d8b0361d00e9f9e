import type { Job } from '../../core/job/document/schema.ts';
import type { StoredJob } from './database.ts';

/** The row of a job that comes into this browser. */
export const fresh = (job: Job): StoredJob => ({
  id: job.id,
  job,
  revision: 1,
  head: 0,
  updatedAt: new Date().toISOString(),
  deletedAt: null,
});

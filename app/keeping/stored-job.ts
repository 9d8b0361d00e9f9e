import { checkJob } from '../../core/exchange/job-file.ts';
import { migrateJob } from '../../core/job/document/migrations.ts';
import { JOB_FORMAT, type Job } from '../../core/job/document/schema.ts';
import { accepted, type Outcome } from '../../core/units/outcome.ts';
import type { StoredJob } from './database.ts';

/** Whether a row says that it holds a job as this Nivel writes it: nothing has to be lifted. */
export const isOfThisFormat = ({ job }: StoredJob): boolean => (job as Partial<Job> | undefined)?.format === JOB_FORMAT;

/**
 * A row of the database, checked like a file from elsewhere: an earlier Nivel may have written it, or a newer one, or a
 * disk may have spoilt it. Jobs of earlier formats are lifted; a refusal says what is wrong.
 */
export function readStored(row: StoredJob): Outcome<StoredJob> {
  const migrated = migrateJob(row.job);
  const checked = migrated.ok ? checkJob(migrated.value) : migrated;
  return checked.ok ? accepted({ ...row, job: checked.value }) : checked;
}

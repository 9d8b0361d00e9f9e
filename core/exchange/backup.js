import { accepted, refused } from '../units/outcome.ts';
import { checkJob, LARGEST_JOB_FILE, parseDocument, readJobFile } from './job-file.ts';
import { migrateJob } from '../job/migrations.ts';
/** The largest backup that is read, in bytes. */
export const LARGEST_BACKUP = LARGEST_JOB_FILE * 5;
const BACKUP_FORMAT = 'nivel.backup/1';
/** All jobs of a browser as the text of one file. */
export function writeBackup(jobs) {
  return `${JSON.stringify({ format: BACKUP_FORMAT, jobs }, null, 1)}\n`;
}
/**
 * Reads a job file or a backup of several. All jobs of a backup are checked before any is taken, so that a bad file
 * changes nothing; the refusal says which job is wrong.
 */
export function readJobsFile(text) {
  const parsed = parseDocument(text, LARGEST_BACKUP);
  if (!parsed.ok) return parsed;
  const found = parsed.value;
  if (found?.format !== BACKUP_FORMAT) {
    const one = readJobFile(text);
    return one.ok ? accepted([one.value]) : one;
  }
  if (!Array.isArray(found.jobs))
    return refused('The backup holds no list of jobs. Choose a file that Nivel exported.');
  const jobs = [];
  for (const [index, entry] of found.jobs.entries()) {
    const migrated = migrateJob(entry);
    const checked = migrated.ok ? checkJob(migrated.value) : migrated;
    if (!checked.ok) return refused(`Job ${index + 1} of the backup: ${checked.message}`);
    jobs.push(checked.value);
  }
  return accepted(jobs);
}

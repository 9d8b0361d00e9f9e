import { z } from 'zod';
import type { Job } from '../job/document/schema.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { checkJob, parseDocument, readJobFile } from './job-file.ts';
import { migrateJob } from '../job/document/migrations.ts';
import { picturesSchema, type Pictures } from './pictures.ts';

/** The largest backup of one text that is read, in bytes: none longer could ever be written. */
export const MAX_BACKUP = 500_000_000;
/** Backups as one text, from before they were zips. */
const AS_TEXT = 'nivel.backup/2';
/** And from before there were photos. */
const WITHOUT_PICTURES = 'nivel.backup/1';

/** Pictures of several jobs, by the jobs' ids. */
export type PicturesByJob = Readonly<Record<string, Pictures>>;

/** What a file brings: jobs, and the pictures of their photos. */
export interface Backup {
  jobs: Job[];
  pictures: PicturesByJob;
}

const picturesByJob = z.lazy(() => z.record(z.string().max(60), picturesSchema));

/**
 * Reads a job file, or a backup of several as earlier versions wrote it. All of a backup is checked before any is taken, so that a bad file changes
 * nothing; the refusal says which job is wrong.
 */
export function readJobsFile(text: string): Outcome<Backup> {
  const parsed = parseDocument(text, MAX_BACKUP);
  if (!parsed.ok) return parsed;
  const found = parsed.value as { format?: unknown; jobs?: unknown; pictures?: unknown } | null;
  if (found?.format !== AS_TEXT && found?.format !== WITHOUT_PICTURES) {
    const one = readJobFile(text);
    return one.ok ? accepted({ jobs: [one.value], pictures: {} }) : one;
  }
  if (!Array.isArray(found.jobs)) return refused('Not a Nivel backup. Choose a file that Nivel saved.');
  const jobs: Job[] = [];
  for (const [index, entry] of found.jobs.entries()) {
    const migrated = migrateJob(entry);
    const checked = migrated.ok ? checkJob(migrated.value) : migrated;
    if (!checked.ok) return refused(`Job ${index + 1} of the backup: ${checked.message}`);
    jobs.push(checked.value);
  }
  const pictures = picturesByJob.safeParse(found.pictures ?? {});
  if (!pictures.success) return refused(`Photos of the backup: ${pictures.error.issues[0]?.message ?? 'unreadable'}`);
  return accepted({ jobs, pictures: pictures.data });
}

import { z } from 'zod';
import type { Job } from '../job/schema.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { checkJob, LARGEST_JOB_FILE, parseDocument, readJobFile } from './job-file.ts';
import { migrateJob } from '../job/migrations.ts';

/** The largest backup that is read, in bytes. */
export const LARGEST_BACKUP = LARGEST_JOB_FILE * 5;
const BACKUP_FORMAT = 'nivel.backup/2';
/** Backups from before there were photos. */
const WITHOUT_PICTURES = 'nivel.backup/1';

/** Pictures as data addresses, by their job's id and their own. */
export type Pictures = Readonly<Record<string, Readonly<Record<string, string>>>>;

/** What a file brings: jobs, and the pictures of their photos. */
export interface Backup {
  jobs: Job[];
  pictures: Pictures;
}

/** The largest picture that is read, in characters of its data address. A photo of 1600 px is well under 1 MB. */
const LARGEST_PICTURE = 6_000_000;
const picturesSchema = z.record(
  z.string().max(60),
  z.record(
    z.string().max(60),
    z
      .string()
      .max(LARGEST_PICTURE, 'A picture is over 6 MB.')
      .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/, 'A picture is not written as an image.'),
  ),
);

/** Jobs with their pictures as the text of one file. */
export function writeBackup({ jobs, pictures }: { jobs: readonly Job[]; pictures: Pictures }): string {
  return `${JSON.stringify({ format: BACKUP_FORMAT, jobs, pictures }, null, 1)}\n`;
}

/**
 * Reads a job file or a backup of several. All of a backup is checked before any is taken, so that a bad file changes
 * nothing; the refusal says which job is wrong.
 */
export function readJobsFile(text: string): Outcome<Backup> {
  const parsed = parseDocument(text, LARGEST_BACKUP);
  if (!parsed.ok) return parsed;
  const found = parsed.value as { format?: unknown; jobs?: unknown; pictures?: unknown } | null;
  if (found?.format !== BACKUP_FORMAT && found?.format !== WITHOUT_PICTURES) {
    const one = readJobFile(text);
    return one.ok ? accepted({ jobs: [one.value], pictures: {} }) : one;
  }
  if (!Array.isArray(found.jobs))
    return refused('The backup holds no list of jobs. Choose a file that Nivel exported.');
  const jobs: Job[] = [];
  for (const [index, entry] of found.jobs.entries()) {
    const migrated = migrateJob(entry);
    const checked = migrated.ok ? checkJob(migrated.value) : migrated;
    if (!checked.ok) return refused(`Job ${index + 1} of the backup: ${checked.message}`);
    jobs.push(checked.value);
  }
  const pictures = picturesSchema.safeParse(found.pictures ?? {});
  if (!pictures.success) return refused(`Photos of the backup: ${pictures.error.issues[0]?.message ?? 'unreadable'}`);
  return accepted({ jobs, pictures: pictures.data });
}

import { z } from 'zod';
import type { Job } from '../job/document/schema.ts';
import { ownEntries, ownEntriesSchema, type OwnEntries } from '../job/document/own-entries.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { migrateJob } from '../job/document/migrations.ts';
import { checkJob, MAX_JOB_FILE, parseDocument } from './job-file.ts';
import { picturesSchema, type Pictures } from './pictures.ts';

const DAY_FORMAT = 'nivel.day/1';
const STAMPS_FORMAT = 'nivel.stamps/1';

const headSchema = z.lazy(() =>
  z.object({
    format: z.string(),
    jobId: z.string().max(60),
    from: z.string().max(40),
    madeAt: z.iso.datetime(),
  }),
);

const stampsSchema = z.lazy(() => z.object({ entries: ownEntriesSchema, pictures: picturesSchema.default({}) }));

/** The day as another device opens it: the job with its plan, without what only looks back. */
export interface DayFile {
  job: Job;
  /** The device that has made it. */
  from: string;
  madeAt: string;
}

/** All that another device has added to a job, with the pictures of its photos where they came along. */
export interface StampsFile {
  kind: 'stamps';
  jobId: string;
  entries: OwnEntries;
  pictures: Pictures;
}

/** What came from another device. */
export type Shared = ({ kind: 'day' } & DayFile) | StampsFile;

/** Writes the day: the whole job, but for the plan that it is measured against and earlier plans’ pins. */
export function writeDayFile(job: Job, from: string, madeAt: string): string {
  return JSON.stringify({ format: DAY_FORMAT, jobId: job.id, from, madeAt, job: { ...job, baseline: null } });
}

/** Writes everything that this device has added to a job, with the pictures of its photos by their ids. */
export function writeStampsFile(job: Job, device: string, madeAt: string, pictures: Pictures = {}): string {
  return JSON.stringify({
    format: STAMPS_FORMAT,
    jobId: job.id,
    from: device,
    madeAt,
    entries: ownEntries(job, device, madeAt),
    pictures,
  });
}

/** Reads either; a refusal says what the file is instead, or which part of it does not hold. */
export function readShared(text: string): Outcome<Shared> {
  const parsed = parseDocument(text, MAX_JOB_FILE);
  if (!parsed.ok) return parsed;
  const read = parsed.value;
  const head = headSchema.safeParse(read);
  if (!head.success) return refused('Not a day or log file. Choose the file from the other device.');
  const { format, jobId, from, madeAt } = head.data;
  if (format === DAY_FORMAT) {
    const lifted = migrateJob((read as { job?: unknown }).job);
    const job = lifted.ok ? checkJob(lifted.value) : lifted;
    return job.ok ? accepted({ kind: 'day', job: job.value, from, madeAt }) : job;
  }
  if (format === STAMPS_FORMAT) {
    const stamps = stampsSchema.safeParse(read);
    if (stamps.success) {
      const { entries, pictures } = stamps.data;
      const named = new Set(entries.photos.map(({ photo }) => photo.id));
      const ofPhotos = Object.entries(pictures).filter(([id]) => named.has(id));
      return accepted({ kind: 'stamps', jobId, entries, pictures: Object.fromEntries(ofPhotos) });
    }
    const [issue] = stamps.error.issues;
    return refused(`This log isn’t valid: ${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}`);
  }
  return refused(`“${format}” isn’t a day or a log. Choose the file from the other device.`);
}

/** Whether a text says of itself that it is a day: it is read as one then, with its own refusals. */
export const isDay = (text: string): boolean => text.slice(0, 60).includes(`"${DAY_FORMAT.split('/')[0] ?? ''}/`);

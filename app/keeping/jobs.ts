import { nanoid } from 'nanoid';
import { newJob } from '../../core/job/document/new-job.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { readJobFile } from '../../core/exchange/job-file.ts';
import { refused, type Outcome } from '../../core/units/outcome.ts';
import { database, type StoredJob } from './database.ts';
import { JobStore } from './job-store.ts';
import { local } from './local.ts';
import { Journal } from './journal.ts';
import { withOwnFigures } from './own-figures.ts';
import { fresh } from './fresh-row.ts';
import { forgetRows, replaceJob } from './rows-of-job.ts';
import { shownJobs } from './shown-jobs.ts';

/** The demo jobs that ship with Nivel, by id; loaded only when one is opened. */
export const DEMO_JOBS = {
  'demo-tern-street': () => import('../../demo/tern-street.nivel.json?raw'),
  'demo-linen-press': () => import('../../demo/linen-press.nivel.json?raw'),
} as const;
export type DemoJobId = keyof typeof DEMO_JOBS;

export const isDemoJob = (id: string): id is DemoJobId => id in DEMO_JOBS;

/** A row that holds no job that this Nivel can read, and why. */
export interface DamagedJob {
  row: StoredJob;
  message: string;
}

/** Every job that is in use, last touched first, those thrown away, and those that can't be read. */
export async function listJobs(): Promise<{ kept: StoredJob[]; deleted: StoredJob[]; damaged: DamagedJob[] }> {
  const rows = await shownJobs(database);
  const all = rows
    .flatMap(({ read }) => (read.ok ? [read.value] : []))
    .sort((one, other) => other.updatedAt.localeCompare(one.updatedAt));
  return {
    kept: all.filter((stored) => stored.deletedAt === null),
    deleted: all.filter((stored) => stored.deletedAt !== null),
    damaged: rows.flatMap(({ row, read }) => (read.ok ? [] : [{ row, message: read.message }])),
  };
}

/** Starts an empty job, with the figures that earlier jobs have left, and answers its id. */
export function startEmptyJob(name: string, today: string): Promise<string> {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  return startJob(newJob({ id: '', name, createdAt: new Date().toISOString(), start: today, timeZone }));
}

/** Puts a job that has just been begun into this browser, with the figures that earlier jobs have left; answers its id. */
export async function startJob(begun: Job): Promise<string> {
  const job = withOwnFigures({ ...begun, id: nanoid(12) });
  await database.jobs.add(fresh(job));
  return job.id;
}

/** The units, words and currency of the job that was worked on last; null before the first. */
export async function lastSettings(): Promise<Pick<Job['settings'], 'units' | 'vocabulary' | 'currency'> | null> {
  const settings = (await listJobs()).kept.find(({ id }) => !isDemoJob(id))?.job.settings;
  if (settings === undefined) return null;
  const { units, vocabulary, currency } = settings;
  return { units, vocabulary, currency };
}

/** Puts a job that is not here yet into this browser. */
export const addJob = (job: Job): Promise<string> => database.jobs.add(fresh(job));

/**
 * Lays a demo job out as it ships, over whatever was done to it. Answers how to bring that back; null when there was
 * nothing.
 */
export async function layOutDemo(id: DemoJobId): Promise<(() => Promise<void>) | null> {
  const read = readJobFile((await DEMO_JOBS[id]()).default);
  if (!read.ok) throw new Error(read.message);
  return replaceJob(database, read.value);
}

/** Copies a job under a name of its own. */
export async function duplicateJob(stored: StoredJob): Promise<string> {
  const job: Job = { ...stored.job, id: nanoid(12), name: `${stored.job.name} (copy)`.slice(0, 120) };
  await database.transaction('rw', database.jobs, database.photos, async () => {
    await database.jobs.add(fresh(job));
    const photos = await database.photos.where('jobId').equals(stored.id).toArray();
    await database.photos.bulkPut(photos.map((photo) => ({ ...photo, jobId: job.id })));
  });
  return job.id;
}

/** Throws a job away, or brings it back. */
export async function setDeleted(id: string, deleted: boolean): Promise<void> {
  await database.jobs.update(id, { deletedAt: deleted ? new Date().toISOString() : null });
}

/** Forgets a thrown-away job for good, with all that belongs to it. */
export const forgetJob = (id: string): Promise<void> => forgetRows(database, id);

/** Renames a job from the list, as a step of its history. */
export async function renameJob(id: string, name: string): Promise<Outcome<Job>> {
  const store = new JobStore(database, id, new Journal(database, local));
  try {
    const opened = await store.open();
    if (opened.state === 'damaged') return refused(opened.message);
    if (opened.state === 'missing') return refused('That job is gone.');
    const outcome = store.apply('rename-job', { name });
    await store.settled();
    return outcome;
  } finally {
    store.close();
  }
}

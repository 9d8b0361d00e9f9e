import { nanoid } from 'nanoid';
import type { Attempt } from '../../../core/practising/attempt.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { NivelDatabase } from '../database.ts';
import { fresh } from '../fresh-row.ts';

/** A picture of a job that is taken in, read when its turn comes. */
export interface PictureToTake {
  jobId: string;
  id: string;
  read(): Promise<Blob>;
}

/** What is taken in. */
export interface ToTake {
  jobs: readonly Job[];
  pictures: readonly PictureToTake[];
  /** What was done in Practice. What is here already stays one. */
  attempts: readonly Attempt[];
}

/**
 * Takes jobs, their pictures and what was practised into this browser, all or none: pictures first, one by one, then all
 * rows at once. A job whose id is taken stands beside the one that is here, under a name that says so.
 */
export async function restoreJobs(
  database: NivelDatabase,
  { jobs, pictures, attempts }: ToTake,
  onProgress: (done: number, all: number) => void = () => undefined,
): Promise<Job[]> {
  const here = new Set(await database.jobs.toCollection().primaryKeys());
  const added = jobs.map((job) =>
    here.has(job.id) ? { ...job, id: nanoid(12), name: `${job.name} (imported)`.slice(0, 120) } : job,
  );
  const idOf = new Map(jobs.map(({ id }, index) => [id, added[index]?.id ?? id]));
  const photosOf = new Map(
    jobs.map((job) => [job.id, new Set(job.pieces.flatMap(({ photos }) => photos.map(({ id }) => id)))]),
  );
  const wanted = pictures.filter(({ jobId, id }) => photosOf.get(jobId)?.has(id));
  await forgetHalfTaken(database);
  await database.meta.put({ key: 'importing', ids: added.map(({ id }) => id) });
  try {
    for (const [index, { jobId, id, read }] of wanted.entries()) {
      await database.photos.put({ jobId: idOf.get(jobId) ?? jobId, id, picture: await read() });
      onProgress(index + 1, wanted.length);
    }
    await database.transaction('rw', database.jobs, database.meta, database.attempts, async () => {
      await database.jobs.bulkAdd(added.map(fresh));
      await database.attempts.bulkPut([...attempts]);
      await database.meta.delete('importing');
    });
  } catch (error) {
    await forgetHalfTaken(database);
    throw error;
  }
  return added;
}

/** Forgets the pictures of jobs that were being taken in when it was broken off. */
export async function forgetHalfTaken(database: NivelDatabase): Promise<void> {
  const begun = await database.meta.get('importing');
  if (begun?.key !== 'importing') return;
  const here = new Set(await database.jobs.toCollection().primaryKeys());
  await database.photos
    .where('jobId')
    .anyOf(begun.ids.filter((id) => !here.has(id)))
    .delete();
  await database.meta.delete('importing');
}

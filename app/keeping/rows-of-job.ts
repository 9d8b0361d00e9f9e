import type { Job } from '../../core/job/document/schema.ts';
import type { NivelDatabase } from './database.ts';
import { fresh } from './fresh-row.ts';
import { changesOf } from './history.ts';
import { asShown } from './shown-jobs.ts';

/** Forgets a job with its history, its photos, and what was given to it or set aside. */
export function forgetRows(database: NivelDatabase, id: string): Promise<void> {
  const { jobs, changes, photos, journal, setAside } = database;
  return database.transaction('rw', [jobs, changes, photos, journal, setAside], async () => {
    await jobs.delete(id);
    await changesOf(database, id).delete();
    for (const table of [photos, journal, setAside]) await table.where('jobId').equals(id).delete();
  });
}

/**
 * Puts a job in the place of the one of its id, which loses its history and what is still to be carried out on it.
 * Answers how to bring that one back; null when there was none.
 */
export function replaceJob(database: NivelDatabase, job: Job): Promise<(() => Promise<void>) | null> {
  const { jobs, changes, journal } = database;
  return database.transaction('rw', jobs, changes, journal, async () => {
    const before = await jobs.get(job.id);
    const given = await journal.where('jobId').equals(job.id).sortBy('number');
    const history = await changesOf(database, job.id).toArray();
    await changesOf(database, job.id).delete();
    await journal.where('jobId').equals(job.id).delete();
    const revision = before?.revision ?? 0;
    await jobs.put({ ...fresh(job), revision: revision + 1 });
    if (before === undefined) return null;
    const shown = asShown(before, given);
    return () =>
      database.transaction('rw', jobs, changes, async () => {
        await changesOf(database, job.id).delete();
        await changes.bulkPut(history);
        await jobs.put({ ...(shown.ok ? shown.value : before), revision: revision + 2 });
      });
  });
}

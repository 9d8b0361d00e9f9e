import { applyWritten } from '../../core/job/commands/apply.ts';
import type { Outcome } from '../../core/units/outcome.ts';
import type { NivelDatabase, StoredJob } from './database.ts';
import type { JournalEntry } from './journal-entry.ts';
import { readStored } from './stored-job.ts';

/** A row of the database, read, with what was given and is not in its document yet: as a screen would show it. */
export function asShown(row: StoredJob, journal: readonly JournalEntry[]): Outcome<StoredJob> {
  const read = readStored(row);
  if (!read.ok) return read;
  const applied = new Set(row.applied);
  let { job } = read.value;
  for (const { id, name, args } of journal) {
    if (applied.has(id)) continue;
    const given = applyWritten(job, name, args);
    if (given.ok) ({ job } = given.value);
  }
  return { ok: true, value: { ...read.value, job } };
}

/** Every row of the database, as a screen would show it or with the reason why it can't be read. */
export async function shownJobs(database: NivelDatabase): Promise<{ row: StoredJob; read: Outcome<StoredJob> }[]> {
  const { jobs, journal } = database;
  const [rows, entries] = await database.transaction('r', jobs, journal, () =>
    Promise.all([jobs.toArray(), journal.orderBy('number').toArray()]),
  );
  return rows.map((row) => ({
    row,
    read: asShown(
      row,
      entries.filter(({ jobId }) => jobId === row.id),
    ),
  }));
}

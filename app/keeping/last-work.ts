import type { NivelDatabase } from './database.ts';

/**
 * When the last job in use was changed by hand, or something was practised, ISO; null where neither was. Demo jobs as they
 * ship do not count; what is in the journal only does.
 */
export async function lastWork(database: NivelDatabase): Promise<string | null> {
  const given = new Set(await database.journal.orderBy('jobId').uniqueKeys());
  const rows = await database.jobs
    .filter(({ id, head, deletedAt }) => (head > 0 || given.has(id)) && deletedAt === null)
    .toArray();
  const practised = await database.attempts.orderBy('at').last();
  return rows.reduce<string | null>(
    (last, { updatedAt }) => (last === null || updatedAt > last ? updatedAt : last),
    practised?.at ?? null,
  );
}

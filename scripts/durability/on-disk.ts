import type { Page } from '@playwright/test';

/** What the database holds of a job, written yet or only in the journal. */
export interface OnDisk {
  note: string | null;
  stamps: number;
  isWhole: boolean;
}

/** Reads what is kept of a job, on any page of the same address. */
export const readOnDisk = (page: Page, jobId: string): Promise<OnDisk> =>
  page.evaluate(
    (id) =>
      new Promise<OnDisk>((done, fail) => {
        const opening = indexedDB.open('nivel');
        opening.onerror = () => fail(new Error('The database can’t be opened.'));
        opening.onsuccess = () => {
          const reading = opening.result.transaction(['jobs', 'journal']);
          const row = reading.objectStore('jobs').get(id);
          const journal = reading.objectStore('journal').index('jobId').getAll(id);
          reading.oncomplete = () => {
            opening.result.close();
            const { job, applied = [] } = row.result as {
              job: { pieces: { note: string }[]; log: { id: string }[] };
              applied?: string[];
            };
            const kept = { note: job.pieces[0]?.note ?? null, stamps: job.log.length, isWhole: Array.isArray(job.log) };
            for (const { id: given, name, args } of journal.result as { id: string; name: string; args: unknown }[]) {
              if (applied.includes(given)) continue;
              if (name === 'change-pieces') kept.note = (args as { facts: { note?: string } }).facts.note ?? kept.note;
              if (name === 'stamp') kept.stamps += (args as { entries: unknown[] }).entries.length;
            }
            done(kept);
          };
        };
      }),
    jobId,
  );

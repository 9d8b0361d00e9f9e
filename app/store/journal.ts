/** A command that was given and may not be in the database yet. */
export interface JournalEntry {
  /** Unique, so that a command is never carried out twice. */
  id: string;
  name: string;
  args: unknown;
  strokes: string | null;
}

/** What keeps given commands over a reload or a killed tab, written at once and without waiting. */
export interface Journal {
  keep(jobId: string, entry: JournalEntry): void;
  forget(jobId: string, entries: readonly JournalEntry[]): void;
  /** What is left of a job, in the order in which it was given. */
  left(jobId: string): JournalEntry[];
}

const PREFIX = 'nivel-journal';

/**
 * A journal in the browser's synchronous storage. The database writes a moment later; a command that is shown is in one
 * or the other at any time. One key a command, so that tabs do not write over each other.
 */
export function browserJournal(storage: Storage): Journal {
  let given = 0;
  const keyOf = (jobId: string, id: string): string => `${PREFIX}/${jobId}/${id}`;
  return {
    keep(jobId, entry) {
      const order = `${Date.now()}.${String(++given).padStart(6, '0')}`;
      try {
        storage.setItem(keyOf(jobId, entry.id), JSON.stringify({ order, entry }));
      } catch {
        // Full storage costs only the moment before the database has it.
      }
    },
    forget(jobId, entries) {
      for (const { id } of entries) storage.removeItem(keyOf(jobId, id));
    },
    left(jobId) {
      return Object.keys(storage)
        .filter((key) => key.startsWith(`${PREFIX}/${jobId}/`))
        .map((key) => JSON.parse(storage.getItem(key) ?? 'null') as { order: string; entry: JournalEntry } | null)
        .filter((kept) => kept !== null)
        .sort((one, other) => (one.order < other.order ? -1 : 1))
        .map(({ entry }) => entry);
    },
  };
}

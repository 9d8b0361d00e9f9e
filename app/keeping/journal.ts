import type { NivelDatabase, StoredEntry } from './database.ts';
import type { JournalEntry } from './journal-entry.ts';

/** How sure it has to be: `strict` is on the disk, `relaxed` with the system, which writes it a moment later. */
export type Durability = 'strict' | 'relaxed';

const EARLIER = 'nivel-journal';

/**
 * What keeps given commands over a reload, a killed tab or a killed browser until the document has them. Each is written
 * by itself, at once: a transaction that is committed with its one request lives on without the tab.
 */
export class Journal {
  readonly #database: NivelDatabase;
  /** Where versions before this one kept theirs. */
  readonly #earlier: Storage | null;

  constructor(database: NivelDatabase, earlier: Storage | null = null) {
    this.#database = database;
    this.#earlier = earlier;
  }

  /** Writes a command down; settles once it is kept, and rejects where it can't be. */
  keep(jobId: string, entry: JournalEntry, durability: Durability): Promise<void> {
    if (!this.#database.isOpen()) return this.#database.open().then(() => this.keep(jobId, entry, durability));
    return new Promise((done, fail) => {
      const writing = this.#database.backendDB().transaction('journal', 'readwrite', { durability });
      writing.oncomplete = () => done();
      writing.onabort = () => fail(writing.error ?? new Error('the browser stopped it'));
      writing.objectStore('journal').add({ ...entry, jobId } satisfies StoredEntry);
      writing.commit();
    });
  }

  /** Moves what an earlier version has left of a job to where it is kept now. */
  async takeOver(jobId: string): Promise<void> {
    const earlier = this.#earlier;
    const keys = Object.keys(earlier ?? {}).filter((key) => key.startsWith(`${EARLIER}/${jobId}/`));
    if (earlier === null || keys.length === 0) return;
    const kept = keys.map((key) => ({ key, ...readEarlier(key, earlier.getItem(key) ?? '') }));
    for (const { key, entry } of kept.sort((one, other) => (one.order < other.order ? -1 : 1))) {
      await this.keep(jobId, entry, 'relaxed');
      earlier.removeItem(key);
    }
  }
}

/** One line of an earlier journal. One that was cut off comes along as it is: it will be set aside with its text. */
function readEarlier(key: string, text: string): { order: string; entry: JournalEntry } {
  try {
    const read = JSON.parse(text) as { order?: unknown; entry?: Partial<JournalEntry> } | null;
    const { id, name, args, strokes } = read?.entry ?? {};
    if (typeof id === 'string' && typeof name === 'string')
      return { order: String(read?.order), entry: { id, name, args, strokes: strokes ?? null } };
  } catch {
    // Told below like any other line that says nothing.
  }
  return { order: '', entry: { id: key, name: 'an unfinished line', args: text, strokes: null } };
}

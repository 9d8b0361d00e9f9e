import type { EntityTable } from 'dexie';
import { database, type Draft } from './database.ts';

/**
 * What is typed and not yet taken, by the name of its field. The last text is on its way into the database at once:
 * while one is being written, only the newest waits behind it, so that a tab that dies loses no more than a stroke.
 */
export class Drafts {
  readonly #table: EntityTable<Draft, 'field'>;
  /** Per field, the newest text that is not in the database yet; empty for one to be forgotten. */
  readonly #newest = new Map<string, string>();
  readonly #writing = new Map<string, Promise<void>>();

  constructor(table: EntityTable<Draft, 'field'>) {
    this.#table = table;
  }

  /** What was typed into a field, before the tab was closed or just now; null for nothing. */
  async read(field: string): Promise<string | null> {
    const text = this.#newest.get(field) ?? (await this.#table.get(field))?.text;
    return text === undefined || text === '' ? null : text;
  }

  /** Keeps a text, or with an empty one forgets the field; settles when the newest is in the database. */
  keep(field: string, text: string): Promise<void> {
    this.#newest.set(field, text);
    let writing = this.#writing.get(field);
    if (writing === undefined) this.#writing.set(field, (writing = this.#write(field)));
    return writing;
  }

  async #write(field: string): Promise<void> {
    try {
      for (let text = this.#newest.get(field); text !== undefined; text = this.#newest.get(field)) {
        await (text === '' ? this.#table.delete(field) : this.#table.put({ field, text }));
        if (this.#newest.get(field) === text) this.#newest.delete(field);
      }
    } finally {
      this.#newest.delete(field);
      this.#writing.delete(field);
    }
  }

  /** Forgets every field whose name begins so. */
  async forgetAll(beginning: string): Promise<void> {
    await Promise.allSettled(this.#writing.values());
    await this.#table.where('field').startsWith(beginning).delete();
  }
}

export const drafts = new Drafts(database.drafts);

import type { EntityTable } from 'dexie';
import { database, type Draft } from './database.ts';
import { local } from './local.ts';
import { reasonOf } from './reason.ts';

const PREFIX = 'nivel-draft/';

/**
 * What is typed and not yet taken, by the name of its field. Every text is in the browser's synchronous storage before
 * `keep` answers, and stays there until the database has it, so that a tab that dies loses nothing. While one text of a
 * field is being written, only the newest waits behind it.
 */
export class Drafts {
  readonly #table: EntityTable<Draft, 'field'>;
  /** Texts that the database may not have yet; empty for a field to be forgotten. */
  readonly #unwritten: Storage;
  readonly #writing = new Map<string, Promise<void>>();
  /** Texts that neither storage has taken, and why. */
  readonly #inTabOnly = new Map<string, { text: string; why: string }>();
  /** Told whenever there are other texts that are in this tab only. */
  onUnkept: (texts: ReadonlyMap<string, { text: string; why: string }>) => void = () => undefined;

  constructor(table: EntityTable<Draft, 'field'>, unwritten: Storage) {
    this.#table = table;
    this.#unwritten = unwritten;
  }

  /** What was typed into a field, before the tab was closed or just now; null for nothing. */
  async read(field: string): Promise<string | null> {
    const inTabOnly = this.#inTabOnly.get(field)?.text;
    const unwritten = inTabOnly ?? this.#unwritten.getItem(PREFIX + field);
    // A tab that died while writing has left it here.
    if (unwritten !== null) void this.keep(field, unwritten);
    const text = unwritten ?? (await this.#table.get(field))?.text;
    return text === undefined || text === '' ? null : text;
  }

  /** Keeps a text, or with an empty one forgets the field; settles when the newest is in the database. */
  keep(field: string, text: string): Promise<void> {
    try {
      this.#unwritten.setItem(PREFIX + field, text);
    } catch {
      // Full storage: the database has it a moment later. An older text left here would come back instead.
      this.#unwritten.removeItem(PREFIX + field);
      return this.#putOrTell(field, text);
    }
    if (this.#inTabOnly.delete(field)) this.onUnkept(this.#inTabOnly);
    let writing = this.#writing.get(field);
    if (writing === undefined) this.#writing.set(field, (writing = this.#write(field)));
    return writing;
  }

  async #write(field: string): Promise<void> {
    const key = PREFIX + field;
    try {
      for (let text = this.#unwritten.getItem(key); text !== null; text = this.#unwritten.getItem(key)) {
        await this.#put(field, text);
        if (this.#unwritten.getItem(key) === text) this.#unwritten.removeItem(key);
      }
    } catch {
      // It stays where it is, and is tried again with the next stroke or when the field is opened again.
    } finally {
      this.#writing.delete(field);
    }
  }

  /** Where the database has no room either, the text stays in the tab, and that is told. */
  async #putOrTell(field: string, text: string): Promise<void> {
    const hadOne = this.#inTabOnly.delete(field);
    try {
      await this.#put(field, text);
      if (hadOne) this.onUnkept(this.#inTabOnly);
    } catch (error) {
      this.#inTabOnly.set(field, { text, why: reasonOf(error) });
      this.onUnkept(this.#inTabOnly);
    }
  }

  /** Tries again to write the texts that are in this tab only. */
  async tryAgain(): Promise<void> {
    for (const [field, { text }] of [...this.#inTabOnly]) await this.#putOrTell(field, text);
  }

  async #put(field: string, text: string): Promise<void> {
    await (text === '' ? this.#table.delete(field) : this.#table.put({ field, text }));
  }

  /** Forgets every field whose name begins so. */
  async forgetAll(beginning: string): Promise<void> {
    await Promise.allSettled(this.#writing.values());
    for (const key of Object.keys(this.#unwritten)) {
      if (key.startsWith(PREFIX + beginning)) this.#unwritten.removeItem(key);
    }
    await this.#table.where('field').startsWith(beginning).delete();
  }
}

export const drafts = new Drafts(database.drafts, local);

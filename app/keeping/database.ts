import Dexie, { type EntityTable, type Table } from 'dexie';
import type { Patch } from 'immer';
import type { Job } from '../../core/job/document/schema.ts';
import type { Attempt } from '../../core/practising/attempt.ts';
import type { JournalEntry } from './journal-entry.ts';

/** A job as it lies in the browser: the document, and where its history stands. */
export interface StoredJob {
  id: string;
  job: Job;
  /** Goes up with every write, undo included; a tab that knows another number is stale. */
  revision: number;
  /** Number of the last change that is in force; higher ones have been undone. */
  head: number;
  updatedAt: string;
  /** When it was thrown away; null while it is in use. */
  deletedAt: string | null;
  /** Ids of the last commands that are in the document, so that none is carried out twice. */
  applied?: string[];
}

/** One change of a job, with the way there and back. */
export interface StoredChange {
  jobId: string;
  number: number;
  command: string;
  label: string;
  at: string;
  patches: Patch[];
  inverse: Patch[];
  /** Changes in a row with the same key are one step of history: the strokes of one field. */
  strokes: string | null;
}

/** What was typed into a field and could not be taken yet. */
export interface Draft {
  field: string;
  text: string;
}

/** A photo's picture; what is said of it stands in the job. */
export interface StoredPhoto {
  jobId: string;
  id: string;
  picture: Blob;
}

/** A command of the journal: given, and not yet in its job's document. */
export interface StoredEntry extends JournalEntry {
  jobId: string;
  /** In the order in which they were given, over all tabs. */
  number?: number;
}

/** A command that could not be carried out: kept, with the reason, until the painter puts it away. */
export interface SetAside extends JournalEntry {
  jobId: string;
  at: string;
  why: string;
}

/** What the device knows beside jobs. */
export type Meta =
  /** The last backup that was read back and found whole; `folder` is where the painter wants them. */
  | { key: 'backup'; at: string; jobs: number; pictures: number; bytes: number }
  | { key: 'backup-folder'; folder: FileSystemDirectoryHandle }
  /** Ids of jobs whose pictures are being taken in, and whose rows come last. */
  | { key: 'importing'; ids: string[] };

/** Nivel's data in this browser. */
export class NivelDatabase extends Dexie {
  declare jobs: EntityTable<StoredJob, 'id'>;
  declare changes: Table<StoredChange, [string, number]>;
  declare drafts: EntityTable<Draft, 'field'>;
  declare photos: Table<StoredPhoto, [string, string]>;
  declare journal: Table<StoredEntry, number>;
  declare setAside: Table<SetAside, [string, string]>;
  declare meta: Table<Meta, Meta['key']>;
  /** What was done in Practice. */
  declare attempts: EntityTable<Attempt, 'id'>;

  constructor(name = 'nivel') {
    super(name);
    this.version(1).stores({ jobs: 'id, deletedAt', changes: '[jobId+number]', drafts: 'field' });
    this.version(2).stores({ photos: '[jobId+id], jobId' });
    this.version(3).stores({ journal: '++number, jobId, id', setAside: '[jobId+id], jobId', meta: 'key' });
    this.version(4).stores({ attempts: 'id, at' });
  }
}

export const database = new NivelDatabase();

import { applyPatches, freeze, type Patch } from 'immer';
import {
  applyCommand,
  applyWritten,
  type Change,
  type CommandArgs,
  type CommandName,
} from '../../core/job/commands/apply.ts';
import { acceptedPlanSchema, type AcceptedPlan } from '../../core/job/record.ts';
import type { Job } from '../../core/job/schema.ts';
import { accepted, refused, type Outcome } from '../../core/units/outcome.ts';
import { nanoid } from 'nanoid';
import type { Journal, JournalEntry } from './journal.ts';
import type { NivelDatabase, StoredChange, StoredJob } from './database.ts';
import { isOfThisFormat, readStored } from './stored-job.ts';

/** What the screens see of a job. Replaced whole whenever something changes. */
export interface JobState {
  job: Job;
  /** What undo and redo would take back or bring again; null when there is nothing. */
  undoLabel: string | null;
  redoLabel: string | null;
}

/** Changes of a job that are kept for undo. */
const KEPT_CHANGES = 500;
/** Ids of commands that are kept to know them again. */
const KEPT_IDS = 200;
/** Strokes of one field further apart than this, in ms, are two steps of history. */
const STROKES_WITHIN = 15_000;
/** Strokes are gathered for so many ms before they are written; the journal has them at once. */
const GATHERED_FOR = 300;

/** What opening a job came to. A damaged row is handed out as it is, so that it can be kept as a file. */
export type Opened = { state: 'open' } | { state: 'missing' } | Damaged;
interface Damaged {
  state: 'damaged';
  message: string;
  row: StoredJob;
}

/**
 * A row of the database, looked over while it is already shown: whether it holds a job that Nivel can read. There is time
 * for it until `wanted`: something is to be written then.
 */
export type CheckBehind = (row: StoredJob, wanted: Promise<void>) => Promise<Outcome<unknown>>;

/** Whether a patch brings a plan back that another one took the place of. */
const isWholePlan = ({ path, value }: Patch): boolean => path.length === 1 && path[0] === 'plan' && value !== null;

/** What one tab tells the others. */
interface Told {
  jobId: string;
  revision: number;
}

/**
 * One open job: keeps the document in memory, applies commands at once, and writes document and patch in one
 * transaction, in order. Another tab's change is noticed before writing; the command is then given again on top of it.
 */
export class JobStore {
  readonly #database: NivelDatabase;
  readonly #id: string;
  readonly #journal: Journal;
  readonly #listeners = new Set<() => void>();
  readonly #channel: BroadcastChannel;
  #state: JobState | null = null;
  #revision = 0;
  /** The document of that revision, as it lies in the database, and since when. */
  #written: { job: Job; at: string } | null = null;
  /** Settles once what is shown is known to be sound; nothing is written before. */
  #sound: Promise<void> = Promise.resolve();
  #wantCheck: () => void = () => undefined;
  #isClosed = false;
  #pending: JournalEntry[] = [];
  #writing: Promise<void> = Promise.resolve();
  /** Told when another tab changed the job, or a write could not be kept. */
  onNotice: (message: string) => void = () => undefined;
  /** Told when what was shown unchecked can't be read after all. */
  onDamaged: (damaged: Damaged) => void = () => undefined;

  constructor(database: NivelDatabase, id: string, journal: Journal) {
    this.#database = database;
    this.#id = id;
    this.#journal = journal;
    this.#channel = new BroadcastChannel('nivel-jobs');
    this.#channel.onmessage = ({ data }: MessageEvent<Told>) => {
      if (data.jobId === this.#id && data.revision !== this.#revision)
        this.#catchUp().catch((error: unknown) => this.#tellFailure('What another tab changed can’t be shown', error));
    };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly snapshot = (): JobState | null => this.#state;

  /**
   * Reads the job, and brings in what the journal still holds of it. A row is checked before it is shown; with
   * `checkBehind` one of this Nivel's own format is shown at once, checked behind it, and written to only when it held.
   */
  async open(checkBehind?: CheckBehind): Promise<Opened> {
    // The journal before the row: what leaves it in between is in the row by then.
    const left = this.#journal.left(this.#id);
    const row = await this.#database.jobs.get(this.#id);
    if (!row || row.deletedAt !== null) return { state: 'missing' };
    if (checkBehind && isOfThisFormat(row)) {
      const wanted = new Promise<void>((want) => (this.#wantCheck = want));
      this.#sound = this.#checked(row, checkBehind(row, wanted));
      // Whoever writes hears of it; when nothing is written, the screens are told all the same.
      this.#sound.catch(() => undefined);
      // Frozen like every job: what is worked out of its parts is kept by them.
      await this.#take({ ...row, job: freeze(row.job, true) }, left);
      return { state: 'open' };
    }
    const read = readStored(row);
    if (!read.ok) return { state: 'damaged', message: read.message, row };
    await this.#take(read.value, left);
    await this.settled();
    return { state: 'open' };
  }

  /** Shows a row with what the journal still holds. */
  async #take(stored: StoredJob, left: readonly JournalEntry[]): Promise<void> {
    await this.#show(stored);
    const applied = new Set(stored.applied);
    this.#journal.forget(
      this.#id,
      left.filter((entry) => applied.has(entry.id)),
    );
    for (const entry of left) if (!applied.has(entry.id)) this.#giveAgain(entry);
  }

  async #checked(row: StoredJob, checking: ReturnType<CheckBehind>): Promise<void> {
    // A check that could not be made elsewhere is made here.
    const checked = await checking.catch(() => readStored(row));
    if (checked.ok) return;
    this.onDamaged({ state: 'damaged', message: checked.message, row });
    throw new Error(checked.message);
  }

  /** Ends listening. What is still given, such as a plan that was under way, is written all the same. */
  close(): void {
    this.#isClosed = true;
    this.#channel.close();
    this.#listeners.clear();
  }

  /** Waits until everything that was given is written. */
  async settled(): Promise<void> {
    await this.#writing;
  }

  /**
   * Gives a command: shown at once, written right after. `strokes` names the field that is being typed into, so that
   * its strokes make one step of history. A refusal changes nothing and says why.
   */
  apply<N extends CommandName>(name: N, args: CommandArgs<N>, strokes: string | null = null): Outcome<Job> {
    if (this.#state === null) return refused('The job is not open yet.');
    const outcome = applyCommand(this.#state.job, name, args);
    if (!outcome.ok) return outcome;
    if (outcome.value.patches.length === 0) return accepted(this.#state.job);
    const entry: JournalEntry = { id: nanoid(12), name, args, strokes };
    this.#journal.keep(this.#id, entry);
    this.#state = { job: outcome.value.job, undoLabel: outcome.value.label, redoLabel: null };
    this.#pending.push(entry);
    this.#tell();
    void this.#enqueue(() => this.#writePending(strokes === null ? 0 : GATHERED_FOR));
    return accepted(outcome.value.job);
  }

  /** A command that a reload or a killed tab left in the journal: shown if it still makes sense, written if it is not. */
  #giveAgain(entry: JournalEntry): void {
    if (this.#state === null) return;
    const outcome = applyWritten(this.#state.job, entry.name, entry.args);
    if (outcome.ok) this.#state = { job: outcome.value.job, undoLabel: outcome.value.label, redoLabel: null };
    this.#pending.push(entry);
    void this.#enqueue(() => this.#writePending());
  }

  undo(): Promise<void> {
    return this.#enqueue(() => this.#step(-1));
  }

  redo(): Promise<void> {
    return this.#enqueue(() => this.#step(1));
  }

  /** History, newest first, with what has been undone. */
  async history(): Promise<{ number: number; label: string; at: string; undone: boolean }[]> {
    const stored = await this.#database.jobs.get(this.#id);
    const changes = await this.#changes().reverse().limit(100).toArray();
    return changes.map(({ number, label, at }) => ({ number, label, at, undone: number > (stored?.head ?? 0) }));
  }

  /** Up to `most` plans that were accepted and have been overtaken, the last first. */
  async earlierPlans(most: number): Promise<AcceptedPlan[]> {
    const stored = await this.#database.jobs.get(this.#id);
    const changes = await this.#changes()
      .reverse()
      .filter(({ number, inverse }) => number <= (stored?.head ?? 0) && inverse.some(isWholePlan))
      .limit(most)
      .toArray();
    return changes.flatMap(({ inverse }) => {
      const before = acceptedPlanSchema.safeParse(inverse.find(isWholePlan)?.value);
      return before.success ? [before.data] : [];
    });
  }

  #changes() {
    return this.#database.changes.where('[jobId+number]').between([this.#id, 0], [this.#id, Infinity]);
  }

  /**
   * The job's row, checked; undefined when it is gone. Throws what is wrong with it. A row of the revision that this tab
   * has read or written itself holds the document that it knows.
   */
  async #row(): Promise<StoredJob | undefined> {
    const row = await this.#database.jobs.get(this.#id);
    if (row && this.#written && row.revision === this.#revision && row.updatedAt === this.#written.at) {
      return { ...row, job: this.#written.job };
    }
    const read = row && readStored(row);
    if (read && !read.ok) throw new Error(read.message);
    return read?.value;
  }

  #enqueue(work: () => Promise<void>): Promise<void> {
    this.#wantCheck();
    const afterCheck = this.#writing.then(() => this.#sound);
    this.#writing = afterCheck.then(work).catch((error: unknown) => {
      this.#tellFailure('This could not be saved', error);
    });
    return this.#writing;
  }

  #tellFailure(what: string, error: unknown): void {
    this.onNotice(`${what}: ${error instanceof Error ? error.message : String(error)}`);
  }

  #tellTabs(revision: number): void {
    if (!this.#isClosed) this.#channel.postMessage({ jobId: this.#id, revision } satisfies Told);
  }

  #tell(): void {
    for (const listener of this.#listeners) listener();
  }

  async #writePending(gather = 0): Promise<void> {
    if (this.#pending.length === 0) return;
    if (gather > 0) await new Promise((go) => setTimeout(go, gather));
    const { jobs, changes } = this.#database;
    const refusals: string[] = [];
    const writing = [...this.#pending];
    const { stored, isOnOurs } = await this.#database.transaction('rw', jobs, changes, async () => {
      const found = await this.#row();
      if (!found) throw new Error('the job was deleted in another tab');
      const isKnown = found.job === this.#written?.job;
      const applied = new Set(found.applied);
      for (const { id, name, args, strokes } of writing) {
        if (applied.has(id)) continue;
        applied.add(id);
        const outcome = applyWritten(found.job, name, args);
        if (!outcome.ok) refusals.push(outcome.message);
        else await this.#record(found, outcome.value, { name, strokes });
      }
      found.applied = [...applied].slice(-KEPT_IDS);
      found.revision += 1;
      found.updatedAt = new Date().toISOString();
      await jobs.put(found);
      return { stored: found, isOnOurs: isKnown };
    });
    const rebased = !isOnOurs;
    this.#journal.forget(this.#id, writing);
    this.#pending = this.#pending.slice(writing.length);
    this.#revision = stored.revision;
    this.#written = { job: stored.job, at: stored.updatedAt };
    this.#tellTabs(stored.revision);
    // What is shown is what was written, unless another tab had a hand in it: the screens keep their document.
    const shown = rebased || refusals.length > 0 ? stored.job : (this.#state?.job ?? stored.job);
    if (this.#pending.length === 0) await this.#show({ ...stored, job: shown });
    if (refusals.length > 0) this.onNotice(`Changed in another tab meanwhile: ${refusals.join(' ')}`);
    else if (rebased) this.onNotice('Another tab changed this job as well; both changes are kept.');
  }

  /** Adds a change to the row and to history, joined to the last one if it is another stroke of the same field. */
  async #record(stored: StoredJob, change: Change, by: { name: string; strokes: string | null }): Promise<void> {
    const { changes } = this.#database;
    await changes
      .where('[jobId+number]')
      .between([this.#id, stored.head + 1], [this.#id, Infinity])
      .delete();
    const last = await changes.get([this.#id, stored.head]);
    const at = new Date().toISOString();
    stored.job = change.job;
    if (
      last &&
      by.strokes !== null &&
      last.strokes === by.strokes &&
      Date.parse(at) - Date.parse(last.at) < STROKES_WITHIN
    ) {
      await changes.put({
        ...last,
        at,
        label: change.label,
        patches: [...last.patches, ...change.patches],
        inverse: [...change.inverse, ...last.inverse],
      });
      return;
    }
    stored.head += 1;
    const record: StoredChange = {
      jobId: this.#id,
      number: stored.head,
      command: by.name,
      label: change.label,
      at,
      patches: change.patches,
      inverse: change.inverse,
      strokes: by.strokes,
    };
    await changes.put(record);
    await changes.delete([this.#id, stored.head - KEPT_CHANGES]);
  }

  async #step(direction: 1 | -1): Promise<void> {
    const { jobs, changes } = this.#database;
    const stored = await this.#database.transaction('rw', jobs, changes, async () => {
      const found = await this.#row();
      const change = found && (await changes.get([this.#id, direction < 0 ? found.head : found.head + 1]));
      if (!found || !change) return null;
      found.job = applyPatches(found.job, direction < 0 ? change.inverse : change.patches);
      found.head += direction;
      found.revision += 1;
      found.updatedAt = new Date().toISOString();
      await jobs.put(found);
      return found;
    });
    if (stored === null) return;
    this.#tellTabs(stored.revision);
    await this.#show(stored);
  }

  /** Shows a row that was read or written, with the labels of what could be undone and redone. */
  async #show(stored: StoredJob): Promise<void> {
    const { changes } = this.#database;
    const [last, next] = await Promise.all([
      changes.get([this.#id, stored.head]),
      changes.get([this.#id, stored.head + 1]),
    ]);
    if (this.#pending.length > 0) return;
    this.#revision = stored.revision;
    this.#written = { job: stored.job, at: stored.updatedAt };
    this.#state = { job: stored.job, undoLabel: last?.label ?? null, redoLabel: next?.label ?? null };
    this.#tell();
  }

  async #catchUp(): Promise<void> {
    await this.#writing;
    const stored = await this.#row();
    if (!stored || stored.revision === this.#revision) return;
    await this.#show(stored);
    this.onNotice('Brought up to date with another tab.');
  }
}

import { applyPatches } from 'immer';
import {
  applyCommand,
  applyWritten,
  isRecord,
  type Change,
  type CommandArgs,
  type CommandName,
} from '../../core/job/commands/apply.ts';
import { atTheDoor } from '../../core/job/door.ts';
import { contested } from '../../core/job/commands/contested.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { accepted, refused, type Outcome } from '../../core/units/outcome.ts';
import { nanoid } from 'nanoid';
import type { JournalEntry } from './journal-entry.ts';
import { Journal } from './journal.ts';
import type { NivelDatabase, StoredJob } from './database.ts';
import { addToHistory } from './history.ts';
import { reasonOf } from './reason.ts';
import { isOfThisFormat, readStored } from './stored-job.ts';

/** What the screens see of a job. Replaced whole whenever something changes. */
export interface JobState {
  job: Job;
  /** What undo and redo would take back or bring again; null when there is nothing. */
  undoLabel: string | null;
  redoLabel: string | null;
}

/** Ids of commands that are kept to know them again. */
const KEPT_IDS = 200;
/** Strokes are gathered for so many ms before the document is written; the journal has them at once. */
const GATHERED_FOR = 300;
/** Ms after which what could not be written is tried again, and longer each time, up to a minute. */
const TRY_AGAIN = 2000;
const MAX_TRY = 60_000;

/** Changes that are in this tab only: how many, and why they can't be written. */
export interface Unkept {
  changes: number;
  why: string;
}

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

/** There is nothing to write to, now or later. */
class NothingToWriteTo extends Error {}

/** A command that was written down, carried out; what no version of Nivel could do is a refusal like any other. */
function carriedOut(job: Job, { name, args }: JournalEntry): Outcome<Change> {
  try {
    return applyWritten(job, name, args);
  } catch (error) {
    return refused(reasonOf(error));
  }
}

/** Where stores of one job hear of each other, in any tab. */
const TABS = 'nivel-jobs';

/** What one store tells the others. */
interface TabMessage {
  jobId: string;
  revision: number;
}

/**
 * One open job: keeps the document in memory, applies commands at once, writes each into the journal and then document
 * and patch in one transaction, in order. What tells of work that was done is shown once the journal has it on the disk.
 * Another tab's change is noticed before writing; the command is then given again on top of it.
 */
export class JobStore {
  readonly #database: NivelDatabase;
  readonly #id: string;
  readonly #journal: Journal;
  readonly #listeners = new Set<() => void>();
  readonly #channel: BroadcastChannel;
  #state: JobState | null = null;
  /** What the screens see: the state, but for records that are on their way to the disk. */
  #shown: JobState | null = null;
  #recording = 0;
  /** Ids of pending commands that the journal does not have. */
  readonly #unjournalled = new Map<string, string>();
  #failures = 0;
  #unkept: Unkept | null = null;
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
  /** Told when something can't be written, and with null when all is. */
  onUnkept: (unkept: Unkept | null) => void = () => undefined;
  /** Told when what was shown unchecked can't be read after all. */
  onDamaged: (damaged: Damaged) => void = () => undefined;

  constructor(database: NivelDatabase, id: string, journal = new Journal(database)) {
    this.#database = database;
    this.#id = id;
    this.#journal = journal;
    this.#channel = new BroadcastChannel(TABS);
    this.#channel.onmessage = ({ data }: MessageEvent<TabMessage>) => {
      if (data.jobId === this.#id && data.revision !== this.#revision)
        this.#catchUp().catch((error: unknown) => this.#tellFailure('Can’t show changes made in another tab', error));
    };
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly snapshot = (): JobState | null => this.#shown;

  /** Whether something was given that is in this tab only. */
  get isUnkept(): boolean {
    return this.#unkept !== null;
  }

  /** The document with everything that was given, shown yet or not; null while the job is not open. */
  latest(): Job | null {
    return this.#state?.job ?? null;
  }

  /**
   * Reads the job, and brings in what the journal still holds of it. A row is checked before it is shown; with
   * `checkBehind` one of this Nivel's own format is shown at once, checked behind it, and written to only when it held.
   */
  async open(checkBehind?: CheckBehind): Promise<Opened> {
    await this.#journal.takeOver(this.#id);
    const { jobs, journal } = this.#database;
    const [row, left] = await this.#database.transaction('r', jobs, journal, () =>
      Promise.all([jobs.get(this.#id), journal.where('jobId').equals(this.#id).sortBy('number')]),
    );
    if (!row || row.deletedAt !== null) return { state: 'missing' };
    if (checkBehind && isOfThisFormat(row)) {
      const wanted = new Promise<void>((want) => (this.#wantCheck = want));
      this.#sound = this.#checked(row, checkBehind(row, wanted));
      // Whoever writes hears of it; when nothing is written, the screens are told all the same.
      this.#sound.catch(() => undefined);
      // Frozen like every job: what is worked out of its parts is kept by them.
      await this.#take({ ...row, job: atTheDoor(row.job) }, left);
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
    for (const entry of left) this.#giveAgain(entry);
  }

  async #checked(row: StoredJob, checking: ReturnType<CheckBehind>): Promise<void> {
    // A check that could not be made elsewhere is made here.
    const checked = await checking.catch(() => readStored(row));
    if (checked.ok) return;
    this.onDamaged({ state: 'damaged', message: checked.message, row });
    throw new NothingToWriteTo(checked.message);
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
    this.#state = { job: outcome.value.job, undoLabel: outcome.value.label, redoLabel: null };
    this.#keep({ id: nanoid(12), name, args, strokes }, isRecord(name));
    this.#tell();
    void this.#enqueue(() => this.#writePending(strokes === null ? 0 : GATHERED_FOR));
    return accepted(outcome.value.job);
  }

  /** Writes a command into the journal; what comes after a record is shown together with it. */
  #keep(entry: JournalEntry, isShownWhenKept: boolean): void {
    this.#pending.push(entry);
    const kept = this.#journal.keep(this.#id, entry, isShownWhenKept ? 'strict' : 'relaxed');
    const told = kept.catch((error: unknown) => {
      if (!this.#pending.includes(entry)) return;
      this.#unjournalled.set(entry.id, reasonOf(error));
      this.#tellUnkept();
    });
    if (!isShownWhenKept) return;
    this.#recording += 1;
    void told.then(() => {
      this.#recording -= 1;
      this.#tell();
    });
  }

  /** A command that a reload or a killed tab left in the journal: shown if it still makes sense, written if it is not. */
  #giveAgain(entry: JournalEntry): void {
    if (this.#state === null) return;
    const outcome = carriedOut(this.#state.job, entry);
    if (outcome.ok) this.#state = { job: outcome.value.job, undoLabel: outcome.value.label, redoLabel: null };
    this.#pending.push(entry);
    this.#tell();
    void this.#enqueue(() => this.#writePending());
  }

  undo(): Promise<void> {
    return this.#enqueue(() => this.#step(-1));
  }

  redo(): Promise<void> {
    return this.#enqueue(() => this.#step(1));
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
      this.#failures += 1;
      this.#tellUnkept(reasonOf(error));
      if (this.#pending.length > 0 && !(error instanceof NothingToWriteTo)) this.#tryAgainLater();
    });
    return this.#writing;
  }

  /** A screen that is left keeps trying: what was given is not lost as long as the tab is open. */
  #tryAgainLater(): void {
    const delay = Math.min(MAX_TRY, TRY_AGAIN * 2 ** Math.min(this.#failures - 1, 10));
    setTimeout(() => void this.tryAgain(), delay);
  }

  /** Tries to write what could not be written. */
  tryAgain(): Promise<void> {
    return this.#enqueue(() => this.#writePending());
  }

  /** Says how much is in this tab only: what neither document nor journal has. */
  #tellUnkept(why: string | null = null): void {
    const [first] = this.#unjournalled.values();
    const changes = this.#unjournalled.size;
    const unkept = changes === 0 && why === null ? null : { changes, why: why ?? first ?? '' };
    if (unkept === null && this.#unkept === null) return;
    this.#unkept = unkept;
    this.onUnkept(unkept);
  }

  #tellFailure(what: string, error: unknown): void {
    this.onNotice(`${what}: ${reasonOf(error)}`);
  }

  #tellTabs(revision: number): void {
    const channel = this.#isClosed ? new BroadcastChannel(TABS) : this.#channel;
    channel.postMessage({ jobId: this.#id, revision } satisfies TabMessage);
    if (this.#isClosed) channel.close();
  }

  #tell(): void {
    if (this.#recording > 0) return;
    this.#shown = this.#state;
    for (const listener of this.#listeners) listener();
  }

  async #writePending(gather = 0): Promise<void> {
    if (this.#pending.length === 0) return;
    if (gather > 0) await new Promise((go) => setTimeout(go, gather));
    const { jobs, changes, journal, setAside } = this.#database;
    const writing = [...this.#pending];
    const { stored, isOnOurs, refusals, overwritten } = await this.#database.transaction(
      'rw',
      [jobs, changes, journal, setAside],
      async () => {
        const found = await this.#row();
        if (!found) throw new NothingToWriteTo('the job was deleted in another tab');
        const base = this.#written?.job;
        const isKnown = found.job === base;
        const told = { stored: found, isOnOurs: isKnown, refusals: [] as string[], overwritten: [] as string[] };
        const applied = new Set(found.applied);
        for (const entry of writing) {
          if (applied.has(entry.id)) continue;
          applied.add(entry.id);
          const outcome = carriedOut(found.job, entry);
          if (outcome.ok) {
            if (!isKnown && contested(base, found.job, outcome.value.job)) told.overwritten.push(outcome.value.label);
            await addToHistory(this.#database, found, outcome.value, entry);
          } else {
            told.refusals.push(outcome.message);
            await setAside.put({ ...entry, jobId: this.#id, at: new Date().toISOString(), why: outcome.message });
          }
        }
        found.applied = [...applied].slice(-KEPT_IDS);
        found.revision += 1;
        found.updatedAt = new Date().toISOString();
        await jobs.put(found);
        await journal
          .where('id')
          .anyOf(writing.map(({ id }) => id))
          .delete();
        return told;
      },
    );
    this.#pending = this.#pending.slice(writing.length);
    for (const { id } of writing) this.#unjournalled.delete(id);
    this.#failures = 0;
    this.#tellUnkept();
    this.#revision = stored.revision;
    this.#written = { job: stored.job, at: stored.updatedAt };
    this.#tellTabs(stored.revision);
    // What is shown is what was written, unless another tab had a hand in it: the screens keep their document.
    const shown = !isOnOurs || refusals.length > 0 ? stored.job : (this.#state?.job ?? stored.job);
    if (this.#pending.length === 0) await this.#show({ ...stored, job: shown });
    if (refusals.length > 0) this.onNotice(`Couldn’t apply this, so it’s set aside: ${refusals.join(' ')}`);
    if (overwritten.length > 0)
      this.onNotice(`Another tab changed the same: ${overwritten.join('; ')}. The latest entry stands.`);
    else if (!isOnOurs && refusals.length === 0)
      this.onNotice('Another tab changed this job too. Both changes are kept.');
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
    this.onNotice('Updated from another tab.');
  }
}

import { fitWholeBefore, shiftEndsWithin, type Shifts } from './calendar.ts';
import type { PreparedSetup } from './prepared.ts';

/** That no later tick will do. */
export const NEVER = Infinity;

/** What a painter does first in some rest of a schedule. */
export interface NextWork {
  /** When it begins; `Infinity` where there is nothing. */
  next: number;
  /** What the first of all needs that takes a tool; null where nothing does. */
  setup: PreparedSetup | null;
  /** When it is set up for that, be it before something without a tool; null where it is not. */
  made: { start: number; end: number } | null;
}

/** Time in which a painter had nothing to do before something that takes no tool; with the one before it. */
interface Gap {
  from: number;
  until: number;
  before: Gap | null;
}

/** One painter's work so far, in the order of time: only ever added to at its end. */
export class PainterTrack {
  readonly shifts: Shifts;
  /** End of the last thing this painter does. */
  freeFrom = 0;
  /** Where the set-up of the last answer of {@link readyAt} began and ended; none was needed where both are -1. */
  setupStart = -1;
  setupEnd = -1;
  /** Of that answer, the task for which a set-up was made that does not keep so long; -1 where none was. */
  outlived = -1;
  #key = -1;
  #readyFrom = 0;
  /** The task for which this painter was last set up. */
  #setUpFor = -1;
  /** The first shift that ends after `freeFrom`. */
  #shift = 0;
  /** Idle time since this painter was last set up or used a tool: work without tools disturbs no set-up. */
  #gap: Gap | null = null;

  constructor(shifts: Shifts) {
    this.shifts = shifts;
  }

  /** Index of the first shift that ends after `time`, which is not before `freeFrom`. */
  shiftAfter(time: number): number {
    let index = this.#shift;
    while (index < this.shifts.length && (this.shifts[index]?.[1] ?? 0) <= time) index++;
    return index;
  }

  /** First tick at or after `from` in a shift, when this painter is free; `Infinity` if there is none. */
  firstFree(from: number): number {
    const free = Math.max(from, this.freeFrom);
    const shift = this.shifts[this.shiftAfter(free)];
    return shift === undefined ? NEVER : Math.max(free, shift[0]);
  }

  /** Whether this painter was last set up for it, whether or not it is still good. */
  isSetUpFor(setup: PreparedSetup): boolean {
    return this.#key === setup.index;
  }

  /** The index of what this painter was last set up for; −1 for nothing. */
  get inHand(): number {
    return this.#key;
  }

  /** Ticks that setting up takes now, after what this painter was last set up for. */
  setupWork(setup: PreparedSetup): number {
    return this.#key < 0 ? setup.work : (setup.after[this.#key] ?? setup.work);
  }

  #stillGood(setup: PreparedSetup, setupEnd: number, start: number): boolean {
    if (start - setupEnd > setup.keeps) return false;
    return setup.acrossShifts || !shiftEndsWithin(this.shifts, setupEnd, start);
  }

  /**
   * The first tick from `start` on, which is inside a shift and not before `freeFrom`, at which this painter can be set
   * up; {@link NEVER} if there is none. Where it is `start` itself, `setupStart` and `setupEnd` tell of the set-up.
   * With `renews`, one that fits into idle time is made anew.
   */
  readyAt(setup: PreparedSetup, start: number, renews = false): number {
    this.setupStart = -1;
    this.setupEnd = -1;
    this.outlived = -1;
    const isGood = this.#key === setup.index && this.#stillGood(setup, this.#readyFrom, start);
    if (isGood && !renews) return start;
    const work = this.setupWork(setup);
    const index = this.shiftAfter(start);
    const opens = Math.max(this.shifts[index]?.[0] ?? 0, this.freeFrom);
    if (isGood && start - work < opens) return start;
    if (start - work >= opens) {
      this.setupStart = start - work;
      this.setupEnd = start;
      return start;
    }
    if (this.#setUpIn(this.#gap, setup, start)) return start;
    if (this.#key === setup.index) this.outlived = this.#setUpFor;
    // The shift has only just begun: set up at the end of the one before, if it keeps.
    const before = this.shifts[index - 1];
    if (before !== undefined && before[1] - work >= Math.max(before[0], this.freeFrom)) {
      if (this.#stillGood(setup, before[1], start)) {
        this.setupStart = before[1] - work;
        this.setupEnd = before[1];
        return start;
      }
    }
    for (let later = index; later < this.shifts.length; later++) {
      const from = this.shifts[later]?.[0] ?? 0;
      const until = this.shifts[later]?.[1] ?? 0;
      const eve = this.shifts[later - 1];
      const isReadyAtOnce =
        eve !== undefined && eve[1] - work >= Math.max(eve[0], this.freeFrom) && this.#stillGood(setup, eve[1], from);
      if (isReadyAtOnce && from > start) return from;
      const ready = Math.max(from, this.freeFrom) + work;
      if (ready < until && ready > start) return ready;
    }
    return NEVER;
  }

  /** Whether this painter could be set up for a start before something else begins that takes no tool. */
  isSetUpBefore(setup: PreparedSetup, begins: number, start: number): boolean {
    return this.#setUpIn({ from: this.freeFrom, until: begins, before: this.#gap }, setup, start);
  }

  /** Finds the last idle time before work without tools in which a set-up fits that keeps until a start. */
  #setUpIn(last: Gap | null, setup: PreparedSetup, start: number): boolean {
    const work = this.setupWork(setup);
    for (let gap = last; gap !== null; gap = gap.before) {
      const from = fitWholeBefore(this.shifts, gap.until, work);
      if (from === null || from < gap.from) continue;
      if (!this.#stillGood(setup, from + work, start)) return false;
      this.setupStart = from;
      this.setupEnd = from + work;
      return true;
    }
    return false;
  }

  /**
   * Whether what goes on from another track could go on from this one as it stands there: first something that begins at
   * `next`, with its set-up, and first of all that takes a tool something for `setup`, set up anew or not.
   */
  leadsTo(other: PainterTrack, { next, setup, made }: NextWork): boolean {
    if (this.freeFrom > next) return false;
    if (setup === null) return true;
    if (made !== null && !this.#isIdle(made.start, made.end)) return false;
    if (made === null) return this.#key === other.#key && this.#readyFrom >= other.#readyFrom;
    return this.#key === other.#key || this.setupWork(setup) === other.setupWork(setup);
  }

  /** Whether nothing is done in some time, and no tool is used after it. */
  #isIdle(from: number, until: number): boolean {
    if (from >= this.freeFrom) return true;
    for (let gap = this.#gap; gap !== null; gap = gap.before) if (gap.from <= from && until <= gap.until) return true;
    return false;
  }

  /** Tracks of the same name go on in the same ways. */
  get name(): string {
    return `${this.freeFrom}/${this.#key}/${this.#readyFrom}/${this.gaps}`;
  }

  /** The idle time in which it could still be set up, in words of its own. */
  get gaps(): string {
    let name = '';
    for (let gap = this.#gap; gap !== null; gap = gap.before) name += `${gap.from}-${gap.until} `;
    return name;
  }

  /** A track that goes on from here by itself. */
  copy(): PainterTrack {
    const copy = new PainterTrack(this.shifts);
    copy.freeFrom = this.freeFrom;
    copy.#key = this.#key;
    copy.#readyFrom = this.#readyFrom;
    copy.#setUpFor = this.#setUpFor;
    copy.#shift = this.#shift;
    copy.#gap = this.#gap;
    return copy;
  }

  /** Adds a set-up, if one is needed, and a task, both later than everything before. */
  add(
    task: { index: number; start: number; end: number; setup: PreparedSetup | null },
    setup: { start: number; end: number } | null,
  ): void {
    if (setup !== null && task.setup !== null) {
      this.#key = task.setup.index;
      this.#readyFrom = setup.end;
      this.#setUpFor = task.index;
    }
    if (task.setup !== null) this.#gap = null;
    else if (this.freeFrom < task.start) this.#gap = { from: this.freeFrom, until: task.start, before: this.#gap };
    this.freeFrom = Math.max(this.freeFrom, task.end);
    this.#shift = this.shiftAfter(this.freeFrom);
  }
}

const NO_SETUPS: readonly MadeSetup[] = [];

/** A set-up of a painter. */
interface MadeSetup {
  painter: number;
  start: number;
  end: number;
}

/** The set-ups that a team needs for a start, or the later tick at which all can be set up; {@link NEVER} if there is none. */
export function teamSetups(
  tracks: readonly PainterTrack[],
  team: readonly number[],
  setup: PreparedSetup | null,
  start: number,
): readonly MadeSetup[] | number {
  if (setup === null) return NO_SETUPS;
  let setups: MadeSetup[] | null = null;
  for (const painter of team) {
    const track = tracks[painter];
    if (track === undefined) return NEVER;
    const ready = track.readyAt(setup, start);
    if (ready > start) return ready;
    if (track.setupEnd >= 0) (setups ??= []).push({ painter, start: track.setupStart, end: track.setupEnd });
  }
  return setups ?? NO_SETUPS;
}

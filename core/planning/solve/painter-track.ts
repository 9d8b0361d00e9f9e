import { intervalEndingAfter, shiftEndsWithin, type Shifts } from './calendar.ts';
import type { PreparedSetup } from './prepared.ts';

/** Where a painter stands ready: at once, after a set-up, or not before a later tick. */
export type Readiness =
  | { kind: 'ready' }
  | { kind: 'after-setup'; start: number; end: number }
  | { kind: 'not-before'; tick: number }
  | { kind: 'never' };

/** One painter's work so far, in the order of time: only ever added to at its end. */
export class PainterTrack {
  readonly shifts: Shifts;
  /** End of the last thing this painter does. */
  freeFrom = 0;
  #key: string | null = null;
  #setupEnd = 0;

  constructor(shifts: Shifts) {
    this.shifts = shifts;
  }

  /** Whether this painter was last set up for `key`, whether or not it is still good. */
  isSetUpFor(key: string): boolean {
    return this.#key === key;
  }

  /** Ticks that setting up takes now, after what this painter was last set up for. */
  setupWork(setup: PreparedSetup): number {
    return (this.#key === null ? undefined : setup.after[this.#key]) ?? setup.work;
  }

  #stillGood(setup: PreparedSetup, setupEnd: number, start: number): boolean {
    if (start - setupEnd > setup.keeps) return false;
    return setup.acrossShifts || !shiftEndsWithin(this.shifts, setupEnd, start);
  }

  /** What it takes for this painter to be set up when a task starts at `start`, which is inside a shift and not before `freeFrom`. */
  readiness(setup: PreparedSetup, start: number): Readiness {
    if (this.#key === setup.key && this.#stillGood(setup, this.#setupEnd, start)) return { kind: 'ready' };
    const work = this.setupWork(setup);
    const index = intervalEndingAfter(this.shifts, start);
    const opens = Math.max(this.shifts[index]?.[0] ?? 0, this.freeFrom);
    if (start - work >= opens) return { kind: 'after-setup', start: start - work, end: start };
    // The shift has only just begun: set up at the end of the one before, if it keeps.
    const before = this.shifts[index - 1];
    if (before !== undefined && before[1] - work >= Math.max(before[0], this.freeFrom)) {
      if (this.#stillGood(setup, before[1], start)) {
        return { kind: 'after-setup', start: before[1] - work, end: before[1] };
      }
    }
    for (let later = index; later < this.shifts.length; later++) {
      const [from, until] = this.shifts[later] ?? [0, 0];
      const eve = this.shifts[later - 1];
      const isReadyAtOnce =
        eve !== undefined && eve[1] - work >= Math.max(eve[0], this.freeFrom) && this.#stillGood(setup, eve[1], from);
      if (isReadyAtOnce && from > start) return { kind: 'not-before', tick: from };
      const ready = Math.max(from, this.freeFrom) + work;
      if (ready < until && ready > start) return { kind: 'not-before', tick: ready };
    }
    return { kind: 'never' };
  }

  /** Adds a set-up and a task, both later than everything before. */
  add(task: { start: number; end: number; key: string | null }, setup: { end: number } | null): void {
    if (setup !== null && task.key !== null) {
      this.#key = task.key;
      this.#setupEnd = setup.end;
    }
    this.freeFrom = Math.max(this.freeFrom, task.end);
  }
}

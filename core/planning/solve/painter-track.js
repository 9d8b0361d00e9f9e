import { intervalEndingAfter, shiftEndsWithin } from './calendar.ts';
/** One painter's work so far, in the order of time: only ever added to at its end. */
export class PainterTrack {
  shifts;
  /** End of the last thing this painter does. */
  freeFrom = 0;
  #key = null;
  #setupEnd = 0;
  constructor(shifts) {
    this.shifts = shifts;
  }
  /** Whether this painter was last set up for `key`, whether or not it is still good. */
  isSetUpFor(key) {
    return this.#key === key;
  }
  /** Ticks that setting up takes now, after what this painter was last set up for. */
  setupWork(setup) {
    return (this.#key === null ? undefined : setup.after[this.#key]) ?? setup.work;
  }
  #stillGood(setup, setupEnd, start) {
    if (start - setupEnd > setup.keeps) return false;
    return setup.acrossShifts || !shiftEndsWithin(this.shifts, setupEnd, start);
  }
  /** What it takes for this painter to be set up when a task starts at `start`, which is inside a shift and not before `freeFrom`. */
  readiness(setup, start) {
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
  add(task, setup) {
    if (setup !== null && task.key !== null) {
      this.#key = task.key;
      this.#setupEnd = setup.end;
    }
    this.freeFrom = Math.max(this.freeFrom, task.end);
  }
}

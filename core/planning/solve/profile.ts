/** Later than any tick. */
export const FOREVER = Number.MAX_SAFE_INTEGER;

/**
 * How many slots of one space are taken over time: a step function, kept as the times where it changes.
 * Intervals are half-open; an interval to {@link FOREVER} is a hold whose end is not planned yet.
 */
export class Profile {
  readonly capacity: number;
  readonly #times: number[] = [0];
  readonly #levels: number[] = [0];
  /** Step that was looked at last: what is asked next mostly lies near it. */
  #near = 0;

  constructor(capacity: number) {
    this.capacity = capacity;
  }

  /** The same from a tick on, as one that goes on by itself; before that nothing is asked of it. */
  copyFrom(time: number): Profile {
    const copy = new Profile(this.capacity);
    const first = this.#stepAt(time);
    copy.#times.length = 0;
    copy.#levels.length = 0;
    for (let index = first; index < this.#times.length; index++) {
      const level = this.#levels[index] ?? 0;
      if (index > first && level === copy.#levels[copy.#levels.length - 1]) continue;
      copy.#times.push(index === first ? 0 : (this.#times[index] ?? 0));
      copy.#levels.push(level);
    }
    return copy;
  }

  /** Whether another one is the same step for step. */
  equals(other: Profile): boolean {
    const [times, levels] = [other.#times, other.#levels];
    if (times.length !== this.#times.length) return false;
    for (let index = 0; index < times.length; index++) {
      if (times[index] !== this.#times[index] || levels[index] !== this.#levels[index]) return false;
    }
    return true;
  }

  /** Slots that are taken for good, as things stand: by holds whose end is not planned yet. */
  get takenForGood(): number {
    return this.#levels[this.#levels.length - 1] ?? 0;
  }

  /** Index of the step in which `time` lies. */
  #stepAt(time: number): number {
    const times = this.#times;
    let index = Math.min(this.#near, times.length - 1);
    while (index > 0 && (times[index] ?? 0) > time) index--;
    while (index + 1 < times.length && (times[index + 1] ?? 0) <= time) index++;
    return (this.#near = index);
  }

  #split(time: number): number {
    const index = this.#stepAt(time);
    if (this.#times[index] === time) return index;
    if (index === this.#times.length - 1) {
      this.#times.push(time);
      this.#levels.push(this.#levels[index] ?? 0);
    } else {
      this.#times.splice(index + 1, 0, time);
      this.#levels.splice(index + 1, 0, this.#levels[index] ?? 0);
    }
    return index + 1;
  }

  /** Takes (or with negative `slots` gives back) slots over `[start, end)`. */
  take(start: number, end: number, slots: number): void {
    if (start >= end || slots === 0) return;
    const first = this.#split(start);
    const last = end === FOREVER ? this.#times.length : this.#split(end);
    for (let index = first; index < last; index++) this.#levels[index] = (this.#levels[index] ?? 0) + slots;
  }

  /**
   * The first time at or after `from` from which `slots` more are free for `duration`; `FOREVER` as duration asks for
   * good. `null` if there is no such time. `credit` slots are given back by whoever asks, from whenever it starts.
   */
  earliestFree(from: number, duration: number, slots: number, credit = 0): number | null {
    const room = this.capacity - slots + credit;
    if (room < 0) return null;
    let start = from;
    let index = this.#stepAt(from);
    const last = this.#times.length - 1;
    while (index <= last) {
      if ((this.#levels[index] ?? 0) > room) {
        if (index === last) return null;
        start = this.#times[index + 1] ?? 0;
      } else if (index === last || (duration !== FOREVER && (this.#times[index + 1] ?? 0) >= start + duration)) {
        return start;
      }
      index++;
    }
    return start;
  }
}

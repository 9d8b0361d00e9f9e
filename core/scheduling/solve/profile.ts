/** Later than any tick. */
export const FOREVER = Number.MAX_SAFE_INTEGER;

/**
 * How many slots of one space are taken over time: a step function, kept as the times where it changes.
 * Intervals are half-open; an interval to {@link FOREVER} is a hold whose end is not planned yet.
 */
export class Profile {
  readonly capacity: number;
  #times: number[] = [0];
  #levels: number[] = [0];
  /** Step that was looked at last: what is asked next mostly lies near it. */
  #near = 0;

  constructor(capacity: number) {
    this.capacity = capacity;
  }

  /** One that goes on from here by itself. */
  copy(): Profile {
    const copy = new Profile(this.capacity);
    copy.#times = this.#times.slice();
    copy.#levels = this.#levels.slice();
    copy.#near = this.#near;
    return copy;
  }

  /**
   * From a tick on, has each level be the most since then. Whether something that begins before that finds place until some
   * later tick stays the same, and there are fewer steps to look at.
   */
  riseFrom(time: number): void {
    const first = this.#split(time);
    let kept = first;
    for (let index = first + 1; index < this.#levels.length; index++) {
      if ((this.#levels[index] ?? 0) <= (this.#levels[kept] ?? 0)) continue;
      kept++;
      this.#times[kept] = this.#times[index] ?? 0;
      this.#levels[kept] = this.#levels[index] ?? 0;
    }
    this.#times.length = kept + 1;
    this.#levels.length = kept + 1;
    this.#near = 0;
  }

  /** The most that is taken at any time. */
  get most(): number {
    return this.#levels.reduce((most, level) => Math.max(most, level), 0);
  }

  /** Whether more is taken somewhere than there is. */
  get isOverfull(): boolean {
    return this.most > this.capacity;
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
      insert(this.#times, index + 1, time);
      insert(this.#levels, index + 1, this.#levels[index] ?? 0);
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

/** Puts a number into a list; for lists as short as these quicker than splicing. */
function insert(list: number[], at: number, value: number): void {
  let moved = value;
  for (let index = at; index < list.length; index++) {
    const next = list[index] ?? 0;
    list[index] = moved;
    moved = next;
  }
  list.push(moved);
}

/** Differences below this are rounding of sums, not drying. */
const TOLERANCE = 1e-9;

/** Steps in which a dose is looked for first. */
const NEAR = 16;

/**
 * A clock that runs as fast as paint dries: a rate for every step of time, summed exactly.
 * Time is in any unit (ticks, minutes); a rate is progress per that unit and constant within a step.
 * Outside its steps a clock stands still.
 */
export class RateClock {
  readonly #step: number;
  readonly #rates: ArrayLike<number>;
  /** Progress from 0 to the start of each step. */
  readonly #sums: Float64Array;

  constructor(rates: ArrayLike<number>, step: number) {
    this.#rates = rates;
    this.#step = step;
    this.#sums = new Float64Array(rates.length + 1);
    for (let index = 0; index < rates.length; index++) {
      this.#sums[index + 1] = (this.#sums[index] ?? 0) + (rates[index] ?? 0) * step;
    }
  }

  /** Progress made from time 0 to `time`. */
  #at(time: number): number {
    if (time <= 0) return 0;
    const index = Math.floor(time / this.#step);
    if (index >= this.#rates.length) return this.#sums[this.#rates.length] ?? 0;
    return (this.#sums[index] ?? 0) + (this.#rates[index] ?? 0) * (time - index * this.#step);
  }

  /** Progress made between two times; 0 when `until` is before `from`. */
  progress(from: number, until: number): number {
    return until <= from ? 0 : this.#at(until) - this.#at(from);
  }

  /** The first time at which `dose` has been made since `from`; `Infinity` if the clock never makes it. Exact. */
  reach(from: number, dose: number): number {
    if (dose <= TOLERANCE) return from;
    const goal = this.#at(from) + dose - TOLERANCE;
    const last = this.#rates.length;
    if ((this.#sums[last] ?? 0) < goal) return Infinity;
    let low = Math.max(0, Math.floor(from / this.#step));
    // Mostly it is made within a day or two: ever longer strides find about where.
    let stride = NEAR;
    let high = Math.min(last, low + stride);
    while (high < last && (this.#sums[high + 1] ?? 0) < goal) {
      low = high + 1;
      stride *= 2;
      high = Math.min(last, low + stride);
    }
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.#sums[middle + 1] ?? 0) >= goal) high = middle;
      else low = middle + 1;
    }
    const intoStep = (goal - (this.#sums[low] ?? 0)) / (this.#rates[low] ?? 1);
    return Math.max(from, low * this.#step + intoStep);
  }

  /** The last time from which `dose` is made by `until`; `-Infinity` if not even from the clock's beginning. Exact. */
  latest(until: number, dose: number): number {
    if (dose <= TOLERANCE) return until;
    // Half a hair, so that what is answered here is in time for `reach` as well.
    const goal = this.#at(until) - dose + TOLERANCE / 2;
    if (goal < 0) return -Infinity;
    // The last time by which no more than `goal` has been made: behind any hours in which the clock stood still.
    let low = 0;
    let high = this.#rates.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.#sums[middle + 1] ?? 0) > goal) high = middle;
      else low = middle + 1;
    }
    const intoStep = (goal - (this.#sums[low] ?? 0)) / (this.#rates[low] ?? 1);
    return Math.min(until, low * this.#step + intoStep);
  }

  /** The first whole time at which `dose` has been made since `from`; `Infinity` if never. */
  reachWhole(from: number, dose: number): number {
    const exact = this.reach(from, dose);
    return exact === Infinity ? Infinity : Math.max(Math.ceil(from), Math.ceil(exact - TOLERANCE));
  }

  /** Whether at least `dose` is made between two times, rounding forgiven. */
  hasMade(from: number, until: number, dose: number): boolean {
    return this.progress(from, until) >= dose - TOLERANCE;
  }

  /** Whether more than `dose` is made between two times, rounding forgiven. */
  hasPassed(from: number, until: number, dose: number): boolean {
    return this.progress(from, until) > dose + TOLERANCE;
  }
}

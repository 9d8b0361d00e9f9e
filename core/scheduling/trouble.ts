import type { PlanProblem } from './problem.ts';

type Figures = NonNullable<PlanProblem['trouble']>;

/** What disturbs a crew where a problem states nothing else, in painter-minutes. */
export const USUAL_TROUBLE: Figures = { change: 5, shortBatch: 15, mix: 10, walk: 3, turn: 10, slowLast: 10 };

/** What a plan disturbs a crew by: how often, and in painter-minutes all together. */
export interface Trouble {
  minutes: number;
  setups: number;
  setupMinutes: number;
  batches: number;
  /** Batches of up to ten minutes. */
  tiny: number;
  mixes: number;
  walks: number;
  turns: number;
  /** Last shifts of a day that did not end with the slowest-drying coat. */
  slowEarly: number;
  /** Days on which a painter works at all, summed over painters. */
  painterDays: number;
}

/** A batch of up to so many minutes is tiny. */
const TINY = 10;

/**
 * Counts what a plan disturbs a crew by. A *batch* is what one painter does in a row on one day with one set-up; without
 * a set-up, in a row of one kind of step. A break does not end it; another batch does.
 */
export class TroubleCount {
  readonly #figures: Figures;
  readonly #tickMinutes: number;
  readonly #ticksPerDay: number;
  readonly #kind: Int32Array;
  readonly #day: Int32Array;
  readonly #lastWorked: Int32Array;
  readonly #place: Int32Array;
  readonly #work: Float64Array;
  /** By painter and day, when the last shift of it begins. */
  readonly #lastShifts: readonly Int32Array[];
  /** By painter, for the last shift of a day: the day, the drying time of its last coat, and the longest of all its coats. */
  readonly #wetDay: Int32Array;
  readonly #lastWet: Float64Array;
  readonly #longestWet: Float64Array;
  #lengths: number[] = [];
  #setups = 0;
  #setupMinutes = 0;
  #batches = 0;
  #mixes = 0;
  #walks = 0;
  #turns = 0;
  #slowEarly = 0;
  #painterDays = 0;

  constructor({ trouble, tickMinutes, painters }: Pick<PlanProblem, 'trouble' | 'tickMinutes' | 'painters'>) {
    this.#figures = trouble ?? USUAL_TROUBLE;
    this.#tickMinutes = tickMinutes;
    this.#ticksPerDay = 1440 / tickMinutes;
    this.#kind = new Int32Array(painters.length).fill(-1);
    this.#day = new Int32Array(painters.length).fill(-1);
    this.#lastWorked = new Int32Array(painters.length).fill(-1);
    this.#place = new Int32Array(painters.length).fill(-1);
    this.#work = new Float64Array(painters.length);
    this.#lastShifts = painters.map(({ shifts }) => lastShiftsOf(shifts, this.#ticksPerDay));
    this.#wetDay = new Int32Array(painters.length).fill(-1);
    this.#lastWet = new Float64Array(painters.length);
    this.#longestWet = new Float64Array(painters.length);
  }

  /** Counts anew. */
  reset(): this {
    for (const each of [this.#kind, this.#day, this.#lastWorked, this.#place, this.#wetDay]) each.fill(-1);
    for (const each of [this.#work, this.#lastWet, this.#longestWet]) each.fill(0);
    this.#lengths = [];
    this.#setups = this.#setupMinutes = this.#batches = this.#mixes = this.#walks = this.#turns = 0;
    this.#slowEarly = this.#painterDays = 0;
    return this;
  }

  /** Adds that a painter sets up over `[start, end)`; in the order of time, before what it is for. */
  addSetup(painter: number, start: number, end: number, mixes: boolean): void {
    this.#setups++;
    this.#setupMinutes += (end - start) * this.#tickMinutes;
    if (mixes) this.#mixes++;
    this.#addDay(painter, start);
  }

  /**
   * Adds what a painter does next, in the order of time: so many ticks of work of a kind, somewhere (−1 for nowhere in
   * particular). What is done with one set-up, or without one the same kind of step, has the same number as kind. What goes on
   * wet says how long it takes to dry.
   */
  addWork(painter: number, start: number, work: number, kind: number, place: number, dries = 0): void {
    const day = this.#addDay(painter, start);
    if (dries > 0) this.#addWet(painter, day, start, dries);
    if (place >= 0) {
      const before = this.#place[painter] ?? -1;
      if (before >= 0 && before !== place) this.#walks++;
      this.#place[painter] = place;
    }
    if (this.#kind[painter] !== kind || this.#day[painter] !== day) {
      this.#endBatch(painter);
      this.#kind[painter] = kind;
      this.#day[painter] = day;
      this.#batches++;
    }
    this.#work[painter] = (this.#work[painter] ?? 0) + work * this.#tickMinutes;
  }

  /** Tells where a painter is before anything is added. */
  standsAt(painter: number, place: number): void {
    this.#place[painter] = place;
  }

  /** Adds that a painter works on what was begun before, at some tick of another day. */
  goesOn(painter: number, at: number): void {
    this.#addDay(painter, at);
  }

  #addDay(painter: number, at: number): number {
    const day = Math.floor(at / this.#ticksPerDay);
    if (day > (this.#lastWorked[painter] ?? -1)) {
      this.#painterDays++;
      this.#lastWorked[painter] = day;
    }
    return day;
  }

  /** Adds that a space changes from those who share it to one who needs all of it. */
  addTurns(turns: number): void {
    this.#turns += turns;
  }

  #addWet(painter: number, day: number, start: number, dries: number): void {
    if (start < (this.#lastShifts[painter]?.[day] ?? 0)) return;
    if (this.#wetDay[painter] !== day) {
      this.#endWet(painter);
      this.#wetDay[painter] = day;
    }
    this.#lastWet[painter] = dries;
    if (dries > (this.#longestWet[painter] ?? 0)) this.#longestWet[painter] = dries;
  }

  #endWet(painter: number): void {
    if ((this.#lastWet[painter] ?? 0) < (this.#longestWet[painter] ?? 0)) this.#slowEarly++;
    this.#wetDay[painter] = -1;
    this.#lastWet[painter] = this.#longestWet[painter] = 0;
  }

  #endBatch(painter: number): void {
    if ((this.#kind[painter] ?? -1) < 0) return;
    const work = this.#work[painter] ?? 0;
    this.#lengths.push(work);
    this.#work[painter] = 0;
    this.#kind[painter] = -1;
  }

  /** Minutes of all batches, once everything has been added. */
  lengths(): number[] {
    for (let painter = 0; painter < this.#kind.length; painter++) this.#endBatch(painter);
    return this.#lengths;
  }

  /** All together, once everything has been added. */
  total(): Trouble {
    const { change, shortBatch, mix, walk, turn, slowLast } = this.#figures;
    for (let painter = 0; painter < this.#wetDay.length; painter++) this.#endWet(painter);
    let [shortfall, tiny] = [0, 0];
    for (const work of this.lengths()) {
      if (work <= TINY) tiny++;
      if (work < shortBatch) shortfall += shortBatch - work;
    }
    return {
      minutes:
        this.#setupMinutes +
        change * this.#batches +
        shortfall +
        mix * this.#mixes +
        walk * this.#walks +
        turn * this.#turns +
        slowLast * this.#slowEarly,
      setups: this.#setups,
      setupMinutes: this.#setupMinutes,
      batches: this.#batches,
      tiny,
      mixes: this.#mixes,
      walks: this.#walks,
      turns: this.#turns,
      slowEarly: this.#slowEarly,
      painterDays: this.#painterDays,
    };
  }
}

/** By day, when the last shift begins; 0 for a day without. */
function lastShiftsOf(shifts: PlanProblem['painters'][number]['shifts'], ticksPerDay: number): Int32Array {
  const days = Math.floor((shifts.at(-1)?.[0] ?? 0) / ticksPerDay) + 1;
  const begins = new Int32Array(days);
  for (const [from] of shifts) begins[Math.floor(from / ticksPerDay)] = from;
  return begins;
}

/** How often something that shares a space is followed by something that needs all of it, by their sorted starts. */
export function turnsOf(sharing: Float64Array, clearing: Float64Array): number {
  let turns = 0;
  let at = 0;
  let seen = 0;
  for (const start of clearing) {
    while (at < sharing.length && (sharing[at] ?? 0) < start) at++;
    if (at > seen) turns++;
    seen = at;
  }
  return turns;
}

import type { OrderProblem } from './order-problem.ts';

/** Sums of minutes are rounded; what is within this is the same. */
const ROUNDING = 1e-7;
/** Ways in which a set of elements has failed that are remembered. */
const MAX_FAILURES = 24;

export type Answer = { kind: 'found'; order: number[] } | { kind: 'impossible' } | { kind: 'unknown' };

/** What is left of a budget of steps; counted down by the search. */
export interface Budget {
  steps: number;
}

/**
 * Whether the elements can be painted so that no lap gets older than `limit` minutes: an order, the proof that there is
 * none, or `unknown` when the budget runs out.
 *
 * A depth-first search over what is painted next. Every painted element sets its neighbours a latest middle, these set
 * theirs, and so on; when all that has such a limit can't be painted in time, in the order of those limits, nothing below
 * can work. For the same set of painted elements a state fails as well when every element still to be painted meets
 * an edge at least as old as in one that has failed.
 */
export function findOrderUnder(
  problem: OrderProblem,
  limit: number,
  budget: Budget,
  preferred: readonly number[],
  { followsPreference = false }: { followsPreference?: boolean } = {},
): Answer {
  const latestEver = latestInAnyOrder(problem, limit);
  if (latestEver === null) return { kind: 'impossible' };
  const search = new DepthFirstSearch(problem, { limit, latestEver, budget, preferred, followsPreference });
  const kind = search.visit(0);
  return kind === 'found' ? { kind, order: search.order } : { kind };
}

interface SearchOptions {
  limit: number;
  latestEver: Float64Array;
  budget: Budget;
  preferred: readonly number[];
  followsPreference: boolean;
}

/** The search below a choice of what is painted so far; `order` holds that choice. */
class DepthFirstSearch {
  readonly order: number[] = [];
  readonly #problem: OrderProblem;
  readonly #options: SearchOptions;
  /** The place of each element in the preferred order. */
  readonly #preference: Int32Array;
  readonly #isPainted: Uint8Array;
  readonly #ends: Float64Array;
  readonly #firstOf: Int32Array;
  /** The middle of the first neighbour that was painted: by it alone the next lap of an element is judged. */
  readonly #oldest: Float64Array;
  readonly #waitsFor: Int32Array;
  /** The set of painted elements, as bits. */
  readonly #words: Uint32Array;
  readonly #failures = new Map<string, Float64Array[]>();

  constructor(problem: OrderProblem, options: SearchOptions) {
    const { size, before } = problem;
    this.#problem = problem;
    this.#options = options;
    this.#preference = new Int32Array(size);
    options.preferred.forEach((element, place) => (this.#preference[element] = place));
    this.#isPainted = new Uint8Array(size);
    this.#ends = new Float64Array(size);
    this.#firstOf = new Int32Array(size).fill(-1);
    this.#oldest = new Float64Array(size).fill(NaN);
    this.#waitsFor = Int32Array.from(before, (list) => list.length);
    this.#words = new Uint32Array(Math.ceil(size / 32));
  }

  /** Whether what is not painted yet can be, from `time` on. */
  visit(time: number): Answer['kind'] {
    if (this.order.length === this.#problem.size) return 'found';
    if (this.#options.budget.steps-- <= 0) return 'unknown';
    const latest = this.#latestMiddles(time);
    if (latest === null) return 'impossible';
    const key = this.#words.join();
    const limits = this.#wetLimits();
    const failed = this.#failures.get(key) ?? [];
    if (failed.some((other) => limits.every((at, index) => at <= (other[index] ?? 0) + ROUNDING))) return 'impossible';
    for (const element of this.#candidates(latest)) {
      const at = time + this.#takes(element) / 2;
      if (at > (latest[element] ?? 0) + ROUNDING) continue;
      this.#paint(element, at);
      const answer = this.visit(time + this.#takes(element));
      if (answer !== 'impossible') return answer;
      this.#unpaint(element);
    }
    if (failed.length < MAX_FAILURES) this.#failures.set(key, [...failed, limits]);
    return 'impossible';
  }

  #takes(element: number): number {
    return this.#problem.minutes[element] ?? 0;
  }

  /** The latest middles that the wet edges set, of what meets one; what is late enough for any order is no limit. */
  #wetLimits(): Float64Array {
    return this.#options.latestEver
      .map((ever, element) => Math.min((this.#oldest[element] ?? NaN) + this.#options.limit, ever))
      .filter((until, element) => this.#isPainted[element] === 0 && !Number.isNaN(until));
  }

  /** The latest middle of everything unpainted, from the wet edges on; null when not all of it can be kept. */
  #latestMiddles(time: number): Float64Array | null {
    const { size, neighbours, before } = this.#problem;
    const { limit, latestEver } = this.#options;
    const latest = latestEver.slice();
    const queue: number[] = [];
    const found = { isTooLate: false };
    const lower = (element: number, to: number): void => {
      if (this.#isPainted[element] === 1 || to >= (latest[element] ?? 0) - ROUNDING) return;
      latest[element] = to;
      queue.push(element);
      // Laps and precedences that can't be kept together would push each other down for ever.
      if (to < time + this.#takes(element) / 2 - ROUNDING) found.isTooLate = true;
    };
    for (let element = 0; element < size; element++) {
      const first = this.#oldest[element] ?? NaN;
      if (!Number.isNaN(first)) lower(element, first + limit);
    }
    for (let next = 0; next < queue.length && !found.isTooLate; next++) {
      const element = queue[next] ?? 0;
      const until = latest[element] ?? 0;
      for (const other of neighbours[element] ?? []) lower(other, until + limit);
      for (const other of before[element] ?? []) lower(other, until - (this.#takes(element) + this.#takes(other)) / 2);
    }
    return !found.isTooLate && this.#isInTime(latest, time) ? latest : null;
  }

  /** Whether all that is unpainted can be done by its latest middle, one after another in the order of those. */
  #isInTime(latest: Float64Array, time: number): boolean {
    const ends = this.#ends;
    const left: number[] = [];
    for (let element = 0; element < this.#problem.size; element++) {
      if (this.#isPainted[element] === 0) left.push(element);
      ends[element] = (latest[element] ?? 0) + this.#takes(element) / 2;
    }
    left.sort((one, other) => (ends[one] ?? 0) - (ends[other] ?? 0));
    let until = time;
    return left.every((element) => {
      until += this.#takes(element);
      return until <= (ends[element] ?? 0) + ROUNDING;
    });
  }

  /** The latest middle that the wet edges leave an element; `Infinity` where they leave it as it is in any order. */
  #limitOf(element: number, latest: Float64Array): number {
    const until = latest[element] ?? 0;
    return until < (this.#options.latestEver[element] ?? 0) - ROUNDING ? until : Infinity;
  }

  #byPreference = (one: number, other: number): number => (this.#preference[one] ?? 0) - (this.#preference[other] ?? 0);

  /** What may be painted next: neither painted, nor waiting for another, nor behind its twin. */
  #free(): number[] {
    return this.#options.preferred.filter((element) => {
      if (this.#isPainted[element] === 1 || this.#waitsFor[element] !== 0) return false;
      const other = this.#problem.twin[element] ?? -1;
      return other < 0 || this.#isPainted[other] !== 0;
    });
  }

  /** What may come next, the most urgent first. Of what nothing waits for any more, the most urgent of its length will do. */
  #candidates(latest: Float64Array): number[] {
    const { neighbours, after } = this.#problem;
    const free = this.#free().sort((one, other) => {
      const [first, second] = [this.#limitOf(one, latest), this.#limitOf(other, latest)];
      return first === second ? this.#byPreference(one, other) : first - second;
    });
    // How late an element may be in any order counts here as well: one that must come soon is not put off for one that need not.
    const mostUrgent = new Map<string, number>();
    const alike = (element: number): string => `${this.#takes(element)}>${(after[element] ?? []).join(',')}`;
    const isLapped = (element: number): boolean =>
      (neighbours[element] ?? []).every((other) => this.#isPainted[other] === 1);
    for (const element of free.filter(isLapped)) {
      const other = mostUrgent.get(alike(element));
      if (other === undefined || (latest[element] ?? 0) < (latest[other] ?? 0) - ROUNDING)
        mostUrgent.set(alike(element), element);
    }
    const kept = free.filter((element) => !isLapped(element) || mostUrgent.get(alike(element)) === element);
    return this.#options.followsPreference ? kept.sort(this.#byPreference) : kept;
  }

  #paint(element: number, at: number): void {
    const { neighbours, after } = this.#problem;
    this.#isPainted[element] = 1;
    this.order.push(element);
    this.#words[element >> 5] = (this.#words[element >> 5] ?? 0) | (1 << (element & 31));
    for (const other of neighbours[element] ?? []) {
      if (!Number.isNaN(this.#oldest[other] ?? NaN)) continue;
      this.#oldest[other] = at;
      this.#firstOf[other] = element;
    }
    for (const other of after[element] ?? []) this.#waitsFor[other] = (this.#waitsFor[other] ?? 0) - 1;
  }

  #unpaint(element: number): void {
    const { neighbours, after } = this.#problem;
    this.#isPainted[element] = 0;
    this.order.pop();
    this.#words[element >> 5] = (this.#words[element >> 5] ?? 0) & ~(1 << (element & 31));
    for (const other of neighbours[element] ?? []) {
      if (this.#firstOf[other] !== element) continue;
      this.#oldest[other] = NaN;
      this.#firstOf[other] = -1;
    }
    for (const other of after[element] ?? []) this.#waitsFor[other] = (this.#waitsFor[other] ?? 0) + 1;
  }
}

/**
 * The latest middle of every element in any order that keeps its laps, before anything is painted; null when laps and
 * precedences push each other down for ever, so that there is no such order.
 */
function latestInAnyOrder(
  { size, latest, neighbours, before, minutes }: OrderProblem,
  limit: number,
): Float64Array | null {
  const ever = latest.slice();
  const queue = [...ever.keys()];
  /** How many laps and precedences, one after the other, have led to the latest middle of each. */
  const steps = new Int32Array(size);
  const found = { isCircle: false };
  const lower = (element: number, to: number, by: number): void => {
    if (to >= (ever[element] ?? 0) - ROUNDING) return;
    ever[element] = to;
    queue.push(element);
    steps[element] = (steps[by] ?? 0) + 1;
    // As many steps as there are elements have come past one of them twice, and lower the second time.
    if ((steps[element] ?? 0) >= size || to < 0) found.isCircle = true;
  };
  for (let next = 0; next < queue.length && !found.isCircle; next++) {
    const element = queue[next] ?? 0;
    const until = ever[element] ?? 0;
    for (const other of neighbours[element] ?? []) lower(other, until + limit, element);
    for (const other of before[element] ?? []) {
      lower(other, until - ((minutes[element] ?? 0) + (minutes[other] ?? 0)) / 2, element);
    }
  }
  return found.isCircle ? null : ever;
}

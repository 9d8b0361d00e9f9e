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
  const { size, minutes, neighbours, before, after, twin } = problem;
  const latestEver = latestInAnyOrder(problem, limit);
  if (latestEver === null) return { kind: 'impossible' };
  const preference = new Int32Array(size);
  preferred.forEach((element, place) => (preference[element] = place));
  const isPainted = new Uint8Array(size);
  const ends = new Float64Array(size);
  const firstOf = new Int32Array(size).fill(-1);
  /** The middle of the first neighbour that was painted: by it alone the next lap of an element is judged. */
  const oldest = new Float64Array(size).fill(NaN);
  const waitsFor = Int32Array.from(before, (list) => list.length);
  const order: number[] = [];
  const words = new Uint32Array(Math.ceil(size / 32));
  const failures = new Map<string, Float64Array[]>();
  const takes = (element: number): number => minutes[element] ?? 0;

  /** The latest middle of everything unpainted, from the wet edges on; null when not all of it can be kept. */
  const latestMiddles = (time: number): Float64Array | null => {
    const latest = latestEver.slice();
    const queue: number[] = [];
    const found = { isTooLate: false };
    const lower = (element: number, to: number): void => {
      if (isPainted[element] === 1 || to >= (latest[element] ?? 0) - ROUNDING) return;
      latest[element] = to;
      queue.push(element);
      // Laps and precedences that can't be kept together would push each other down for ever.
      if (to < time + takes(element) / 2 - ROUNDING) found.isTooLate = true;
    };
    for (let element = 0; element < size; element++) {
      const first = oldest[element] ?? NaN;
      if (!Number.isNaN(first)) lower(element, first + limit);
    }
    for (let next = 0; next < queue.length && !found.isTooLate; next++) {
      const element = queue[next] ?? 0;
      const until = latest[element] ?? 0;
      for (const other of neighbours[element] ?? []) lower(other, until + limit);
      for (const other of before[element] ?? []) lower(other, until - (takes(element) + takes(other)) / 2);
    }
    if (found.isTooLate) return null;
    const left: number[] = [];
    for (let element = 0; element < size; element++) {
      if (isPainted[element] === 0) left.push(element);
      ends[element] = (latest[element] ?? 0) + takes(element) / 2;
    }
    left.sort((one, other) => (ends[one] ?? 0) - (ends[other] ?? 0));
    let until = time;
    for (const element of left) {
      until += takes(element);
      if (until > (ends[element] ?? 0) + ROUNDING) return null;
    }
    return latest;
  };

  /** The latest middle that the wet edges leave an element; `Infinity` where they leave it as it is in any order. */
  const limitOf = (element: number, latest: Float64Array): number => {
    const until = latest[element] ?? 0;
    return until < (latestEver[element] ?? 0) - ROUNDING ? until : Infinity;
  };

  /** What may come next, the most urgent first. Of what nothing waits for any more, the most urgent of its length will do. */
  const candidates = (latest: Float64Array): number[] => {
    const free: number[] = [];
    for (const element of preferred) {
      if (isPainted[element] === 1 || waitsFor[element] !== 0) continue;
      const other = twin[element] ?? -1;
      if (other >= 0 && isPainted[other] === 0) continue;
      free.push(element);
    }
    const urgency = (one: number, other: number): number => {
      const [first, second] = [limitOf(one, latest), limitOf(other, latest)];
      return first === second ? (preference[one] ?? 0) - (preference[other] ?? 0) : first - second;
    };
    // How late an element may be in any order counts here as well: one that must come soon is not put off for one that need not.
    const mostUrgent = new Map<string, number>();
    const alike = (element: number): string => `${takes(element)}>${(after[element] ?? []).join(',')}`;
    const isLapped = (element: number): boolean => (neighbours[element] ?? []).every((other) => isPainted[other] === 1);
    free.sort(urgency);
    for (const element of free.filter(isLapped)) {
      const other = mostUrgent.get(alike(element));
      if (other === undefined || (latest[element] ?? 0) < (latest[other] ?? 0) - ROUNDING)
        mostUrgent.set(alike(element), element);
    }
    const kept = free.filter((element) => !isLapped(element) || mostUrgent.get(alike(element)) === element);
    return followsPreference ? kept.sort((one, other) => (preference[one] ?? 0) - (preference[other] ?? 0)) : kept;
  };

  const visit = (time: number): Answer['kind'] => {
    if (order.length === size) return 'found';
    if (budget.steps-- <= 0) return 'unknown';
    const latest = latestMiddles(time);
    if (latest === null) return 'impossible';
    const key = words.join();
    // What is late enough for any order is no limit.
    const limits = latestEver
      .map((ever, element) => Math.min((oldest[element] ?? NaN) + limit, ever))
      .filter((until, element) => isPainted[element] === 0 && !Number.isNaN(until));
    const failed = failures.get(key) ?? [];
    if (failed.some((other) => limits.every((at, index) => at <= (other[index] ?? 0) + ROUNDING))) return 'impossible';
    for (const element of candidates(latest)) {
      const at = time + takes(element) / 2;
      if (at > (latest[element] ?? 0) + ROUNDING) continue;
      paint(element, at);
      const answer = visit(time + takes(element));
      if (answer !== 'impossible') return answer;
      unpaint(element);
    }
    if (failed.length < MAX_FAILURES) failures.set(key, [...failed, limits]);
    return 'impossible';
  };

  const paint = (element: number, at: number): void => {
    isPainted[element] = 1;
    order.push(element);
    words[element >> 5] = (words[element >> 5] ?? 0) | (1 << (element & 31));
    for (const other of neighbours[element] ?? []) {
      if (Number.isNaN(oldest[other] ?? NaN)) {
        oldest[other] = at;
        firstOf[other] = element;
      }
    }
    for (const other of after[element] ?? []) waitsFor[other] = (waitsFor[other] ?? 0) - 1;
  };
  const unpaint = (element: number): void => {
    isPainted[element] = 0;
    order.pop();
    words[element >> 5] = (words[element >> 5] ?? 0) & ~(1 << (element & 31));
    for (const other of neighbours[element] ?? []) {
      if (firstOf[other] === element) {
        oldest[other] = NaN;
        firstOf[other] = -1;
      }
    }
    for (const other of after[element] ?? []) waitsFor[other] = (waitsFor[other] ?? 0) + 1;
  };

  const kind = visit(0);
  return kind === 'found' ? { kind, order } : { kind };
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

import { orderProblem, type OrderProblem } from './order-problem.ts';
import { findOrderUnder, type Budget } from './order-under-limit.ts';
import { keepsBefore, worstAge, type WetEdgeProblem } from './wet-edge.ts';

/** The best order so far, and how good any order could be. */
export interface OrderFound {
  order: string[];
  /** Minutes: the age of its oldest lap. */
  worst: number;
  /** Minutes: no order has an oldest lap younger than this. */
  bound: number;
  /** Whether no order is better. */
  isProved: boolean;
}

export interface SearchOptions {
  /** The order to begin with, and to stay near: the school's. */
  from: readonly string[];
  /** How many steps the search may take. */
  steps: number;
}

/** Steps of one question; a longer one is put off until the others have been asked. */
const STEPS_A_QUESTION = 4000;
/** Below this share of the oldest lap the rest is asked in one question. */
const NARROW = 0.02;
const ROUNDING = 1e-6;

/**
 * Searches the order whose oldest lap is the youngest, among those that keep what must come before what. Yields better
 * and better ones; the last is proved to be the best, unless the steps ran out. Among orders that are as good it prefers
 * the one that leaves the order it began with last. The same problem and steps always give the same answer.
 */
export function* searchOrder(
  problem: WetEdgeProblem,
  { from, steps }: SearchOptions,
): Generator<OrderFound, OrderFound> {
  const ids = problem.elements.map(({ id }) => id);
  const compiled = orderProblem(problem);
  const start = keepsBefore(problem, from) && from.length === ids.length ? [...from] : firstOrder(compiled, ids);
  const place = new Map(ids.map((id, index) => [id, index]));
  const preferred = start.map((id) => place.get(id) ?? 0);
  const budget: Budget = { steps };
  let best: OrderFound = { order: start, worst: worstAge(problem, start), bound: leastAge(compiled), isProved: false };
  const take = (numbers: readonly number[]): void => {
    const order = numbers.map((index) => ids[index] ?? '');
    const worst = worstAge(problem, order);
    if (worst < best.worst) best = { ...best, order, worst };
  };
  take(insertedBetter(compiled, preferred));
  best.isProved = best.worst <= best.bound + ROUNDING;
  yield best;

  let perQuestion = STEPS_A_QUESTION;
  while (!best.isProved && budget.steps > 0) {
    const gap = best.worst - best.bound;
    const limit = gap > NARROW * best.worst ? best.bound + gap / 2 : best.worst - ROUNDING;
    const asked: Budget = { steps: Math.min(perQuestion, budget.steps) };
    const before = asked.steps;
    const answer = findOrderUnder(compiled, limit, asked, preferred);
    budget.steps -= before - Math.max(0, asked.steps);
    if (answer.kind === 'found') take(answer.order);
    else if (answer.kind === 'impossible') best = { ...best, bound: limit };
    else {
      // The middle is the hardest to decide: a better order is often found just below the best.
      const nearer: Budget = { steps: Math.min(perQuestion, budget.steps) };
      const had = nearer.steps;
      const near = findOrderUnder(compiled, best.worst - Math.max(ROUNDING, gap * 0.05), nearer, preferred);
      budget.steps -= had - Math.max(0, nearer.steps);
      if (near.kind === 'found') take(near.order);
      else if (near.kind === 'impossible') best = { ...best, bound: best.worst - Math.max(ROUNDING, gap * 0.05) };
      else perQuestion *= 4;
    }
    if (best.worst - best.bound <= 2 * ROUNDING) best = { ...best, bound: best.worst, isProved: true };
    yield best;
  }
  const near = findOrderUnder(compiled, best.worst, { steps: STEPS_A_QUESTION }, preferred, {
    followsPreference: true,
  });
  if (near.kind === 'found') best = { ...best, order: near.order.map((index) => ids[index] ?? '') };
  yield best;
  return best;
}

/** The last order that a search comes to. */
export function bestOrder(problem: WetEdgeProblem, options: SearchOptions): OrderFound {
  const search = searchOrder(problem, options);
  for (;;) {
    const next = search.next();
    if (next.done) return next.value;
  }
}

/** Any order that keeps what must come before what. Throws a `RangeError` when elements wait for each other in a circle. */
function firstOrder({ before, after }: OrderProblem, ids: readonly string[]): string[] {
  const waits = before.map((list) => list.length);
  const order: number[] = [];
  for (;;) {
    const next = waits.findIndex((count) => count === 0);
    if (next < 0) break;
    waits[next] = -1;
    order.push(next);
    for (const other of after[next] ?? []) waits[other] = (waits[other] ?? 0) - 1;
  }
  if (order.length < ids.length) throw new RangeError('These parts wait for each other in a circle.');
  return order.map((index) => ids[index] ?? '');
}

/**
 * How old the oldest lap must get in any order, in minutes: whatever lies within `reach` laps of an element is painted
 * between the first and the last of it, whose middles are that far apart at least, over at most twice `reach` laps.
 * (The density bound on the bandwidth of a graph.)
 */
function leastAge({ size, minutes, neighbours }: OrderProblem): number {
  const takes = (element: number): number => minutes[element] ?? 0;
  let least = 0;
  for (let centre = 0; centre < size; centre++) {
    const reached = new Set([centre]);
    let rim = [centre];
    for (let reach = 1; rim.length > 0 && reach <= 8; reach++) {
      rim = [...new Set(rim.flatMap((element) => neighbours[element] ?? []))].filter((other) => !reached.has(other));
      rim.forEach((element) => reached.add(element));
      if (rim.length === 0) break;
      const times = [...reached].map(takes).sort((one, other) => other - one);
      const sum = times.reduce((total, each) => total + each, 0);
      least = Math.max(least, (sum - ((times[0] ?? 0) + (times[1] ?? 0)) / 2) / (2 * reach));
    }
    for (const other of neighbours[centre] ?? []) least = Math.max(least, (takes(centre) + takes(other)) / 2);
  }
  return least;
}

/** How many moves are tried before searching in earnest. */
const MAX_MOVES = 3000;

/** An order bettered by taking single elements to other places, as long as that makes its oldest laps younger. */
function insertedBetter({ size, minutes, laps, before }: OrderProblem, start: readonly number[]): number[] {
  let order = [...start];
  const middles = new Float64Array(size);
  const places = new Int32Array(size);
  /** The oldest lap, and a little of all that are nearly as old, so that there is a slope to go down. */
  const burden = (tried: readonly number[]): number => {
    let time = 0;
    tried.forEach((element, place) => {
      const takes = minutes[element] ?? 0;
      middles[element] = time + takes / 2;
      places[element] = place;
      time += takes;
    });
    for (const [element, list] of before.entries()) {
      for (const other of list) if ((places[other] ?? 0) > (places[element] ?? 0)) return Infinity;
    }
    let worst = 0;
    let sum = 0;
    for (const [one, other] of laps) {
      const age = Math.abs((middles[one] ?? 0) - (middles[other] ?? 0));
      worst = Math.max(worst, age);
      sum += age ** 4;
    }
    return worst === 0 ? 0 : worst * (1 + 0.001 * (sum / worst ** 4 / Math.max(1, laps.length)));
  };
  let least = burden(order);
  let moves = 0;
  for (let isBetter = true; isBetter && moves < MAX_MOVES;) {
    isBetter = false;
    for (let place = 0; place < size && moves < MAX_MOVES; place++) {
      for (let to = 0; to < size && moves < MAX_MOVES; to++) {
        if (to === place) continue;
        moves++;
        const tried = [...order];
        tried.splice(to, 0, ...tried.splice(place, 1));
        const weighed = burden(tried);
        if (weighed < least - ROUNDING) {
          [order, least, isBetter] = [tried, weighed, true];
          break;
        }
      }
    }
  }
  return order;
}

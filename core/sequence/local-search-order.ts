import { seededRandom } from '../units/seeded-random.ts';
import type { OrderFound } from './order-search.ts';
import { keepsBefore, type WetEdgeProblem } from './wet-edge.ts';

export interface MovingOptions {
  /** Orders to begin with; those that do not keep what must come before what are left out. */
  from: readonly (readonly string[])[];
  /** How many orders may be tried. */
  tries: number;
  /** Minutes: how old the oldest lap of an order gets, as it is simulation. */
  oldestLap(order: readonly string[]): number;
}

/** What would not be noticed, in minutes. */
const MIN_GAIN = 1e-6;

/**
 * Searches an order where more than the order decides, as with two painters of whom each takes what is next: strokes are
 * taken to other places, alone and with their neighbours, as long as that makes the oldest lap younger; then from the
 * best with two stretches of it exchanged, as long as there are tries left. Yields better and better orders. Nothing is
 * proved: `bound` is 0. The same options always give the same answer.
 */
export function* localSearchOrder(
  problem: Pick<WetEdgeProblem, 'before'>,
  { from, tries, oldestLap }: MovingOptions,
): Generator<OrderFound, OrderFound> {
  let left = tries;
  const weighed = (order: readonly string[]): OrderFound => {
    left--;
    const worst = keepsBefore(problem, order) ? oldestLap(order) : Infinity;
    return { order: [...order], worst, bound: 0, isProved: worst === 0 };
  };
  /** The best that single moves lead to. */
  const settled = (start: OrderFound): OrderFound => {
    let here = start;
    for (let isBetter = true; isBetter && left > 0 && !here.isProved;) {
      isBetter = false;
      for (const order of neighboursOf(here.order)) {
        if (left <= 0) break;
        const tried = weighed(order);
        if (tried.worst >= here.worst - MIN_GAIN) continue;
        [here, isBetter] = [tried, true];
        break;
      }
    }
    return here;
  };
  const random = seededRandom(1);
  const starts = from.map(weighed);
  let best = starts.reduce((one, other) => (other.worst < one.worst ? other : one));
  yield best;
  for (let start = starts.pop(); left > 0 && !best.isProved; start = starts.pop()) {
    const here = settled(start ?? weighed(exchanged(best.order, random)));
    if (here.worst < best.worst - MIN_GAIN) yield (best = here);
  }
  return best;
}

/** An order in which two stretches that follow each other have changed places. */
function exchanged(order: readonly string[], random: () => number): string[] {
  const [from = 0, between = 0, until = 0] = [random(), random(), random()]
    .map((share) => Math.floor(share * (order.length + 1)))
    .sort((one, other) => one - other);
  return [
    ...order.slice(0, from),
    ...order.slice(between, until),
    ...order.slice(from, between),
    ...order.slice(until),
  ];
}

/** Runs of strokes that are moved together, the longest. */
const MAX_RUN = 3;

/** Every order in which one, two or three neighbours stand elsewhere, or two strokes for each other. */
function* neighboursOf(order: readonly string[]): Generator<string[]> {
  for (let run = 1; run <= MAX_RUN; run++) {
    for (let at = 0; at + run <= order.length; at++) {
      const rest = [...order];
      const moved = rest.splice(at, run);
      for (let to = 0; to <= rest.length; to++) {
        if (to !== at) yield [...rest.slice(0, to), ...moved, ...rest.slice(to)];
      }
    }
  }
  for (let one = 0; one < order.length; one++) {
    for (let other = one + 2; other < order.length; other++) {
      const swapped = [...order];
      [swapped[one], swapped[other]] = [order[other] ?? '', order[one] ?? ''];
      yield swapped;
    }
  }
}

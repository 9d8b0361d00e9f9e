import type { WetEdgeProblem } from './wet-edge.ts';

/** A wet-edge problem by numbers: elements are counted as they are listed. */
export interface OrderProblem {
  size: number;
  minutes: Float64Array;
  laps: readonly (readonly [number, number])[];
  /** What each element laps with. */
  neighbours: readonly (readonly number[])[];
  /** What must be painted directly before, and after, each. */
  before: readonly (readonly number[])[];
  after: readonly (readonly number[])[];
  /** The latest middle that each can have in any order: all that must come after it is painted behind it. */
  latest: Float64Array;
  /** Of elements that could stand for each other the one that is taken before this one; −1 when there is none. */
  twin: Int32Array;
}

/** Throws a `RangeError` when laps or precedences name an element that is not listed. */
export function orderProblem({ elements, laps, before }: WetEdgeProblem): OrderProblem {
  const index = new Map(elements.map(({ id }, place) => [id, place]));
  const at = (id: string): number => {
    const place = index.get(id);
    if (place === undefined) throw new RangeError(`No element has the id ${id}.`);
    return place;
  };
  const empty = (): Set<number>[] => elements.map(() => new Set<number>());
  const [neighbours, earlier, later] = [empty(), empty(), empty()];
  for (const [one, other] of laps) {
    neighbours[at(one)]?.add(at(other));
    neighbours[at(other)]?.add(at(one));
  }
  for (const [first, then] of before) {
    earlier[at(then)]?.add(at(first));
    later[at(first)]?.add(at(then));
  }
  const listed = (sets: readonly Set<number>[]): number[][] =>
    sets.map((set) => [...set].sort((one, other) => one - other));
  const problem = {
    size: elements.length,
    minutes: Float64Array.from(elements, ({ minutes }) => minutes),
    laps: laps.map(([one, other]) => [at(one), at(other)] as const),
    neighbours: listed(neighbours),
    before: listed(earlier),
    after: listed(later),
  };
  return { ...problem, latest: latestMiddles(problem), twin: twins(problem) };
}

/**
 * Spindles of a stretch are all alike: exchanging two of them, each with what laps with it alone, changes nothing. So it
 * is enough to try them in one order, and the others need not be tried.
 */
function twins({ size, minutes, neighbours, before, after }: Omit<OrderProblem, 'twin' | 'latest'>): Int32Array {
  const own = (element: number): number[] =>
    (neighbours[element] ?? []).filter((other) => (neighbours[other] ?? []).length === 1);
  const bounds = (element: number): string =>
    `${minutes[element] ?? 0}<${(before[element] ?? []).join(',')}>${(after[element] ?? []).join(',')}`;
  const last = new Map<string, number>();
  return Int32Array.from({ length: size }, (_unused, element) => {
    const leaves = own(element);
    const shared = (neighbours[element] ?? []).filter((other) => !leaves.includes(other));
    // Two elements that lap with nothing else than each other can't both be told apart by their leaves.
    const isLeaf = shared.length === 0;
    const signature = isLeaf
      ? `leaf/${element}`
      : `${bounds(element)}/${shared.join(',')}/${leaves.map(bounds).sort().join('|')}`;
    const twin = last.get(signature) ?? -1;
    last.set(signature, element);
    return twin;
  });
}

function latestMiddles({ size, minutes, after }: Pick<OrderProblem, 'size' | 'minutes' | 'after'>): Float64Array {
  const all = minutes.reduce((sum, each) => sum + each, 0);
  return Float64Array.from({ length: size }, (_unused, element) => {
    const behind = new Set<number>();
    const queue = [...(after[element] ?? [])];
    for (let next = queue.pop(); next !== undefined; next = queue.pop()) {
      if (behind.has(next)) continue;
      behind.add(next);
      queue.push(...(after[next] ?? []));
    }
    return [...behind].reduce((left, other) => left - (minutes[other] ?? 0), all) - (minutes[element] ?? 0) / 2;
  });
}

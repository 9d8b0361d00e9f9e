/**
 * The plain problem of a wet edge, without doors: what is painted one after another, which of it laps, and what must come
 * before what. Minutes throughout.
 */
export interface WetEdgeProblem {
  /** How long an edge stays wet. */
  openTimeMinutes: number;
  elements: readonly { id: string; minutes: number }[];
  /** Pairs of ids that meet in a lap. */
  laps: readonly (readonly [string, string])[];
  /** Pairs of ids of which the first is painted before the second. */
  before: readonly (readonly [string, string])[];
}

/** An edge is close to setting from this share of its open time on. */
export const CLOSE_FROM = 0.7;

export const FRESHNESS = ['fresh', 'close', 'gone-off'] as const;
export type Freshness = (typeof FRESHNESS)[number];

/** How wet an edge still is after a share of its open time; 0.7 is still fresh and 1 still wet. */
export function freshnessAt(share: number): Freshness {
  // Rounding of sums is no drying.
  if (share <= CLOSE_FROM + 1e-9) return 'fresh';
  return share <= 1 + 1e-9 ? 'close' : 'gone-off';
}

/**
 * The age of every lap when it is met, in the problem's order of laps: from the middle of the earlier element to the
 * middle of the later one. Throws a `RangeError` when the order misses or repeats an element.
 */
export function lapAges({ elements, laps }: WetEdgeProblem, order: readonly string[]): number[] {
  const minutes = new Map(elements.map((element) => [element.id, element.minutes]));
  const middles = new Map<string, number>();
  let time = 0;
  for (const id of order) {
    const takes = minutes.get(id);
    if (takes === undefined || middles.has(id)) throw new RangeError(`${id} can’t be painted here, or comes twice.`);
    middles.set(id, time + takes / 2);
    time += takes;
  }
  if (middles.size !== minutes.size) throw new RangeError('An order must paint every part once.');
  return laps.map(([one, other]) => Math.abs((middles.get(one) ?? 0) - (middles.get(other) ?? 0)));
}

/** The oldest lap of an order in minutes; 0 when nothing laps. */
export const worstAge = (problem: WetEdgeProblem, order: readonly string[]): number =>
  lapAges(problem, order).reduce((worst, age) => Math.max(worst, age), 0);

/** Whether an order keeps what must come before what. */
export function keepsBefore({ before }: Pick<WetEdgeProblem, 'before'>, order: readonly string[]): boolean {
  const places = new Map(order.map((id, place) => [id, place]));
  return before.every(([first, then]) => (places.get(first) ?? 0) < (places.get(then) ?? 0));
}

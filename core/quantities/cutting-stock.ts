/** One length that is wanted. */
export interface WantedLength {
  id: string;
  /** In mm, over the long points. */
  length: number;
}

/** One bar from the shop and what is cut from it, from one end. */
export interface CutBar {
  stock: number;
  cuts: WantedLength[];
  /** What is left at the end, in mm. */
  offcut: number;
}

export interface CuttingPlan {
  bars: CutBar[];
  /** mm of stock that is bought. */
  bought: number;
  /** No way of cutting buys less than this, in mm. */
  bound: number;
  isProvedBest: boolean;
  /** Lengths longer than any bar on sale. */
  tooLong: WantedLength[];
}

/** Bars looked at before the search ends with the best so far. */
const MAX_BARS_TRIED = 60_000;
/** Ways to fill one bar that are looked at; with more, best is not claimed unless the bound says so. */
const MAX_FILLINGS = 300;
/** Among plans that buy as much, the one with fewer bars. */
const A_BAR = 0.001;
const ROUNDING = 1e-6;

/** Counts of each distinct length, the longest first. */
type Counts = readonly number[];

/**
 * Cuts lengths from the bars on sale so that as little as possible is bought, then as few bars as possible. Between two
 * cuts the saw takes `kerf` mm. Exact by branch and bound where that ends in time; otherwise the best found, with a bound
 * that no plan can go below. Lengths in mm; an empty list needs no bars.
 */
export function cutFromStock(wanted: readonly WantedLength[], stock: readonly number[], kerf: number): CuttingPlan {
  const longest = Math.max(0, ...stock);
  const tooLong = wanted.filter(({ length }) => length > longest + ROUNDING);
  const fitting = wanted.filter(({ length }) => length <= longest + ROUNDING);
  const lengths = [...new Set(fitting.map(({ length }) => length))].sort((one, other) => other - one);
  const counts = lengths.map((length) => fitting.filter((entry) => entry.length === length).length);
  const search = new Search(
    lengths,
    [...new Set(stock)].sort((one, other) => one - other),
    kerf,
  );
  search.run(counts);
  const left = new Map(lengths.map((length) => [length, fitting.filter((entry) => entry.length === length)]));
  const bars = search.best.map(({ stock: bought, fill }): CutBar => {
    const cuts = fill.flatMap((count, index) => (left.get(lengths[index] ?? 0) ?? []).splice(0, count));
    const used = cuts.reduce((sum, { length }) => sum + length, 0) + Math.max(0, cuts.length - 1) * kerf;
    return { stock: bought, cuts, offcut: Math.max(0, bought - used - kerf) };
  });
  const bought = bars.reduce((sum, bar) => sum + bar.stock, 0);
  const bound = Math.min(bought, search.bound(counts));
  return { bars, bought, bound, isProvedBest: search.isComplete || bought - bound < ROUNDING, tooLong };
}

interface Filling {
  stock: number;
  fill: Counts;
  offcut: number;
}

class Search {
  readonly #lengths: readonly number[];
  readonly #stock: readonly number[];
  readonly #kerf: number;
  readonly #reachedFor = new Map<string, number>();
  best: Filling[] = [];
  isComplete = true;
  #leastCost = Infinity;
  #tried = 0;

  constructor(lengths: readonly number[], stock: readonly number[], kerf: number) {
    this.#lengths = lengths;
    this.#stock = stock;
    this.#kerf = kerf;
  }

  run(counts: Counts): void {
    this.#branch(counts, [], 0);
  }

  /**
   * The larger of two bounds in mm: all lengths with their kerfs against the bars' room, raised to the next sum of bars;
   * and the lengths of which no two share a bar, each with the shortest bar that holds it.
   */
  bound(counts: Counts): number {
    const room = (stock: number): number => stock + this.#kerf;
    const longest = this.#stock.at(-1) ?? 0;
    let need = 0;
    let alone = 0;
    this.#lengths.forEach((length, index) => {
      const count = counts[index] ?? 0;
      need += count * room(length);
      if (room(length) > room(longest) / 2)
        alone += count * (this.#stock.find((stock) => stock >= length - ROUNDING) ?? 0);
    });
    const cheapest = Math.min(...this.#stock.map((stock) => stock / room(stock)));
    return need === 0 ? 0 : Math.max(alone, this.#nextSum(need * cheapest));
  }

  /** The least total length of whole bars that is not below `least` mm. */
  #nextSum(least: number): number {
    const [shortest = 1] = this.#stock;
    if (this.#stock.length === 1) return Math.ceil(least / shortest - ROUNDING) * shortest;
    const longest = this.#stock.at(-1) ?? shortest;
    // Far from zero sums lie dense; only the last stretch is searched.
    const base = Math.max(0, Math.floor((least - 4 * longest) / longest)) * longest;
    let best = Infinity;
    const reached = new Set<number>();
    const add = (sum: number): void => {
      if (sum >= least - ROUNDING) best = Math.min(best, sum);
      else if (!reached.has(sum)) {
        reached.add(sum);
        for (const stock of this.#stock) add(sum + stock);
      }
    };
    if (base > 0) return least;
    add(0);
    return best;
  }

  #branch(counts: Counts, bars: readonly Filling[], cost: number): void {
    const first = counts.findIndex((count) => count > 0);
    if (first < 0) {
      if (cost < this.#leastCost - ROUNDING) {
        this.#leastCost = cost;
        this.best = [...bars];
      }
      return;
    }
    if (cost + this.bound(counts) + A_BAR >= this.#leastCost - ROUNDING) return;
    const key = counts.join();
    if ((this.#reachedFor.get(key) ?? Infinity) <= cost + ROUNDING) return;
    this.#reachedFor.set(key, cost);
    for (const filling of this.#fillings(counts, first)) {
      if (this.#tried >= MAX_BARS_TRIED && this.best.length > 0) {
        this.isComplete = false;
        return;
      }
      this.#tried += 1;
      const left = counts.map((count, index) => count - (filling.fill[index] ?? 0));
      this.#branch(left, [...bars, filling], cost + filling.stock + A_BAR);
    }
  }

  /** Ways to fill one bar with the longest length that is left, so full that no other length would fit; fullest first. */
  #fillings(counts: Counts, first: number): Filling[] {
    const found: Filling[] = [];
    for (const stock of this.#stock) {
      if ((this.#lengths[first] ?? Infinity) > stock + ROUNDING) continue;
      const fill = counts.map(() => 0);
      const place = (index: number, room: number): void => {
        if (found.length >= MAX_FILLINGS) {
          this.isComplete = false;
          return;
        }
        const taken = (this.#lengths[index] ?? 0) + this.#kerf;
        if (index === counts.length) {
          const fitsMore = this.#lengths.some(
            (length, other) => (counts[other] ?? 0) > (fill[other] ?? 0) && length + this.#kerf <= room + ROUNDING,
          );
          if (!fitsMore) found.push({ stock, fill: [...fill], offcut: room });
          return;
        }
        const most = Math.min(counts[index] ?? 0, Math.floor((room + ROUNDING) / taken));
        for (let count = most; count >= (index === first ? 1 : 0); count--) {
          fill[index] = count;
          place(index + 1, room - count * taken);
        }
        fill[index] = 0;
      };
      place(first, stock + this.#kerf);
    }
    return found.sort((one, other) => one.offcut / one.stock - other.offcut / other.stock);
  }
}

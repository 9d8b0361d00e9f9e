/** So many pieces of one kind that take turns on the slots of a space. */
export interface Stay {
  /** How many slots they take in all, each its own. */
  count: number;
  /** When one is off its slot at the earliest if that is free for it from `from` on; `Infinity` if never. Later is never sooner. */
  leaves(from: number): number;
}

/** How often the weights of kinds are bettered before a moment is left unrefuted. */
const MAX_WEIGHINGS = 60;
/** By how much a kind of which too few have had their turn weighs more the next time. */
const STEP = 0.3;
/** How many kinds are told apart. */
const MAX_KINDS = 12;

/** Stays that are told apart no more: how many, when they leave and at which moment the next one comes, by moments. */
interface Kind {
  count: number;
  leaving: number[];
  next: number[];
}

/**
 * When pieces can have had their turn on the slots of a space.
 *
 * A slot may be handed on at `moments`, sorted ticks, the last of which is beyond all that is asked about: on the last
 * one not after its piece has left (`early`, by which nothing is missed where the next piece can't be there before the
 * moment), or on the first one not before (`late`, an estimate). For whatever weights, what weighs most of all that one
 * slot can take by a moment is found by dynamic programming over moments; where that, times the slots, is less than what
 * all of them weigh, the moment is too early. Weights are sought by multiplicative weights (Plotkin, Shmoys and Tardos
 * 1995).
 */
export class SlotRounds {
  readonly #kinds: readonly Kind[];
  readonly #moments: number;
  /** When any of them may leave, sorted. */
  readonly #ends: readonly number[];

  constructor(stays: readonly Stay[], moments: readonly number[], handOver: 'early' | 'late') {
    this.#moments = moments.length;
    const kinds = stays.map(({ count, leaves }): Kind => {
      const leaving = moments.map(leaves);
      return { count, leaving, next: leaving.map((end) => momentFor(moments, end, handOver)) };
    });
    // Where the next one could come at the same moment, there is no end to how many have their turn by then.
    this.#kinds = fewKinds(kinds.filter(({ next }) => next.every((to, at) => to > at)));
    const ends = new Set(this.#kinds.flatMap(({ leaving }) => leaving));
    this.#ends = [...ends].filter((end) => end < Infinity).sort((one, other) => one - other);
  }

  /** The first tick by which all of them can have had their turn on so many slots; 0 where nothing can be said. */
  over(slots: number): number {
    let low = 0;
    let high = this.#ends.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.#isTooEarly(this.#ends[middle] ?? 0, slots)) low = middle + 1;
      else high = middle;
    }
    return this.#ends[low] ?? (this.#kinds.length > 0 ? Infinity : 0);
  }

  /** Whether some of them can’t have left by a tick. */
  #isTooEarly(by: number, slots: number): boolean {
    const counts = this.#kinds.map(({ count }) => count);
    const weights = counts.map(() => 1);
    for (let round = 0; round < MAX_WEIGHINGS; round++) {
      const taken = this.#mostBy(by, weights);
      const share = dot(weights, counts) / slots;
      // At first all weigh the same, and some slot takes no less than the next whole number.
      if (dot(weights, taken) < (round === 0 ? Math.ceil(share - 1e-9) : share * (1 - 1e-9))) return true;
      let sum = 0;
      for (const [kind, count] of counts.entries()) {
        const served = (slots * (taken[kind] ?? 0)) / count;
        weights[kind] = (weights[kind] ?? 0) * Math.exp(STEP * Math.max(-1, 1 - served));
        sum += weights[kind] ?? 0;
      }
      for (const kind of weights.keys()) weights[kind] = (weights[kind] ?? 0) / sum;
    }
    return false;
  }

  /** How many of each kind one slot takes by a tick where what it takes weighs most. */
  #mostBy(by: number, weights: readonly number[]): number[] {
    const count = this.#moments;
    /** By moment, what a slot that is free then can have taken, by which stay it became free, and from which moment on. */
    const best = new Float64Array(count + 1);
    const kindBefore = new Int32Array(count + 1).fill(-1);
    const from = new Int32Array(count + 1).fill(-1);
    let most = 0;
    let last = { kind: -1, at: -1 };
    for (let at = 0; at < count; at++) {
      if (at > 0 && (best[at - 1] ?? 0) > (best[at] ?? 0)) {
        best[at] = best[at - 1] ?? 0;
        kindBefore[at] = kindBefore[at - 1] ?? -1;
        from[at] = from[at - 1] ?? -1;
      }
      for (const [kind, { leaving, next }] of this.#kinds.entries()) {
        if ((leaving[at] ?? Infinity) > by) continue;
        const value = (best[at] ?? 0) + (weights[kind] ?? 0);
        if (value > most) [most, last] = [value, { kind, at }];
        const to = next[at] ?? count;
        if (value > (best[to] ?? 0)) {
          best[to] = value;
          kindBefore[to] = kind;
          from[to] = at;
        }
      }
    }
    const taken = weights.map(() => 0);
    for (let { kind, at } = last; kind >= 0; kind = kindBefore[at] ?? -1, at = from[at] ?? -1) {
      taken[kind] = (taken[kind] ?? 0) + 1;
    }
    return taken;
  }
}

/** Kinds that hand on alike become one, and then those of nearly the same length, each as short as the shortest of them. */
function fewKinds(kinds: readonly Kind[]): Kind[] {
  const alike = new Map<string, Kind>();
  for (const kind of kinds) {
    const name = kind.next.join();
    const known = alike.get(name);
    alike.set(name, known ? joined(known, kind) : kind);
  }
  const length = ({ next }: Kind): number => next.reduce((sum, to) => sum + to, 0);
  const few = [...alike.values()].sort((one, other) => length(one) - length(other));
  while (few.length > MAX_KINDS) {
    const gaps = few.slice(1).map((kind, index) => length(kind) - length(few[index] ?? kind));
    const at = gaps.indexOf(Math.min(...gaps));
    const [one, other] = few.slice(at, at + 2);
    if (one && other) few.splice(at, 2, joined(one, other));
  }
  return few;
}

function joined(one: Kind, other: Kind): Kind {
  const sooner = (mine: readonly number[], theirs: readonly number[]): number[] =>
    mine.map((value, at) => Math.min(value, theirs[at] ?? Infinity));
  return {
    count: one.count + other.count,
    leaving: sooner(one.leaving, other.leaving),
    next: sooner(one.next, other.next),
  };
}

/** The place of the moment at which a slot is handed on; past the last where there is none. */
function momentFor(moments: readonly number[], leaves: number, handOver: 'early' | 'late'): number {
  let [low, high] = [0, moments.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    const moment = moments[middle] ?? 0;
    if (handOver === 'early' ? moment <= leaves : moment < leaves) low = middle + 1;
    else high = middle;
  }
  return handOver === 'early' && low < moments.length ? low - 1 : low;
}

function dot(one: readonly number[], other: readonly number[]): number {
  return one.reduce((sum, value, index) => sum + value * (other[index] ?? 0), 0);
}

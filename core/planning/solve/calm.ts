import type { PlanCost } from '../problem.ts';
import { BatchList } from './batch-list.ts';
import { BATCH_MOVES } from './batch-moves.ts';
import { buildInOrder, type ListBuilt } from './list-build.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';

export interface CalmOptions {
  /** The last tick at which a plan may end. */
  limit: number;
  /** When tasks have to start at last for that; null where it is not known. */
  latest: ArrayLike<number> | null;
  random: () => number;
  shouldStop(): boolean;
  /** Negative where the first cost is the better one. */
  compare(one: PlanCost, other: PlanCost): number;
  /** Told of every better plan. */
  onBetter(schedule: Schedule, cost: PlanCost): void;
}

/** Minutes of trouble by which a plan may be worse to be gone on from: at the beginning of the search, of later rounds, and at the end of each. */
const HOT = 20;
const WARM = 12;
const COLD = 5;
/** Minutes of trouble that a minute counts by which pieces are done sooner on average: what is early can move. */
const SOONER = 0.05;
const ALL_WEIGHTS = BATCH_MOVES.reduce((sum, { weight }) => sum + weight, 0);

interface State {
  list: BatchList;
  built: ListBuilt;
  cost: PlanCost;
  /** What is to become least: trouble, and a little how late pieces are done. */
  energy: number;
}

/**
 * Makes a plan calmer that is early enough: its batches are merged, split and moved, and what disturbs less is gone on
 * from, or at first what disturbs a little more (simulated annealing). Deterministic for its random numbers.
 */
export class CalmSearch {
  readonly #prepared: Prepared;
  readonly #options: CalmOptions;
  readonly #lasts: readonly number[];
  readonly #notBefore: Int32Array;
  #current: State | null;
  #best: State | null;
  #bestCost: PlanCost | null;
  #rounds = 0;

  /** `notBefore`: raised starts that the schedule was built with. */
  constructor(prepared: Prepared, schedule: Schedule, notBefore: Int32Array, options: CalmOptions) {
    this.#prepared = prepared;
    this.#options = options;
    this.#notBefore = notBefore;
    this.#lasts = prepared.pieces.map((piece) => piece.at(-1) ?? 0);
    this.#current = this.#best = this.#built(BatchList.of(prepared, schedule), null);
    this.#bestCost = schedule.cost();
    if (this.#best !== null) this.#tell(this.#best);
  }

  /** Searches for so many steps, from the best so far on; how many were gone. */
  round(steps: number): number {
    const start = this.#best;
    if (start === null) return 0;
    this.#current = start;
    const hot = this.#rounds++ === 0 ? HOT : WARM;
    for (let step = 0; step < steps; step++) {
      if (this.#options.shouldStop()) return step;
      this.#step(hot * (COLD / hot) ** (step / steps));
    }
    return steps;
  }

  #step(temperature: number): void {
    const from = this.#current;
    if (from === null) return;
    const { random } = this.#options;
    const list = from.list.copy();
    this.#chosen()(this.#prepared, list, from.built.schedule, random);
    const next = this.#built(list.settle(), from.built);
    if (next === null || next.built === from.built) return;
    const worse = next.energy - from.energy;
    if (worse > 0 && random() >= Math.exp(-worse / temperature)) return;
    next.list.inTurnOf(next.built.schedule);
    this.#current = next;
    if (this.#best === null || next.energy < this.#best.energy) this.#best = next;
    this.#tell(next);
  }

  #chosen(): (typeof BATCH_MOVES)[number]['move'] {
    let left = this.#options.random() * ALL_WEIGHTS;
    const { move } = BATCH_MOVES.find(({ weight }) => (left -= weight) <= 0) ?? BATCH_MOVES[0];
    return move;
  }

  #built(list: BatchList, known: ListBuilt | null): State | null {
    const built = buildInOrder(this.#prepared, list.workList(this.#notBefore, this.#options.latest), known);
    if (!('schedule' in built)) return null;
    const { schedule } = built;
    const cost = schedule.cost();
    if (cost.finish > this.#options.limit) return null;
    const ends = this.#lasts.reduce((sum, task) => sum + (schedule.ends[task] ?? 0), 0);
    const mean = (ends / Math.max(1, this.#lasts.length)) * this.#prepared.problem.tickMinutes;
    return { list, built, cost, energy: cost.trouble + SOONER * mean };
  }

  #tell({ built: { schedule }, cost }: State): void {
    if (this.#bestCost !== null && this.#options.compare(cost, this.#bestCost) >= 0) return;
    this.#bestCost = cost;
    this.#options.onBetter(schedule, cost);
  }
}

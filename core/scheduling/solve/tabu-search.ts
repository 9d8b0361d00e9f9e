import { OrderNeighbours, type Order, type Worth } from './order-neighbours.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';

export interface TabuOptions {
  /** How many orders are tried. */
  orders: number;
  random: () => number;
  shouldStop(): boolean;
  /** Told of every schedule that ends earlier; true where none could end earlier still. */
  onEarlier(schedule: Schedule): boolean;
}

/** For how many changes one may not be undone, at least, and how many more at most. */
const TENURE = 8;
const TENURE_SPREAD = 8;
/** After how many changes without anything better the best is gone on from again, perturbed by so many changes. */
const MAX_STALLED_STEPS = 1000;
const SHAKES = 6;
/** How many times as often at most, the longer that was in vain. */
const MAX_SHAKEN = 8;
/** How much later than the first one orders may end to be looked at. */
const MAX_FINISH_RATIO = 1.5;
/** How much the mean end counts beside the finish; of what is alike, chance decides. */
const MEAN_END = 0.02;
const ALIKE = 0.01;

/**
 * Goes on from a schedule by the best of all changes of its critical path, be it worse, but for those that undo what was
 * done lately and give nothing better (tabu search).
 */
export function tabuSearch(
  prepared: Prepared,
  start: Schedule,
  { orders, random, shouldStop, onEarlier }: TabuOptions,
): void {
  let { finish: earliest } = start.cost();
  const near = new OrderNeighbours(prepared, start, Math.ceil(earliest * MAX_FINISH_RATIO));
  const first = near.goOnFrom(near.current);
  if (first === null) return;
  const energyOf = ({ finish, meanEnd }: Worth): number => finish + MEAN_END * meanEnd;
  let [best, elite] = [energyOf(first), near.current];
  /** Until when a change is not made, by its name. */
  const until = new Map<string, number>();
  let left = orders;
  for (let [at, better, vain] = [0, 0, 0]; left > 0 && !shouldStop(); at++) {
    let chosen: { order: Order; worth: Worth; energy: number; undoes: string } | null = null;
    for (const { make, does, undoes } of near.criticalChanges()) {
      left--;
      const isTabu = (until.get(does) ?? -1) >= at;
      const most: number = Math.min(chosen?.energy ?? Infinity, isTabu ? best : Infinity);
      const order = make();
      const worth = near.worthOf(order, Math.min(near.limit, Math.ceil(most)));
      if (worth === null) continue;
      const energy = energyOf(worth) + ALIKE * random();
      if (energy < most) chosen = { order, worth, energy, undoes };
    }
    if (chosen === null || at - better > MAX_STALLED_STEPS) {
      near.goOnFrom(elite);
      for (let shake = 0; shake < SHAKES * (1 + (vain % MAX_SHAKEN)); shake++) {
        const changes = near.criticalChanges();
        const change = changes[Math.floor(random() * changes.length)];
        if (change) near.goOnFrom(change.make());
      }
      vain++;
      until.clear();
      left--;
      better = at;
      continue;
    }
    near.goOnFrom(chosen.order);
    until.set(chosen.undoes, at + TENURE + Math.floor(random() * TENURE_SPREAD));
    if (chosen.energy < best - ALIKE) [best, elite, better, vain] = [chosen.energy, chosen.order, at, 0];
    if (chosen.worth.finish >= earliest) continue;
    earliest = chosen.worth.finish;
    if (onEarlier(near.schedule)) return;
  }
}

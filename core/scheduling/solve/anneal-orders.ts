import { blockMoved } from './block-moved.ts';
import { coolingOf, type CoolingOptions } from './cooling.ts';
import { OrderNeighbours, type Order, type Worth } from './order-neighbours.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';

export interface AnnealOrdersOptions extends CoolingOptions {
  shouldStop(): boolean;
}

/** How much later than the first one orders may end to be looked at. */
const MAX_FINISH_RATIO = 1.3;
/** What the mean end comes to at least from one order to the next. */
const SOONER = 0.95;
/** How often something is changed that holds up the finish, and how often something goes to other hands. */
const CRITICAL = 0.1;
const HANDED = 0.12;

/**
 * Anneals as an order what was built, each task as early as it can be after what the same hands do before: that is built
 * several times as fast as by a rule. Answers the schedule that ends first, and the one that was arrived at; null where the
 * schedule can't be built as an order.
 */
export function annealOrders(
  prepared: Prepared,
  start: Schedule,
  options: AnnealOrdersOptions,
): { best: Schedule; last: Schedule } | null {
  const { steps, random, shouldStop } = options;
  const cooling = coolingOf(start.cost().finish, options);
  const near = new OrderNeighbours(prepared, start, Math.ceil(start.cost().finish * MAX_FINISH_RATIO));
  const first = near.goOnFrom(near.current);
  if (first === null) return null;
  const energyOf = ({ finish, meanEnd }: Worth): number => finish + cooling.meanEnd * meanEnd;
  let [current, mean, earliest, best] = [energyOf(first), first.meanEnd, first.finish, near.schedule];
  for (let step = 0; step < steps && !shouldStop(); step++) {
    // What would be gone on from is drawn before: what ends too late for that need not be built to its end.
    const most = current - cooling.heatAt(step) * Math.log(1 - random());
    const order = changed(prepared, near, random);
    const latest = Math.ceil(most - cooling.meanEnd * mean * SOONER);
    const worth = near.worthOf(order, Math.min(near.limit, latest), false);
    if (worth === null || energyOf(worth) > most) continue;
    near.goOnFromLast(order);
    [current, mean] = [energyOf(worth), worth.meanEnd];
    if (worth.finish < earliest) [earliest, best] = [worth.finish, near.schedule];
  }
  return { best, last: near.schedule };
}

/** An order near the one that is gone on from. */
function changed({ shifts }: Prepared, near: OrderNeighbours, random: () => number): Order {
  const { order, hands } = near.current;
  const chance = random();
  if (chance < CRITICAL) {
    const changes = near.criticalChanges();
    const change = changes[Math.floor(random() * changes.length)];
    if (change !== undefined) return change.make();
  }
  if (chance > 1 - HANDED && shifts.length > 1) {
    const number = order[Math.floor(random() * order.length)] ?? 0;
    const others = near.othersFor(number);
    const painter = others[Math.floor(random() * others.length)];
    if (painter !== undefined) return near.handedTo(number, painter);
  }
  return { order: blockMoved(order, random), hands };
}

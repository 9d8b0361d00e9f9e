import { ANYBODY, type BuildOrder } from './build.ts';
import { asBuilt, inTimeFor, type Incumbent } from './moves.ts';
import { blockMoved } from './block-moved.ts';
import { coolingOf, type CoolingOptions } from './cooling.ts';
import type { Prepared } from './prepared.ts';

type Random = () => number;

/** A schedule that was built by a rule, with what tells how soon it is over. */
export interface Annealed extends Incumbent {
  cost: { finish: number; sumOfEnds: number };
}

export interface AnnealOptions<S extends Annealed> extends CoolingOptions {
  /** Builds by a rule; null where that fails, and `stopped` where nothing more may be built. */
  build(rule: BuildOrder): S | 'stopped' | null;
}

/** How often something goes to other hands, or begins later to be in time for what follows. */
const HANDED = 0.12;
const DELAYED = 0.06;

/**
 * Goes on from a schedule by moving tasks in the order in which they were built, and now and then from one that is a
 * little worse, the less the longer it goes on (simulated annealing). Answers the one that was arrived at.
 */
export function anneal<S extends Annealed>(prepared: Prepared, start: S, options: AnnealOptions<S>): S {
  const { steps, random, build } = options;
  const cooling = coolingOf(start.cost.finish, options);
  const energy = ({ cost }: S): number => cost.finish + (cooling.meanEnd * cost.sumOfEnds) / prepared.tasks.length;
  let current = start;
  for (let step = 0; step < steps; step++) {
    const built = build(moved(prepared, current, random));
    if (built === 'stopped') break;
    if (built === null) continue;
    const worse = energy(built) - energy(current);
    if (worse <= 0 || random() < Math.exp(-worse / Math.max(cooling.heatAt(step), 1e-9))) current = built;
  }
  return current;
}

/** The rule of an order near that in which a schedule was built. */
function moved(prepared: Prepared, { schedule, rule }: Incumbent, random: Random): BuildOrder {
  const order = schedule.order;
  const { notBefore, hands, ...near } = asBuilt({ schedule, rule });
  const task = prepared.tasks[order[Math.floor(random() * order.length)] ?? 0];
  const chance = random();
  if (chance < HANDED && prepared.shifts.length > 1 && task) {
    const handed = Int16Array.from(hands);
    handed[task.index] = random() < 0.3 ? ANYBODY : (task.by[Math.floor(random() * task.by.length)] ?? ANYBODY);
    return { ...near, notBefore, hands: handed };
  }
  if (chance > 1 - DELAYED && task) {
    const later = Int32Array.from(notBefore);
    if (random() < 0.3) later.fill(0);
    for (const { atMost, to, from, ...wait } of task.after) {
      if (atMost === null) continue;
      const start = schedule.starts[to] ?? 0;
      later[from] = Math.max(later[from] ?? 0, inTimeFor(prepared, { ...wait, atMost, to, from }, start));
    }
    return { ...near, notBefore: later, hands };
  }
  const priority = new Float64Array(order.length);
  blockMoved(Int32Array.from(order), random).forEach((index, position) => (priority[index] = -position));
  return { ...near, notBefore, hands, priority };
}

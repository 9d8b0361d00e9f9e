import { ANYBODY, type Rule } from './build.ts';
import { asBuilt, inTimeFor, type Incumbent } from './moves.ts';
import type { Prepared } from './prepared.ts';

type Random = () => number;

/** A schedule that was built by a rule, with what tells how soon it is over. */
export interface Annealed extends Incumbent {
  cost: { finish: number; sumOfEnds: number };
}

export interface AnnealOptions<S extends Annealed> {
  /** How many orders are tried. */
  steps: number;
  random: Random;
  /** Builds by a rule; null where that fails, and `stopped` where nothing more may be built. */
  build(rule: Rule): S | 'stopped' | null;
}

/** How much the mean end of all tasks counts beside the finish: finishes come in jumps, and of equal ones it tells which leads on. */
const MEAN_END = { least: 0.1, most: 1 };
/** By how much of the finish an order may be worse to be gone on from at the beginning; nothing at the end. */
const HOT = { least: 0.003, most: 0.02 };
/** How often something goes to other hands, or begins later to be in time for what follows. */
const HANDED = 0.12;
const DELAYED = 0.06;
/** How often more than one task moves, how many at most, and how often they move far. */
const BLOCKS = 0.4;
const MOST_MOVED = 3;
const FAR = 0.5;
const NEAR = 4;

/**
 * Goes on from a schedule by moving tasks in the order in which they were built, and now and then from one that is a
 * little worse, the less the longer it goes on (simulated annealing).
 */
export function anneal<S extends Annealed>(prepared: Prepared, start: S, options: AnnealOptions<S>): void {
  const { steps, random, build } = options;
  const between = ({ least, most }: { least: number; most: number }): number => least * (most / least) ** random();
  const [meanEnd, hot] = [between(MEAN_END), between(HOT) * start.cost.finish];
  const energy = ({ cost }: S): number => cost.finish + (meanEnd * cost.sumOfEnds) / prepared.tasks.length;
  let current = start;
  for (let step = 0; step < steps; step++) {
    const built = build(moved(prepared, current, random));
    if (built === 'stopped') return;
    if (built === null) continue;
    const worse = energy(built) - energy(current);
    const heat = hot * (1 - step / steps) ** 2;
    if (worse <= 0 || random() < Math.exp(-worse / Math.max(heat, 1e-9))) current = built;
  }
}

/** The rule of an order near that in which a schedule was built. */
function moved(prepared: Prepared, { schedule, rule }: Incumbent, random: Random): Rule {
  const order = [...schedule.order];
  const { notBefore, hands, ...near } = asBuilt({ schedule, rule });
  const at = Math.floor(random() * order.length);
  const task = prepared.tasks[order[at] ?? 0];
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
  const block = order.splice(at, random() < BLOCKS ? 1 + Math.floor(random() * MOST_MOVED) : 1);
  const to = random() < FAR ? random() * (order.length + 1) : at + (random() - 0.5) * 2 * NEAR;
  order.splice(Math.max(0, Math.min(order.length, Math.round(to))), 0, ...block);
  const priority = new Float64Array(order.length);
  order.forEach((index, position) => (priority[index] = -position));
  return { ...near, notBefore, hands, priority };
}

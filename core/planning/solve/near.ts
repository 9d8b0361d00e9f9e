import { seededRandom } from '../../units/seeded-random.ts';
import type { PlannedTask } from '../problem.ts';
import type { Rule } from './build.ts';
import { asBuilt } from './moves.ts';
import { policyOf } from './policy.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Refusal, Schedule } from './schedule.ts';
import { buildRepairing } from './search.ts';

/** How far a schedule is from a plan: how much later it ends, how much of it moved, and by how many ticks. */
export interface Distance {
  later: number;
  moved: number;
  ticks: number;
}

export type Nearest =
  { schedule: Schedule; distance: Distance } | { stuck: { task: PreparedTask; refusal: Refusal } | null };

/** Minutes by which something may shift without anybody minding. */
const NOTICED = 15;
/** Minutes for which somebody rather waits than takes up what comes later in the plan: one manner after another. */
const PATIENCES = [0, 20, 60, 150];

/**
 * The schedule that keeps closest to a plan: no later than it has to be, and of those the one in which least moved.
 * What can stay where it was stays; `steps` more schedules are tried around the best. Deterministic for a seed.
 */
export function nearestSchedule(
  prepared: Prepared,
  plan: { tasks: readonly PlannedTask[]; finish: number },
  { steps, seed = 1, shouldStop = () => false }: { steps: number; seed?: number; shouldStop?: () => boolean },
): Nearest {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const random = seededRandom(seed);
  let best: { schedule: Schedule; distance: Distance; rule: Rule } | null = null;
  let stuck: { task: PreparedTask; refusal: Refusal } | null = null;
  const attempt = (rule: Rule): void => {
    const built = buildRepairing(prepared, rule, shouldStop);
    if ('stuck' in built) stuck ??= built.stuck;
    if (!('schedule' in built)) return;
    const distance = distanceOf(prepared, built.schedule, planned, plan.finish);
    if (best === null || compareDistances(distance, best.distance) < 0) best = { ...built, distance, rule };
  };
  const { tickMinutes } = prepared.problem;
  for (const keepsTimes of [true, false]) {
    for (const keepsHands of [true, false]) {
      for (const patience of PATIENCES) {
        if (best !== null && (shouldStop() || !keepsTimes)) break;
        attempt(policyOf(prepared, planned, { slack: patience / tickMinutes, keepsTimes, keepsHands }));
      }
    }
  }
  for (let step = 0; step < steps && best !== null && !shouldStop(); step++) attempt(aroundIt(prepared, best, random));
  return best ?? { stuck };
}

/** Some of what comes next goes before what was before it. */
function aroundIt(prepared: Prepared, best: { schedule: Schedule; rule: Rule }, random: () => number): Rule {
  const rule = asBuilt(best);
  const { order } = best.schedule;
  const at = Math.floor(random() * order.length);
  const piece = prepared.pieces[prepared.pieceOf[order[at] ?? 0] ?? 0] ?? [];
  const by = (random() - 0.5) * order.length * 0.2;
  for (const index of random() < 0.5 ? piece : [order[at] ?? 0]) {
    rule.priority[index] = (rule.priority[index] ?? 0) + by;
  }
  return rule;
}

function distanceOf(
  { tasks, problem }: Prepared,
  schedule: Schedule,
  planned: ReadonlyMap<string, PlannedTask>,
  finish: number,
): Distance {
  let moved = 0;
  let ticks = 0;
  for (const { index, task, isFixed, isPinned } of tasks) {
    const before = planned.get(task.id);
    const placed = schedule.placements[index];
    if (before === undefined || placed === null || placed === undefined || task.painters === 0) continue;
    if (isFixed && !isPinned) continue;
    const hands = placed.painters.map((painter) => problem.painters[painter]?.id).join();
    const by = Math.abs(placed.start - before.start) * problem.tickMinutes;
    if (by > NOTICED || hands !== before.painters.join()) moved++;
    ticks += Math.abs(placed.start - before.start);
  }
  return { later: Math.max(0, schedule.cost().finish - finish), moved, ticks };
}

/** No later first; then what moved, and how far. */
function compareDistances(one: Distance, other: Distance): number {
  return one.later - other.later || one.moved - other.moved || one.ticks - other.ticks;
}

import { seededRandom } from '../../units/seeded-random.ts';
import type { PlannedTask } from '../plan.ts';
import { buildSchedule, type BuildOrder } from './build.ts';
import { displaced, standing, type Displaced } from './insertion.ts';
import { isMoved, keptPlan, type KeptPlan } from './kept-plan.ts';
import { policyOf } from './policy.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { prepare } from './prepare.ts';
import type { Refusal } from './placement.ts';
import type { Schedule } from './schedule.ts';
import { buildRepairing } from './build-repairing.ts';

/** How far a schedule is from a plan: how much later it ends, how much of it moved, and by how many ticks. */
export interface Distance {
  later: number;
  moved: number;
  ticks: number;
}

export type Nearest =
  | { schedule: Schedule; distance: Distance }
  | { stuck: { task: PreparedTask; refusal: Refusal } | null };

/** Minutes for which somebody rather waits than takes up what comes later in the plan: one dispatch rule after another. */
const PATIENCES = [0, 20, 60, 150];
/** Minutes after something that can't stay within which others are let go with it, one try after another. */
const REACHES = [0, 100, 480, 1440, 5760];
/** Minutes before it, in which places may be changed as well. */
const BACK = 90;
/** Schedules that are tried before what is in their way is let go as well, how often that is done, and how many more are tried once one holds. */
const TRIES = 8;
const ROUNDS = 6;
const MORE = 4;
/** Minutes by which the order of released tasks is perturbed. */
const SHAKEN = [30, 120, 480];

/**
 * The schedule that keeps closest to a plan: little later and little moved, where a step that moves counts like a few
 * minutes by which it ends later.
 * What can't stay is let go, with what comes after it in its piece and with what lies about it, a little and then more,
 * until the rest can stand; only where that ends later, the order of work is pushed on instead. `steps` more schedules
 * are tried where it holds. Deterministic for a seed.
 */
export function repairSchedule(
  prepared: Prepared,
  plan: { tasks: readonly PlannedTask[]; finish: number },
  { steps, seed = 1, shouldStop = () => false }: { steps: number; seed?: number; shouldStop?: () => boolean },
): Nearest {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const kept = keptPlan(prepared, planned);
  const random = seededRandom(seed);
  const found: Close[] = [];
  let wasInTime = false;
  const consider = (schedule: Schedule): void => {
    found.push({ schedule, distance: distanceOf(prepared, schedule, kept, plan.finish) });
    wasInTime ||= found.at(-1)?.distance.later === 0;
    found.sort((one, other) => compareDistances(one.distance, other.distance)).splice(1);
  };
  const isInTime = (): boolean => wasInTime;
  const away = displaced(prepared, planned);
  let before = -1;
  for (const reach of REACHES) {
    if (isInTime() || shouldStop()) break;
    const loose = tasksToRelease(prepared, planned, away, reach / prepared.problem.tickMinutes);
    if (loose.size === before) continue;
    before = loose.size;
    for (let round = 0; round < ROUNDS && !isInTime() && !shouldStop(); round++) {
      const bound = prepare(standing(prepared, planned, loose));
      const inTheWay = new Set<number>();
      let tries = TRIES;
      let holds = false;
      for (let attempt = 0; attempt < tries && !shouldStop(); attempt++) {
        const rule = perturbedPolicy(bound, planned, loose, { attempt: round * TRIES + attempt, random });
        const built = buildSchedule(bound, rule, shouldStop);
        if ('stuck' in built) inTheWay.add(blockedBy(built.stuck));
        if (!('schedule' in built)) continue;
        consider(built.schedule);
        // With nothing let go, all that follows is the same again.
        if (!holds) tries = loose.size === 0 ? 0 : attempt + 1 + MORE + steps;
        holds = true;
      }
      // What stands in the way of all that was tried is let go as well.
      const more = [...inTheWay].filter((index) => !loose.has(index) && !prepared.tasks[index]?.isPinned);
      if (more.length === 0) break;
      for (const index of more) loose.add(index);
    }
  }
  const stuck = isInTime() ? null : pushOn(prepared, planned, shouldStop, consider);
  return found[0] ?? { stuck };
}

interface Close {
  schedule: Schedule;
  distance: Distance;
}

/** What can't stay, what comes after it in its piece, and what was planned to begin about then. */
function tasksToRelease(
  { tasks, pieces, pieceOf }: Prepared,
  planned: ReadonlyMap<string, PlannedTask>,
  away: readonly Displaced[],
  reach: number,
): Set<number> {
  const startOf = (index: number): number => planned.get(tasks[index]?.task.id ?? '')?.start ?? Infinity;
  const moved = tasks.filter(({ isPinned, isRecorded, earliest, index }) => {
    return isPinned && !isRecorded && startOf(index) !== earliest;
  });
  const loose = new Set<number>();
  const centres: number[] = [];
  for (const { index, from } of [...away, ...moved.map((task) => ({ index: task.index, from: task.earliest }))]) {
    const start = Math.min(startOf(index), from);
    for (const other of pieces[pieceOf[index] ?? -1] ?? []) if (startOf(other) >= start) loose.add(other);
    loose.add(index);
    centres.push(from);
    if (startOf(index) < Infinity) centres.push(startOf(index));
  }
  if (reach > 0) {
    for (const { index } of tasks) {
      const start = startOf(index);
      if (centres.some((centre) => start >= centre - BACK && start <= centre + reach)) loose.add(index);
    }
  }
  return loose;
}

/** What has to be let go for a build to get on. */
function blockedBy({ task, refusal }: { task: PreparedTask; refusal: Refusal }): number {
  return refusal.kind === 'appointment' ? refusal.task : task.index;
}

/** The plan's policy: first unchanged, then with the order of released tasks perturbed. */
function perturbedPolicy(
  bound: Prepared,
  planned: ReadonlyMap<string, PlannedTask>,
  loose: ReadonlySet<number>,
  { attempt, random }: { attempt: number; random: () => number },
): BuildOrder {
  const { tickMinutes } = bound.problem;
  const rule = policyOf(bound, planned, {
    slack: (PATIENCES[attempt % PATIENCES.length] ?? 0) / tickMinutes,
    keepsTimes: attempt % 8 < 4,
    keepsHands: attempt % 3 === 0,
  });
  if (attempt < PATIENCES.length || attempt % TRIES === 0) return rule;
  const by = (SHAKEN[attempt % SHAKEN.length] ?? 0) / tickMinutes;
  for (const index of loose) rule.priority[index] = (rule.priority[index] ?? 0) + (random() - 0.5) * 2 * by;
  return rule;
}

/** Schedules in the plan's order of work, each thing as soon as it can be; what was stuck where none came of it. */
function pushOn(
  prepared: Prepared,
  planned: ReadonlyMap<string, PlannedTask>,
  shouldStop: () => boolean,
  consider: (schedule: Schedule) => void,
): { task: PreparedTask; refusal: Refusal } | null {
  let stuck: { task: PreparedTask; refusal: Refusal } | null = null;
  for (const keepsTimes of [true, false]) {
    for (const keepsHands of [true, false]) {
      for (const patience of PATIENCES) {
        if (shouldStop()) return stuck;
        const slack = patience / prepared.problem.tickMinutes;
        const rule = policyOf(prepared, planned, { slack, keepsTimes, keepsHands });
        const built = buildRepairing(prepared, rule, shouldStop);
        if ('schedule' in built) consider(built.schedule);
        else if ('stuck' in built) stuck ??= built.stuck;
      }
    }
  }
  return stuck;
}

/** How far a schedule is from a plan that ends at a finish. */
export function distanceOf({ tasks }: Prepared, schedule: Schedule, kept: KeptPlan, finish: number): Distance {
  let moved = 0;
  let ticks = 0;
  for (const { index } of tasks) {
    const before = kept.starts[index] ?? -1;
    const placed = schedule.placements[index];
    if (before < 0 || placed == null) continue;
    if (isMoved(kept, index, placed.start, placed.painters)) moved++;
    ticks += Math.abs(placed.start - before);
  }
  return { later: Math.max(0, schedule.cost().finish - finish), moved, ticks };
}

/** Ticks by which a plan rather ends later than have one more step moved. */
const WORTH_A_STEP = 4;

/** By how much later and how much moved, weighed against each other; then how far. */
function compareDistances(one: Distance, other: Distance): number {
  const weight = ({ later, moved }: Distance): number => later + WORTH_A_STEP * moved;
  return weight(one) - weight(other) || one.later - other.later || one.ticks - other.ticks;
}

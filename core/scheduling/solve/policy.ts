import type { PlannedTask } from '../plan.ts';
import { ANYBODY, type BuildOrder } from './build.ts';
import type { Prepared } from './prepared.ts';

/** How closely a plan is kept to. */
export interface Closeness {
  /** Ticks for which somebody rather waits than takes up what comes later in the plan. */
  slack: number;
  /** Whether nothing starts earlier than it was planned for. */
  keepsTimes: boolean;
  /** Whether everything stays in the hands it was planned for. */
  keepsHands: boolean;
}

/** A plan's order of work, as a rule by which schedules are built: who does what after what. */
export function policyOf(
  { tasks, order, problem }: Prepared,
  planned: ReadonlyMap<string, PlannedTask>,
  { slack, keepsTimes, keepsHands }: Closeness,
): BuildOrder {
  const painters = new Map(problem.painters.map(({ id }, index) => [id, index]));
  const begins = tasks.map(({ task, earliest }) => planned.get(task.id)?.start ?? earliest);
  // What has no start of its own follows what it waits for.
  for (const index of order ?? []) {
    const task = tasks[index];
    if (!task || planned.has(task.task.id)) continue;
    begins[index] = task.before.reduce((latest, wait) => Math.max(latest, begins[wait.from] ?? 0), begins[index] ?? 0);
  }
  const hands = tasks.map(({ task, by }) => {
    const [only, ...more] = planned.get(task.id)?.painters ?? [];
    const painter = painters.get(only ?? '') ?? ANYBODY;
    return keepsHands && more.length === 0 && by.includes(painter) ? painter : ANYBODY;
  });
  return {
    priority: Float64Array.from(begins, (start) => -start),
    slack,
    sameTool: 0,
    // What can stand in one place only stands there, whatever was planned.
    notBefore: Int32Array.from(tasks, ({ task, isPinned }, index) =>
      keepsTimes && !isPinned && planned.has(task.id) ? (begins[index] ?? 0) : 0,
    ),
    hands: Int16Array.from(hands),
    keepsPlaces: false,
  };
}

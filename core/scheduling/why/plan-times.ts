import type { OpenPlan } from '../plan.ts';
import type { PlanTimes } from './critical-path.ts';
import type { PlanProblem } from '../problem.ts';

/** A plan as it stands in a problem of the same job; what the plan does not have stands where the record says. */
export function planTimes(problem: PlanProblem, plan: OpenPlan): PlanTimes {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const painterIndex = new Map(problem.painters.map(({ id }, index) => [id, index]));
  const placed = problem.tasks.map((task) => planned.get(task.id));
  const starts = problem.tasks.map((task, index) => placed[index]?.start ?? task.earliest ?? 0);
  const ends = problem.tasks.map((task, index) => placed[index]?.end ?? task.latest ?? starts[index] ?? 0);
  const painters = placed.map((task) => (task?.painters ?? []).flatMap((id) => painterIndex.get(id) ?? []));
  const keyed = problem.tasks
    .map((task, index) => ({ index, key: task.setup ?? null, start: starts[index] ?? 0 }))
    .filter(({ key }) => key !== null)
    .sort((one, other) => one.start - other.start);
  const setups = problem.tasks.map((): { painter: number; start: number; end: number }[] => []);
  for (const { key, painter: id, start, end } of plan.setups) {
    const painter = painterIndex.get(id);
    const first = keyed.find(
      (task) => task.key === key && task.start >= end && painters[task.index]?.includes(painter ?? -1),
    );
    if (painter !== undefined && first) setups[first.index]?.push({ painter, start, end });
  }
  return { starts, ends, paintersOf: (task) => painters[task] ?? [], setupsOf: (task) => setups[task] ?? [] };
}

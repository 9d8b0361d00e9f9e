import type { FoundPlan } from '../plan.ts';
import type { Placement } from './placement.ts';
import type { Prepared } from './prepared.ts';

/** Placements by the index of their task, as a plan in its open form. */
export function openPlan(
  { tasks: all, problem }: Prepared,
  placements: readonly (Placement | null)[],
): Pick<FoundPlan, 'tasks' | 'setups'> {
  const idOf = (painter: number): string => problem.painters[painter]?.id ?? '';
  const tasks: FoundPlan['tasks'] = [];
  const setups: FoundPlan['setups'] = [];
  for (const [index, placement] of placements.entries()) {
    const task = all[index];
    if (placement === null || task === undefined) continue;
    const { start, end, painters, late } = placement;
    tasks.push({ id: task.task.id, start, end, painters: painters.map(idOf), late });
    const key = task.setup?.key ?? '';
    for (const setup of placement.setups) setups.push({ ...setup, key, painter: idOf(setup.painter) });
  }
  return { tasks, setups };
}

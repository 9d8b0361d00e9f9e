import type { PlanProblem, PlanTask } from './problem.ts';
import type { PlannedTask } from './plan.ts';

const RECORD_OWNER = 'record-';

/** Whether what these painters did is kept by the record. */
export const isRecord = (painters: readonly string[]): boolean => painters.some((id) => id.startsWith(RECORD_OWNER));

/** Recorded work as tasks that can stand nowhere else, each by an owner of the record whose only hours they are. */
export function recordedTasks(recorded: readonly { id: string; start: number; end: number }[]): {
  tasks: PlanTask[];
  painters: PlanProblem['painters'];
} {
  const owners: { id: string; shifts: [number, number][] }[] = [];
  const tasks = [...recorded]
    .sort((one, other) => one.start - other.start)
    .map(({ id, start, end }): PlanTask => {
      let owner = owners.find(({ shifts }) => (shifts.at(-1)?.[1] ?? 0) <= start);
      if (owner === undefined) {
        owner = { id: `${RECORD_OWNER}${owners.length + 1}`, shifts: [] };
        owners.push(owner);
      }
      owner.shifts.push([start, end]);
      return {
        id,
        work: end - start,
        painters: 1,
        spaces: [],
        earliest: start,
        latest: end,
        pausable: false,
        by: [owner.id],
      };
    });
  return { tasks, painters: owners };
}

/**
 * Tasks of a plan in which those that the record keeps are in the hands that had them in the plan before: whoever is at
 * work goes on.
 */
export function inOwnHands<T extends PlannedTask>(tasks: readonly T[], before: readonly PlannedTask[]): T[] {
  const hands = new Map(before.map(({ id, painters }) => [id, painters]));
  return tasks.map((task) => {
    const own = isRecord(task.painters) ? hands.get(task.id) : undefined;
    return own && !isRecord(own) ? { ...task, painters: own } : task;
  });
}

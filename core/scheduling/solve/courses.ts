import type { PreparedTask } from './prepared.ts';

/**
 * Numbers the steps left from each task on, itself included: tasks with the same number have the same step and the same
 * steps after it. `order` respects every wait.
 */
export function coursesOf(tasks: readonly PreparedTask[], order: readonly number[]): Int32Array {
  const numbers = new Map<string, number>();
  const courses = new Int32Array(tasks.length).fill(-1);
  for (const index of order.toReversed()) {
    const task = tasks[index];
    if (task === undefined) continue;
    const { id, painters } = task.task;
    const follows = [...new Set(task.after.map(({ to }) => courses[to] ?? -1))].sort((one, other) => one - other);
    const course = JSON.stringify([task.kind, id.slice(id.lastIndexOf('/') + 1), painters, follows]);
    const number = numbers.get(course) ?? numbers.size;
    numbers.set(course, number);
    courses[index] = number;
  }
  return courses;
}

import { isMoment } from './moments.ts';
import type { Refusal } from './placement.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { Schedule } from './schedule.ts';

/** Tasks in an order, and the first of them that had no place, with why; null where all had one. */
export interface Listed {
  schedule: Schedule;
  stuck: { task: PreparedTask; refusal: Refusal | { kind: 'not-yet'; before: number } } | null;
}

/**
 * Places tasks in the order of a list, each as early as it can be after what the same hands do before it (list
 * scheduling, serial). Stops at the first task that has no place, or that follows one which is not placed. Moments in
 * between, such as touch dry, are placed by themselves. `order` has indices of tasks, each at most once.
 */
export function listedSchedule(prepared: Prepared, order: readonly number[]): Listed {
  const schedule = new Schedule(prepared);
  const { tasks } = prepared;
  const isPlaced = (index: number): boolean => schedule.placements[index] !== null;
  for (const index of order) {
    const task = tasks[index];
    if (task === undefined || isPlaced(index)) continue;
    const open = task.before.find(({ from }) => !isPlaced(from));
    if (open) return { schedule, stuck: { task, refusal: { kind: 'not-yet', before: open.from } } };
    const answer = schedule.find(task, schedule.readyAt(task), task.crew);
    if ('refused' in answer) return { schedule, stuck: { task, refusal: answer.refused } };
    const full = schedule.fullSpace(task);
    if (full !== null) return { schedule, stuck: { task, refusal: { kind: 'space', space: full } } };
    schedule.place(task, answer.placed);
    for (const { to } of task.after) {
      const moment = tasks[to];
      if (!moment || isPlaced(to) || !isMoment(moment) || moment.before.some(({ from }) => !isPlaced(from))) continue;
      const ready = schedule.readyAt(moment);
      schedule.place(moment, { start: ready, end: ready, painters: [], setups: [], late: false });
    }
  }
  return { schedule, stuck: null };
}

import type { OpenPlan } from './plan.ts';
import type { PlanProblem } from './problem.ts';
import { readyTimes } from './solve/insertion.ts';
import { prepare } from './solve/prepare.ts';

/** A step that a plan has before what it waits for is done and dry, by what is known now; minutes from t0. */
export interface WaitConflict {
  taskId: string;
  planned: number;
  ready: number;
}

/**
 * What of a plan would touch wet paint by what is known now: air was read, coats were stamped later than planned, or
 * were found tacky. In the order of the plan; empty while it holds.
 */
export function waitConflicts(problem: PlanProblem, plan: Pick<OpenPlan, 'tasks'>): WaitConflict[] {
  const prepared = prepare(problem);
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const ready = readyTimes(prepared, planned);
  return prepared.tasks
    .flatMap((task) => {
      const place = planned.get(task.task.id);
      if (place === undefined || task.isRecorded || task.task.painters === 0) return [];
      const waited = ready({ ...task, earliest: 0 });
      return waited > place.start ? [{ taskId: task.task.id, planned: place.start, ready: waited }] : [];
    })
    .sort((one, other) => one.planned - other.planned);
}

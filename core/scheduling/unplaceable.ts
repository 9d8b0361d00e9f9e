import { TaskHours } from './bound/task-hours.ts';
import { earliestTimes } from './bound/time-windows.ts';
import type { PlanProblem } from './problem.ts';
import { prepare } from './solve/prepare.ts';
import { structuralReasons } from './solve/reasons.ts';

/** A task that has no place even with everything else out of its way, and what of. */
export interface Unplaceable {
  task: string;
  because: 'never-dry' | 'too-late' | 'no-hours' | 'no-means';
}

/**
 * Tasks of a problem that no order of work could place: all that lack hands, shifts or slots, else the first one whose
 * waits, hours or latest time leave it none. Empty where every task could be placed by itself.
 */
export function unplaceable(problem: PlanProblem): Unplaceable[] {
  const prepared = prepare(problem);
  const lacking = structuralReasons(prepared).flatMap(({ task }): Unplaceable[] =>
    task === null ? [] : [{ task, because: 'no-means' }],
  );
  if (lacking.length > 0) return lacking;
  const times = earliestTimes(prepared, new TaskHours(prepared));
  if (!('task' in times)) return [];
  const because =
    times.neverDry !== null ? 'never-dry' : isLate(times.endsAt, problem) ? ('too-late' as const) : 'no-hours';
  return [{ task: times.task.task.id, because }];
}

const isLate = (endsAt: number | null, { horizon }: PlanProblem): boolean => endsAt !== null && endsAt <= horizon;

import type { Placement } from './placement.ts';
import type { Prepared } from './prepared.ts';
import { Schedule } from './schedule.ts';

/** The indices of tasks as they begin; of those that begin together what follows something comes after it. */
export function asTheyBegin(prepared: Prepared, placements: readonly (Placement | null)[]): number[] {
  const place = new Map((prepared.order ?? []).map((index, at) => [index, at]));
  return [...placements.keys()].sort(
    (one, other) =>
      (placements[one]?.start ?? 0) - (placements[other]?.start ?? 0) ||
      (place.get(one) ?? 0) - (place.get(other) ?? 0),
  );
}

/** The schedule in which every task stands where it is said. */
export function placedSchedule(prepared: Prepared, placements: readonly (Placement | null)[]): Schedule {
  const schedule = new Schedule(prepared);
  for (const index of asTheyBegin(prepared, placements)) {
    const task = prepared.tasks[index];
    const placement = placements[index];
    if (task && placement) schedule.place(task, placement);
  }
  return schedule;
}

import type { Placement } from './placement.ts';
import type { Prepared } from './prepared.ts';
import { Schedule } from './schedule.ts';

/** The schedule in which every task stands where it is said. */
export function placedSchedule(prepared: Prepared, placements: readonly (Placement | null)[]): Schedule {
  const schedule = new Schedule(prepared);
  const place = new Map((prepared.order ?? []).map((index, at) => [index, at]));
  const order = [...placements.keys()].sort(
    (one, other) =>
      (placements[one]?.start ?? 0) - (placements[other]?.start ?? 0) ||
      (place.get(one) ?? 0) - (place.get(other) ?? 0),
  );
  for (const index of order) {
    const task = prepared.tasks[index];
    const placement = placements[index];
    if (task && placement) schedule.place(task, placement);
  }
  return schedule;
}

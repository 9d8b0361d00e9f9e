import { fitPausing, fitWhole, type Shifts } from './calendar.ts';
import type { Appointment, Prepared, PreparedTask } from './prepared.ts';

/** Whether a task has no more time than it takes, with what it takes if waits before it have run out. */
function isBound({ task, earliest, latest, by, before }: PreparedTask, shifts: readonly Shifts[]): boolean {
  const [painter] = by;
  if (painter === undefined || task.painters !== by.length) return false;
  const longest = before.reduce((work, wait) => work + (wait.lateWork ?? 0), task.work);
  const fit = task.pausable ? fitPausing : fitWhole;
  const place = fit(shifts[painter] ?? [], earliest, longest);
  return place?.start === earliest && latest <= place.end;
}

/** Per painter the appointments in the order of time. */
export function appointmentsOf(tasks: readonly PreparedTask[], shifts: readonly Shifts[]): Appointment[][] {
  const appointments = shifts.map((): Appointment[] => []);
  for (const task of tasks) {
    if (task.task.latest == null || !isBound(task, shifts)) continue;
    const { by, index, earliest: start, latest: end } = task;
    for (const painter of by) appointments[painter]?.push({ task: index, start, end });
  }
  for (const own of appointments) own.sort((one, other) => one.start - other.start || one.end - other.end);
  return appointments;
}

/** Whether a painter has nothing to do but appointments. */
export function recordOwners(tasks: readonly PreparedTask[], painters: number): boolean[] {
  const isKeeper = new Array<boolean>(painters).fill(true);
  for (const { isPinned, by, task } of tasks) {
    if (!isPinned && task.painters > 0) for (const painter of by) isKeeper[painter] = false;
  }
  return isKeeper;
}

/** Per task, the last tick at which it can start for all that is pinned after it; `Infinity` where nothing is. */
export function duesOf(
  { tasks, order }: Pick<Prepared, 'tasks' | 'order'>,
  latestStarts: ArrayLike<number>,
): Float64Array {
  const dues = new Float64Array(tasks.length).fill(Infinity);
  for (const index of [...(order ?? [])].reverse()) {
    const task = tasks[index];
    const isBeforePinned =
      (task?.isPinned && !task.isRecorded) || task?.after.some(({ to }) => (dues[to] ?? Infinity) < Infinity);
    if (isBeforePinned) dues[index] = latestStarts[index] ?? Infinity;
  }
  return dues;
}

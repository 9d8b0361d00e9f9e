import { fitPausing, fitWhole, type Shifts } from './calendar.ts';
import type { Prepared, PreparedTask } from './prepared.ts';

/** Work that stands in one place, in hands that do other work as well: what somebody has pinned. */
export interface Appointment {
  task: number;
  start: number;
  end: number;
}

/** Whether a task has no more time than it takes, with what it takes if waits before it have run out. */
function isBound({ task, earliest, latest, by, before }: PreparedTask, shifts: readonly Shifts[]): boolean {
  const [painter] = by;
  if (painter === undefined || task.painters !== by.length) return false;
  const longest = before.reduce((work, wait) => work + (wait.lateWork ?? 0), task.work);
  const fit = task.pausable ? fitPausing : fitWhole;
  const place = fit(shifts[painter] ?? [], earliest, longest);
  return place?.start === earliest && latest <= place.end;
}

/** Per painter the appointments in the order of time; who does nothing but what is fixed, as a keeper of the record, has none. */
export function appointmentsOf(tasks: readonly PreparedTask[], shifts: readonly Shifts[]): Appointment[][] {
  const bound = tasks.filter((task) => task.task.latest != null && isBound(task, shifts));
  const isFree = shifts.map(() => false);
  const stands = new Set(bound);
  for (const task of tasks) {
    if (!stands.has(task) && task.task.painters > 0) for (const painter of task.by) isFree[painter] = true;
  }
  // Where all that there is to do is pinned, all of it is somebody's appointment.
  if (!isFree.includes(true)) isFree.fill(true);
  const appointments = shifts.map((): Appointment[] => []);
  for (const { by, index, earliest: start, latest: end } of bound) {
    if (!by.some((painter) => isFree[painter])) continue;
    for (const painter of by) appointments[painter]?.push({ task: index, start, end });
  }
  for (const own of appointments) own.sort((one, other) => one.start - other.start || one.end - other.end);
  return appointments;
}

/** Per task, the last tick at which it can start for all that is pinned after it; `Infinity` where nothing is. */
export function duesOf(
  { tasks, order }: Pick<Prepared, 'tasks' | 'order'>,
  latestStarts: ArrayLike<number>,
): Float64Array {
  const dues = new Float64Array(tasks.length).fill(Infinity);
  for (const index of [...(order ?? [])].reverse()) {
    const task = tasks[index];
    const isBeforePinned = task?.isPinned || task?.after.some(({ to }) => (dues[to] ?? Infinity) < Infinity);
    if (isBeforePinned) dues[index] = latestStarts[index] ?? Infinity;
  }
  return dues;
}

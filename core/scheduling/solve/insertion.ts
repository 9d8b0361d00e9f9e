import type { PlanProblem } from '../problem.ts';
import type { PlannedTask } from '../plan.ts';
import { fitPausing, fitWhole } from './calendar.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { windowAt } from './placement.ts';

/** The problem in which everything stands as it was planned, but what is loose. */
export function standing(
  { problem, tasks }: Prepared,
  planned: ReadonlyMap<string, PlannedTask>,
  loose: ReadonlySet<number>,
): PlanProblem {
  return {
    ...problem,
    tasks: problem.tasks.map((task, index) => {
      const place = planned.get(task.id);
      if (!place || loose.has(index) || tasks[index]?.isPinned || place.painters.length === 0) return task;
      return { ...task, earliest: place.start, latest: place.end, by: place.painters };
    }),
  };
}

/** A task that can't stay where it was planned, or that something new keeps from it; from when it could stand, at best. */
export interface Displaced {
  index: number;
  from: number;
}

/** Tasks that can't stay where they were: new ones, and those that waits, hours, windows or something pinned push away. */
export function displaced(prepared: Prepared, planned: ReadonlyMap<string, PlannedTask>): Displaced[] {
  const { tasks, order, problem } = prepared;
  const painters = new Map(problem.painters.map(({ id }, index) => [id, index]));
  const pinned = tasks.filter(({ isPinned, isRecorded }) => isPinned && !isRecorded);
  const found: Displaced[] = [];
  const ready = readyTimes(prepared, planned);
  for (const index of order ?? []) {
    const task = tasks[index];
    if (task === undefined || task.isPinned || task.task.painters === 0) continue;
    const place = planned.get(task.task.id);
    const team = (place?.painters ?? []).map((id) => painters.get(id) ?? -1);
    const from = ready(task);
    const canStay =
      place !== undefined &&
      team.length === task.task.painters &&
      team.every((painter) => task.by.includes(painter)) &&
      place.start >= from &&
      place.end <= task.latest &&
      fits(prepared, task, team, place) &&
      !pinned.some((pin) => overlaps(pin, task, team, place));
    if (!canStay) found.push({ index, from: Math.max(from, place?.start ?? 0) });
  }
  return found;
}

/** When the waits before a task are over, if all before it stands as planned, pinned or recorded. */
export function readyTimes(
  { tasks }: Pick<Prepared, 'tasks'>,
  planned: ReadonlyMap<string, PlannedTask>,
): (task: PreparedTask) => number {
  const endOf = (index: number): number => {
    const task = tasks[index];
    if (task === undefined) return 0;
    if (task.isPinned) return task.latest;
    const place = planned.get(task.task.id);
    // Moments of drying follow what they wait for.
    return task.task.painters === 0 || place === undefined ? ready(task) : place.end;
  };
  const ready = (task: PreparedTask): number =>
    task.before.reduce((latest, wait) => {
      const end = endOf(wait.from);
      return Math.max(latest, wait.atLeast?.reach(end) ?? end);
    }, task.earliest);
  return ready;
}

function fits(prepared: Prepared, task: PreparedTask, team: readonly number[], { start, end }: PlannedTask): boolean {
  const fit = task.task.pausable && team.length === 1 ? fitPausing : fitWhole;
  const place = fit(prepared.jointShifts(team), start, task.task.work);
  if (place === null || place.start !== start || place.end > end) return false;
  return windowAt(task, { start, end }) === start;
}

/** Whether a task stands where its painters do what is pinned, or set up for the one or the other. */
function overlaps(
  pin: PreparedTask,
  task: PreparedTask,
  team: readonly number[],
  { start, end }: PlannedTask,
): boolean {
  if (!pin.by.some((painter) => team.includes(painter))) return false;
  const isSameTool = pin.setup === task.setup;
  const before = isSameTool ? 0 : setupOf(pin);
  const after = isSameTool ? 0 : setupOf(task);
  return pin.earliest - before < end && start - after < pin.latest;
}

const setupOf = ({ setup }: PreparedTask): number => (setup === null ? 0 : Math.max(setup.work, ...setup.after));

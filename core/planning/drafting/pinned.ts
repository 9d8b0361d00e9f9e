import type { AcceptedPlan, Pin } from '../../job/document/plan-schema.ts';
import type { Job } from '../../job/document/schema.ts';
import { localIso, localTime, minutesSince } from '../../job/site-time.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';
import { fitPausing, fitWhole, jointShifts } from '../../scheduling/solve/calendar.ts';

/** A task that starts at a tick and is done by these painters. */
export interface PinnedTask {
  taskId: string;
  start: number;
  painters: readonly string[];
}

/** What is pinned in a job, in minutes from `t0`. */
export function pinnedTasks({ pins, site }: Pick<Job, 'pins' | 'site'>, t0: string): PinnedTask[] {
  return pins.map(({ start, ...pin }) => ({ ...pin, start: minutesSince(t0, start, site.timeZone) }));
}

/** The pins of a job that a plan keeps: what is pinned starts then, in these hands. */
export function pinsKeptBy(job: Pick<Job, 'pins' | 'site'>, plan: Pick<AcceptedPlan, 't0' | 'tasks'>): Pin[] {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const starts = new Map(pinnedTasks(job, plan.t0).map(({ taskId, start }) => [taskId, start]));
  return job.pins.filter(({ taskId, painters }) => {
    const task = planned.get(taskId);
    return task?.start === starts.get(taskId) && painters.every((painter) => task?.painters.includes(painter));
  });
}

/** Why a pin can't hold, whatever else is planned. */
export interface BrokenPin {
  taskId: string;
  because: 'gone' | 'done' | 'past' | 'hands' | 'hours';
}

/**
 * The problem in which pinned tasks can stand nowhere else. Pins that can't hold are left out and told: of tasks that
 * are no more or are done, in the past, of too few hands, or where their painters have no hours.
 */
export function withPins(
  problem: PlanProblem,
  pins: readonly PinnedTask[],
): { problem: PlanProblem; broken: BrokenPin[] } {
  const pinOf = new Map(pins.map((pin) => [pin.taskId, pin]));
  const shifts = new Map(problem.painters.map((painter) => [painter.id, painter.shifts]));
  const lateWork = new Map<string, number>();
  for (const { to, late } of problem.waits) {
    if (late && pinOf.has(to)) lateWork.set(to, (lateWork.get(to) ?? 0) + late.work);
  }
  const broken: BrokenPin[] = [];
  const seen = new Set<string>();
  const tasks = problem.tasks.map((task) => {
    const pin = pinOf.get(task.id);
    if (pin === undefined) return task;
    seen.add(task.id);
    const breaks = (because: BrokenPin['because']): typeof task => {
      broken.push({ taskId: task.id, because });
      return task;
    };
    const isOpen = task.by == null || pin.painters.every((painter) => task.by?.includes(painter));
    if (!isOpen) return breaks('done');
    if (pin.painters.length !== task.painters) return breaks('hands');
    if (pin.start < (task.earliest ?? 0)) return breaks('past');
    const joint = jointShifts(pin.painters.map((painter) => shifts.get(painter) ?? []));
    // What waited too long is abraded again: the pin leaves room for that.
    const longest = task.work + (lateWork.get(task.id) ?? 0);
    const place = (task.pausable ? fitPausing : fitWhole)(joint, pin.start, longest);
    if (place?.start !== pin.start) return breaks('hours');
    return {
      ...task,
      earliest: pin.start,
      latest: Math.min(place.end, task.latest ?? Infinity),
      by: [...pin.painters],
    };
  });
  for (const { taskId } of pins) if (!seen.has(taskId)) broken.push({ taskId, because: 'gone' });
  return { problem: { ...problem, tasks }, broken };
}

/** Pins as the job document keeps them, beside those of other tasks. */
export function withPinned(pins: readonly Pin[], pinned: readonly PinnedTask[], t0: string, timeZone: string): Pin[] {
  const moved = new Set(pinned.map(({ taskId }) => taskId));
  return [
    ...pins.filter(({ taskId }) => !moved.has(taskId)),
    ...pinned.map(({ taskId, start, painters }) => ({
      taskId,
      start: localIso(localTime(t0, start, timeZone)),
      painters: [...painters],
    })),
  ];
}

import type { Prepared, PreparedTask, PreparedWait } from '../solve/prepared.ts';
import type { TaskHours } from './task-hours.ts';

/** A task that no calendar has room for, even with everything else out of its way. */
export interface Unreachable {
  task: PreparedTask;
  /** The wait before it that never ends, if it is one. */
  neverDry: PreparedWait | null;
  /** When it would end at the earliest, if that is after its latest time. */
  endsAt: number | null;
}

/** Per task, how early it can begin and end. */
export interface Heads {
  starts: Float64Array;
  ends: Float64Array;
}

/** The earliest times from the beginning, and which task before it decides each; -1 where none does. */
export interface EarliestTimes extends Heads {
  previous: Int32Array;
}

/** Per task, how late it can begin and end so that everything is done in time. */
export interface Tails {
  starts: Float64Array;
  ends: Float64Array;
}

/** The earliest times of all tasks through waits, clocks and calendars, or the first task that has none. */
export function earliestTimes(prepared: Prepared, hours: TaskHours): EarliestTimes | Unreachable {
  const count = prepared.tasks.length;
  const heads: EarliestTimes = {
    starts: new Float64Array(count),
    ends: new Float64Array(count),
    previous: new Int32Array(count).fill(-1),
  };
  for (const index of prepared.order ?? []) {
    const task = prepared.tasks[index];
    if (task === undefined) continue;
    let ready = task.earliest;
    for (const wait of task.before) {
      const end = heads.ends[wait.from] ?? 0;
      const reached = wait.atLeast?.reach(end) ?? end;
      if (reached > ready || (reached === ready && heads.previous[index] === -1)) {
        ready = reached;
        heads.previous[index] = wait.from;
      }
    }
    const place = hours.earliest(task, ready);
    if (place === null) {
      const neverDry = task.before.find((wait) => wait.atLeast?.reach(heads.ends[wait.from] ?? 0) === Infinity);
      return { task, neverDry: neverDry ?? null, endsAt: null };
    }
    if (place.end > task.latest) return { task, neverDry: null, endsAt: place.end };
    heads.starts[index] = place.start;
    heads.ends[index] = place.end;
  }
  return heads;
}

/** The latest times of all tasks if all is to be done by `deadline`; null when one of them would have to start too early. */
export function latestTimes(prepared: Prepared, hours: TaskHours, heads: Heads, deadline: number): Tails | null {
  const count = prepared.tasks.length;
  const tails: Tails = { starts: new Float64Array(count), ends: new Float64Array(count) };
  const order = prepared.order ?? [];
  for (let position = order.length - 1; position >= 0; position--) {
    const index = order[position] ?? 0;
    const task = prepared.tasks[index];
    if (task === undefined) continue;
    let end = Math.min(deadline, task.latest);
    for (const wait of task.after) {
      const start = tails.starts[wait.to] ?? 0;
      end = Math.min(end, wait.atLeast?.latest(start) ?? start);
    }
    const start = hours.latestStart(task, end);
    if (start === null || start < (heads.starts[index] ?? 0)) return null;
    tails.starts[index] = start;
    tails.ends[index] = end;
  }
  return tails;
}

/** The tasks that follow each other up to one, first to last, each as early as the one before lets it. */
export function chainTo(prepared: Prepared, heads: EarliestTimes, last: number): string[] {
  const chain: string[] = [];
  for (let index = last; index >= 0; index = heads.previous[index] ?? -1) {
    chain.unshift(prepared.tasks[index]?.task.id ?? '');
  }
  return chain;
}

import { getOrInsertComputed } from '../../units/maps.ts';
import { fitPausing, fitPausingBefore, fitWhole, fitWholeBefore, type Shifts } from '../solve/calendar.ts';
import type { Prepared, PreparedSetup, PreparedTask } from '../solve/prepared.ts';

/** A stretch of time that a task takes. */
export interface Stretch {
  start: number;
  end: number;
}

/**
 * When each task could be done by the calendars of those who may do it, were they free and every place empty.
 * Where a tool has to be set up first in the same shift, that shift begins so much later for its tasks.
 */
export class TaskHours {
  readonly #prepared: Prepared;
  readonly #calendars = new Map<readonly number[], Map<string | null, readonly Shifts[]>>();

  constructor(prepared: Prepared) {
    this.#prepared = prepared;
  }

  /** The hours of everybody who may do a task, less what its tool takes before the first stroke. */
  of(task: PreparedTask): readonly Shifts[] {
    const setup = task.task.pausable || task.task.work === 0 ? null : task.setup;
    const bySetup = getOrInsertComputed(this.#calendars, task.by, () => new Map<string | null, readonly Shifts[]>());
    return getOrInsertComputed(bySetup, setup?.key ?? null, () =>
      task.by.map((painter) => afterSetup(this.#prepared.shifts[painter] ?? [], setup)),
    );
  }

  /** The earliest a task could begin, and the earliest it could end, from `ready` on; null when nobody has hours for it. */
  earliest(task: PreparedTask, ready: number): Stretch | null {
    const { work, painters, pausable } = task.task;
    if (!(ready < Infinity)) return null;
    const fit = pausable ? fitPausing : fitWhole;
    for (const [opens, closes] of task.window ?? [[0, this.#prepared.problem.horizon] as const]) {
      const from = Math.max(ready, opens);
      if (from + work > closes) continue;
      if (painters === 0) return { start: from, end: from + work };
      const places = this.of(task).flatMap((shifts) => fit(shifts, from, work) ?? []);
      if (places.length < painters) return null;
      const start = nthLeast(places, painters, (place) => place.start);
      const end = nthLeast(places, painters, (place) => place.end);
      if (task.window === null || end <= closes) return { start, end };
    }
    return null;
  }

  /** The latest start of a task that ends by `until`; null when nobody has hours for it before. */
  latestStart(task: PreparedTask, until: number): number | null {
    const { work, painters, pausable } = task.task;
    const fit = pausable ? fitPausingBefore : fitWholeBefore;
    const windows = task.window ?? [[0, this.#prepared.problem.horizon] as const];
    for (let index = windows.length - 1; index >= 0; index--) {
      const [opens, closes] = windows[index] ?? [0, 0];
      const end = Math.min(until, closes);
      if (end - work < opens) continue;
      if (painters === 0) return end - work;
      const starts = this.of(task).flatMap((shifts) => fit(shifts, end, work) ?? []);
      if (starts.length < painters) return null;
      const start = -nthLeast(starts, painters, (at) => -at);
      if (start >= opens) return start;
    }
    return null;
  }
}

/** The `nth` least of some values, counted from one. */
function nthLeast<T>(list: readonly T[], nth: number, value: (entry: T) => number): number {
  if (nth === 1) return list.reduce((least, entry) => Math.min(least, value(entry)), Infinity);
  return list.map(value).sort((one, other) => one - other)[nth - 1] ?? Infinity;
}

/** The least that setting up takes, whatever was used before. */
export function leastSetupWork(setup: PreparedSetup): number {
  return Math.min(setup.work, ...Object.values(setup.after));
}

/** Shifts without the ticks in which no task of a tool can begin: a tool that outlasts no shift is set up in each anew. */
function afterSetup(shifts: Shifts, setup: PreparedSetup | null): Shifts {
  const work = setup === null ? 0 : leastSetupWork(setup);
  if (work === 0) return shifts;
  return shifts.flatMap(([opens, closes], index): [number, number][] => {
    const from = setup?.acrossShifts && index > 0 ? opens : opens + work;
    return from < closes ? [[from, closes]] : [];
  });
}

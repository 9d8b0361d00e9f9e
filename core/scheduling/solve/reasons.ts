import type { NoPlanReason } from '../plan.ts';
import type { Unreachable } from '../bound/time-windows.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Refusal } from './placement.ts';

/** Reasons that hold before any search: what no order of work could mend. Empty when there are none. */
export function structuralReasons(prepared: Prepared): NoPlanReason[] {
  if (prepared.order === null) return [{ kind: 'circle', task: null }];
  const longestShifts = prepared.shifts.map((shifts) =>
    shifts.reduce((longest, [from, until]) => Math.max(longest, until - from), 0),
  );
  return [...prepared.tasks.flatMap((task) => taskReasons(prepared, task, longestShifts)), ...holdReasons(prepared)];
}

function taskReasons(prepared: Prepared, task: PreparedTask, longestShifts: readonly number[]): NoPlanReason[] {
  const { id, work, painters, pausable } = task.task;
  const { tickMinutes } = prepared.problem;
  const reasons: NoPlanReason[] = [];
  if (painters > task.by.length) {
    reasons.push({ kind: 'too-few-painters', task: id, needed: painters, allowed: task.by.length });
  } else if (painters > 0 && work > 0) {
    const longest = task.by.reduce((most, painter) => Math.max(most, longestShifts[painter] ?? 0), 0);
    if (longest === 0) reasons.push({ kind: 'no-hours', task: id });
    else if (!pausable && longest < work) {
      const minutes = work * tickMinutes;
      reasons.push({ kind: 'shift-too-short', task: id, minutes, longest: longest * tickMinutes });
    }
  }
  for (const use of task.spaces) {
    const slots = prepared.capacities[use.space] ?? 0;
    const space = prepared.problem.spaces[use.space]?.id ?? '';
    if (use.slots > slots) reasons.push({ kind: 'space-too-small', task: id, space, slots, needed: use.slots });
  }
  if (task.earliest + work > task.latest) reasons.push({ kind: 'starts-too-late', task: id });
  const widest = Math.max(0, ...(task.window ?? []).map(([from, until]) => until - from));
  if (task.window !== null && widest < work) {
    const minutes = work * tickMinutes;
    reasons.push({ kind: 'window-too-short', task: id, minutes, longest: widest * tickMinutes });
  }
  return reasons;
}

function holdReasons(prepared: Prepared): NoPlanReason[] {
  return prepared.holds.flatMap((hold) => {
    const slots = prepared.capacities[hold.space] ?? 0;
    if (hold.slots <= slots) return [];
    const space = prepared.problem.spaces[hold.space]?.id ?? '';
    const task = prepared.tasks[hold.after]?.task.id ?? '';
    return [{ kind: 'space-too-small', task, space, slots, needed: hold.slots }];
  });
}

/** Why a task has no place even with everything else out of its way. */
export function unreachableReason(prepared: Prepared, { task, neverDry, endsAt }: Unreachable): NoPlanReason {
  const refusal: Refusal =
    neverDry !== null
      ? { kind: 'never-dry', wait: neverDry }
      : endsAt !== null && endsAt <= prepared.problem.horizon
        ? { kind: 'latest', end: endsAt }
        : task.window !== null
          ? { kind: 'window' }
          : { kind: 'calendar' };
  return stuckReason(prepared, { task, refusal });
}

/** Why the search could not place a task. */
export function stuckReason(prepared: Prepared, stuck: { task: PreparedTask; refusal: Refusal }): NoPlanReason {
  const { id: task, work } = stuck.task.task;
  const { refusal } = stuck;
  const nameOf = (index: number): string => prepared.tasks[index]?.task.id ?? '';
  const minutes = work * prepared.problem.tickMinutes;
  switch (refusal.kind) {
    case 'space': {
      const space = prepared.problem.spaces[refusal.space];
      return { kind: 'space-full', task, space: space?.id ?? '', slots: space?.slots ?? 0 };
    }
    case 'too-late':
      return { kind: 'too-long-after', task, after: nameOf(refusal.wait.from) };
    case 'latest':
      return { kind: 'ends-too-late', task };
    case 'window':
      return { kind: 'no-window-left', task, minutes };
    case 'never-dry':
      return { kind: 'never-dry', task, after: nameOf(refusal.wait.from) };
    case 'appointment':
      return { kind: 'pinned', task, before: nameOf(refusal.task) };
    case 'calendar':
      return { kind: 'no-shift-left', task, minutes };
  }
}

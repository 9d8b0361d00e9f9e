import type { NoPlan } from '../plan.ts';
import type { Unreachable } from '../bound/time-windows.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Refusal } from './placement.ts';

type Reason = NoPlan['reasons'][number];

/** Reasons that hold before any search: what no order of work could mend. Empty when there are none. */
export function structuralReasons(prepared: Prepared): Reason[] {
  if (prepared.order === null) {
    return [{ task: null, message: 'Some tasks wait for each other in a circle, so none of them can be first.' }];
  }
  const longestShifts = prepared.shifts.map((shifts) =>
    shifts.reduce((longest, [from, until]) => Math.max(longest, until - from), 0),
  );
  return [...prepared.tasks.flatMap((task) => taskReasons(prepared, task, longestShifts)), ...holdReasons(prepared)];
}

function minutes(prepared: Prepared, ticks: number): string {
  return `${Math.round(ticks * prepared.problem.tickMinutes)} min`;
}

function taskReasons(prepared: Prepared, task: PreparedTask, longestShifts: readonly number[]): Reason[] {
  const { id, work, painters, pausable } = task.task;
  const reasons: Reason[] = [];
  if (painters > task.by.length) {
    reasons.push({ task: id, message: `${id} needs ${painters} people at once, and ${task.by.length} may do it.` });
  } else if (painters > 0 && work > 0) {
    const longest = task.by.reduce((most, painter) => Math.max(most, longestShifts[painter] ?? 0), 0);
    if (longest === 0) reasons.push({ task: id, message: `Nobody who may do ${id} has any working hours.` });
    else if (!pausable && longest < work) {
      reasons.push({
        task: id,
        message: `No shift is long enough for the ${minutes(prepared, work)} of ${id}; the longest is ${minutes(prepared, longest)}.`,
      });
    }
  }
  for (const use of task.spaces) {
    const capacity = prepared.capacities[use.space] ?? 0;
    if (use.slots > capacity) {
      const space = prepared.problem.spaces[use.space]?.id ?? 'the space';
      reasons.push({ task: id, message: `${space} has ${capacity} slots, ${use.slots} are needed for ${id}.` });
    }
  }
  if (task.earliest + work > task.latest) {
    reasons.push({ task: id, message: `${id} may start too late to end in time.` });
  }
  const widest = Math.max(0, ...(task.window ?? []).map(([from, until]) => until - from));
  if (task.window !== null && widest < work) {
    reasons.push({
      task: id,
      message: `${id} needs ${minutes(prepared, work)} in one go, and its paintable hours last ${minutes(prepared, widest)} at most.`,
    });
  }
  return reasons;
}

function holdReasons(prepared: Prepared): Reason[] {
  return prepared.holds.flatMap((hold) => {
    const capacity = prepared.capacities[hold.space] ?? 0;
    if (hold.slots <= capacity) return [];
    const space = prepared.problem.spaces[hold.space]?.id ?? 'the space';
    const task = prepared.tasks[hold.after]?.task.id ?? '';
    return [{ task, message: `${space} has ${capacity} slots, ${hold.slots} are needed after ${task}.` }];
  });
}

/** Why a task has no place even with everything else out of its way. */
export function unreachableReason(prepared: Prepared, { task, neverDry, endsAt }: Unreachable): Reason {
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
export function stuckReason(prepared: Prepared, stuck: { task: PreparedTask; refusal: Refusal }): Reason {
  const { id, work } = stuck.task.task;
  const { refusal } = stuck;
  switch (refusal.kind) {
    case 'space': {
      const space = prepared.problem.spaces[refusal.space];
      return {
        task: id,
        message: `${space?.id ?? 'A space'} (${space?.slots ?? 0} slots) stays full, so ${id} finds no place. More slots, or fewer pieces at once, would help.`,
      };
    }
    case 'too-late':
      return {
        task: id,
        message: `${id} can’t follow ${prepared.tasks[refusal.wait.from]?.task.id ?? ''} soon enough: its longest wait runs out first.`,
      };
    case 'latest':
      return { task: id, message: `${id} would end after its latest time.` };
    case 'window':
      return { task: id, message: `No paintable hours are left for the ${minutes(prepared, work)} of ${id}.` };
    case 'never-dry':
      return {
        task: id,
        message: `After ${prepared.tasks[refusal.wait.from]?.task.id ?? ''} it never dries enough for ${id} within the days of the plan. Warmer or drier air would help.`,
      };
    case 'appointment': {
      const pinned = prepared.tasks[refusal.task]?.task.id ?? '';
      return {
        task: id,
        message: `${id} has no place before ${pinned}, which is pinned and needs it or its hands first.`,
      };
    }
    case 'calendar':
      return { task: id, message: `No working hours are left for the ${minutes(prepared, work)} of ${id}.` };
  }
}

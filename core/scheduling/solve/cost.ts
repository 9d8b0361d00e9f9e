import type { PlanCost } from '../plan.ts';
import { TroubleCount, turnsOf, type Trouble } from '../trouble.ts';
import type { Shifts } from './calendar.ts';
import type { Placement } from './placement.ts';
import type { Prepared } from './prepared.ts';

/** A finished schedule as far as it is counted. */
interface Scheduled {
  placements: readonly (Placement | null)[];
  /** Indices of tasks in an order in which every painter's are in the order of time. */
  order: readonly number[];
}

/** What a finished schedule costs. */
export function costOf(prepared: Prepared, scheduled: Scheduled): PlanCost {
  let finish = 0;
  let sumOfEnds = 0;
  for (const placement of scheduled.placements) {
    if (placement === null) continue;
    if (placement.end > finish) finish = placement.end;
    sumOfEnds += placement.end;
  }
  const { minutes, setups, painterDays } = troubleOf(prepared, scheduled);
  return { finish, counted: prepared.counted(finish), trouble: minutes, painterDays, setups, sumOfEnds };
}

/** What a finished schedule disturbs its crew by. */
export function troubleOf(prepared: Prepared, { placements, order }: Scheduled): Trouble {
  const count = new TroubleCount(prepared.problem);
  for (const index of order) {
    const task = prepared.tasks[index];
    const placement = placements[index];
    if (!task || !placement) continue;
    const { start, end, painters, setups } = placement;
    if (painters.length === 0 || start === end) continue;
    for (const made of setups) count.addSetup(made.painter, made.start, made.end, task.setup?.mixes ?? false);
    const work = task.task.pausable ? task.task.work : end - start;
    for (const painter of painters) {
      count.addWork(painter, start, work, task.kind, task.place, task.dries);
      if (task.task.pausable)
        for (const at of shiftsWithin(prepared.shifts[painter] ?? [], start, end)) count.goesOn(painter, at);
    }
  }
  for (const { sharing, clearing } of prepared.turned) {
    count.addTurns(turnsOf(startsOf(sharing, placements), startsOf(clearing, placements)));
  }
  return count.total();
}

/** Where the shifts begin in which something goes on that was begun before. */
const shiftsWithin = (shifts: Shifts, start: number, end: number): number[] =>
  shifts.flatMap(([from]) => (start < from && from < end ? [from] : []));

function startsOf(tasks: readonly number[], placements: Scheduled['placements']): Float64Array {
  return Float64Array.from(tasks, (index) => placements[index]?.start ?? 0).sort();
}

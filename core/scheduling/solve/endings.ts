import type { Begun, Exhausted } from './branch-and-bound.ts';
import { asTheyBegin, placedSchedule } from './placed-schedule.ts';
import type { Prepared } from './prepared.ts';
import type { Schedule } from './schedule.ts';
import { withoutRedundantSetups } from './redundant-setups.ts';

/** Tries out every way to go on from what is begun, to end by a deadline; `tries` is counted down. */
export type TryOut = (deadline: number, begun: Begun, tries: { left: number }) => Exhausted;

export interface EndingsOptions {
  /** By when an ending has to be over to be worth anything; null where enough was tried. */
  deadline(): number | null;
  tryOut: TryOut;
  onEarlier(schedule: Schedule): void;
}

/** Of how many last tasks every order is tried out at first, and of how many more after that; with how many tries at most. */
const MIN_TASKS = 6;
const MORE = 3;
const MAX_TRIES = 1000;

/**
 * Tries out how a schedule could end that begins as one does: every order of its last few tasks, then of more of them, for as
 * long as that is soon done. Answers how many partial plans it took.
 */
export function tryEndings(prepared: Prepared, schedule: Schedule, options: EndingsOptions): number {
  const placed = asTheyBegin(prepared, schedule.placements).flatMap((index) => {
    const task = prepared.tasks[index];
    return task ? [{ task, team: schedule.placements[index]?.painters ?? [] }] : [];
  });
  let spent = 0;
  for (let open = MIN_TASKS; open < placed.length;) {
    const deadline = options.deadline();
    if (deadline === null) break;
    const tries = { left: MAX_TRIES };
    const found = options.tryOut(deadline, placed.slice(0, placed.length - open), tries);
    spent += MAX_TRIES - Math.max(0, tries.left);
    if (found.kind === 'unknown') break;
    if (found.kind === 'none') open += MORE;
    else options.onEarlier(placedSchedule(prepared, withoutRedundantSetups(prepared, found.placements)));
  }
  return spent;
}

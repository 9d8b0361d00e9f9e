import type { PlannedTask } from '../plan.ts';
import type { Prepared } from './prepared.ts';

/** Minutes a task may shift without a painter noticing. */
const NOTICED = 15;
/** Trouble of one moved task, in painter-minutes: saving a set-up is worth moving two or three tasks. */
export const MOVED_MINUTES = 4;

/** The plan that a schedule stays near to: by task, when it was to begin, −1 for what may be anywhere, and by whom. */
export interface KeptPlan {
  starts: Int32Array;
  teams: readonly (readonly number[])[];
  /** Ticks by which something may shift. */
  noticed: number;
}

/** The starts and teams to keep near to. Recorded work and moments may stand anywhere. */
export function keptPlan({ tasks, problem }: Prepared, planned: ReadonlyMap<string, PlannedTask>): KeptPlan {
  const painters = new Map(problem.painters.map(({ id }, index) => [id, index]));
  const places = tasks.map(({ task, isRecorded }) =>
    task.painters === 0 || isRecorded ? undefined : planned.get(task.id),
  );
  return {
    starts: Int32Array.from(places, (place) => place?.start ?? -1),
    teams: places.map((place) => (place?.painters ?? []).map((id) => painters.get(id) ?? -1)),
    noticed: NOTICED / problem.tickMinutes,
  };
}

/** Whether a task that begins at a tick in these hands stands elsewhere than it was planned. */
export function isMoved(
  { starts, teams, noticed }: KeptPlan,
  index: number,
  start: number,
  painters: readonly number[],
): boolean {
  const planned = starts[index] ?? -1;
  if (planned < 0) return false;
  if (Math.abs(start - planned) > noticed) return true;
  const team = teams[index] ?? [];
  return team.length !== painters.length || painters.some((painter, at) => team[at] !== painter);
}

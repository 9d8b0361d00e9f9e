import type { PlanProblem, PlanTask } from '../../scheduling/problem.ts';

/** Days before which a piece that is needed back may well not be ready. */
const DAYS_FOR_A_PIECE = 10;
/** A clock that gives less than so many times what a piece asks of it may not give it in time. */
const DRY_TIMES = 4;
/** A window that holds less than so many stretches, or days, for each task that goes by it may not hold them all. */
const STRETCHES = 3;

/**
 * Whether some task of a problem may well have no place at all, so that it is worth looking closely: by signs that are
 * counted in no time. `pieceOf` says whose a task is.
 */
export function isTight(problem: PlanProblem, now: number, pieceOf: (task: string) => string | null): boolean {
  return isDueSoon(problem, now) || driesSlowly(problem, now, pieceOf) || hasFewHours(problem, now, pieceOf);
}

const isDueSoon = ({ tasks }: PlanProblem, now: number): boolean =>
  tasks.some(({ latest }) => latest != null && latest > now && latest - now < DAYS_FOR_A_PIECE * 1440);

function driesSlowly(problem: PlanProblem, now: number, pieceOf: (task: string) => string | null): boolean {
  const given = new Map(
    problem.clocks.map(({ id, step, rate }) => {
      let sum = 0;
      for (let at = Math.floor(now / step); at < rate.length; at++) sum += rate[at] ?? 0;
      return [id, sum * step];
    }),
  );
  const asked = new Map<string, number>();
  return problem.waits.some(({ to, atLeast }) => {
    if (!atLeast || !('clock' in atLeast)) return false;
    const key = `${pieceOf(to) ?? to} ${atLeast.clock}`;
    const sum = (asked.get(key) ?? 0) + atLeast.dose;
    asked.set(key, sum);
    return sum * DRY_TIMES > (given.get(atLeast.clock) ?? 0);
  });
}

function hasFewHours(problem: PlanProblem, now: number, pieceOf: (task: string) => string | null): boolean {
  const windows = new Map(problem.windows.map(({ id, intervals }) => [id, intervals]));
  const own = new Map<string, number>();
  return problem.tasks.some((task: PlanTask) => {
    if (task.window == null) return false;
    const key = `${pieceOf(task.id) ?? task.id} ${task.window}`;
    const tasks = (own.get(key) ?? 0) + 1;
    own.set(key, tasks);
    let stretches = 0;
    for (const [from, until] of windows.get(task.window) ?? []) {
      const open = until - Math.max(from, now);
      if (open >= task.work) stretches += 1 + Math.floor(open / 1440);
      if (stretches >= STRETCHES * tasks) return false;
    }
    return true;
  });
}

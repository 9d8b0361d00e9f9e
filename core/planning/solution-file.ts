import type { AcceptedPlan } from '../job/record.ts';
import type { FoundPlan, PlanProblem } from './problem.ts';

/** A plan that the job keeps, as the open form of a solution of its problem. */
export function solutionFile(
  problem: PlanProblem,
  plan: Pick<AcceptedPlan, 'status' | 'tasks' | 'setups' | 'finish' | 'lowerBound'>,
): FoundPlan {
  const { status, tasks, setups, finish, lowerBound } = plan;
  const ticksPerDay = 1440 / problem.tickMinutes;
  const shifts = new Map(problem.painters.map((painter) => [painter.id, painter.shifts]));
  const days = new Set<string>();
  const doings = [
    ...tasks.flatMap(({ start, end, painters }) => painters.map((painter) => ({ painter, start, end }))),
    ...setups,
  ];
  for (const { painter, start, end } of doings) {
    for (const [opens, closes] of shifts.get(painter) ?? []) {
      const [from, until] = [Math.max(opens, start), Math.min(closes, end)];
      if (from < until) days.add(`${painter}/${Math.floor(from / ticksPerDay)}`);
    }
  }
  const cost = { finish, painterDays: days.size, setups: setups.length };
  return { status, tasks, setups, finish, lowerBound, cost };
}

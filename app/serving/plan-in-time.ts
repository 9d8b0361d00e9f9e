import type { PlanProblem } from '../../core/scheduling/problem.ts';
import type { PlanSolution } from '../../core/scheduling/plan.ts';
import { verifiedPlan } from '../../core/scheduling/verified-plan.ts';
import { json, problemDetails } from './answer.ts';

/** Milliseconds that one search may take. */
const MAX_SEARCH = 10_000;

/** Plans within the time limit and answers with what `body` makes of it; 503 where no plan was found in time. */
export function planInTime(problem: PlanProblem, body: (solution: PlanSolution) => unknown): Response {
  const end = performance.now() + MAX_SEARCH;
  const isOver = (): boolean => performance.now() > end;
  const solution = verifiedPlan(problem, { shouldStop: isOver, giveUp: isOver });
  if (solution.status === 'infeasible' && isOver()) {
    const detail = `No plan was found within ${MAX_SEARCH / 1000} s. “npm run plan -- FILE” has no time limit.`;
    return problemDetails(503, 'It took too long', detail);
  }
  return json(body(solution));
}

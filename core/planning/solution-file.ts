import type { AcceptedPlan } from '../job/document/plan-schema.ts';
import { planCost } from './plan-cost.ts';
import type { FoundPlan, PlanProblem } from './problem.ts';

/** A plan that the job keeps, as the open form of a solution of its problem. */
export function solutionFile(
  problem: PlanProblem,
  plan: Pick<AcceptedPlan, 'status' | 'tasks' | 'setups' | 'finish' | 'lowerBound'>,
): FoundPlan {
  const { status, tasks, setups, finish, lowerBound } = plan;
  return { status, tasks, setups, finish, lowerBound, cost: planCost(problem, plan) };
}

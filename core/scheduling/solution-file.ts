import { planCost } from './plan-cost.ts';
import type { PlanProblem } from './problem.ts';
import type { FoundPlan } from './plan.ts';

/** A plan that the job keeps, as the open form of a solution of its problem. */
export function solutionFile(problem: PlanProblem, plan: Omit<FoundPlan, 'cost'>): FoundPlan {
  const { status, tasks, setups, finish, lowerBound } = plan;
  return { status, tasks, setups, finish, lowerBound, cost: planCost(problem, plan) };
}

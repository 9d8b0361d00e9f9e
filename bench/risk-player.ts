import { riskOf } from '../core/scheduling/chance/risk.ts';
import type { PlanProblem } from '../core/scheduling/problem.ts';
import type { FoundPlan } from '../core/scheduling/plan.ts';

/** What a player is asked: runs of a plan, as the application's workers play them. */
export interface Played {
  problem: PlanProblem;
  plan: FoundPlan;
  samples: number;
  seed: number;
}

process.on('message', ({ problem, plan, ...options }: Played) => process.send?.(riskOf(problem, plan, options)));
process.send?.('ready');

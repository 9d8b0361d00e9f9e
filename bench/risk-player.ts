import { riskOf } from '../core/planning/risk.ts';
import type { FoundPlan, PlanProblem } from '../core/planning/problem.ts';

/** What a player is asked: runs of a plan, as the application's workers play them. */
export interface Played {
  problem: PlanProblem;
  plan: FoundPlan;
  samples: number;
  seed: number;
}

process.on('message', ({ problem, plan, ...options }: Played) => process.send?.(riskOf(problem, plan, options)));
process.send?.('ready');

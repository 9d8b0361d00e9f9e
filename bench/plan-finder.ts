import { solve } from '../core/scheduling/solve/solve.ts';
import type { PlanProblem } from '../core/scheduling/problem.ts';
import type { PlanSolution } from '../core/scheduling/plan.ts';

/** What a finder is asked: a plan, as one of the application's workers looks for it. */
export interface Sought {
  problem: PlanProblem;
  seed: number;
  seconds: number;
}

export interface Sighted {
  plan: PlanSolution;
  /** Milliseconds to the first plan. */
  first: number;
}

process.on('message', ({ problem, seed, seconds }: Sought) => {
  const start = performance.now();
  let first = 0;
  const plan = solve(problem, {
    seed,
    steps: 1e6,
    shouldStop: () => performance.now() - start > seconds * 1000,
    onBetter: () => (first ||= performance.now() - start),
  });
  process.send?.({ plan, first } satisfies Sighted);
});
process.send?.('ready');

import { solve } from '../core/planning/solve/solve.ts';
import type { PlanProblem, PlanSolution } from '../core/planning/problem.ts';

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

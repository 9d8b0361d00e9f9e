import type { PlanProblem } from './problem.ts';
import type { FoundPlan, NoPlan, PlanSolution } from './plan.ts';
import { solve, solveNear, type NearPlan, type SolveOptions } from './solve/solve.ts';
import { withoutFalseClaims } from './false-claims.ts';
import { verify } from './verify.ts';

/**
 * Plans a problem and lets only verified plans out, on the way and at the end. A plan that breaks a rule is thrown away:
 * then the best verified one that was seen is the answer, and without one which rule it was.
 */
export function verifiedPlan(problem: PlanProblem, options: SolveOptions = {}): PlanSolution {
  const seen: FoundPlan[] = [];
  const solution = solve(problem, {
    ...options,
    onBetter: (plan) => {
      if (verify(problem, plan).length > 0) return;
      seen[0] = plan;
      options.onBetter?.(plan);
    },
  });
  const answer = kept(problem, solution);
  return answer.status === 'infeasible' ? (seen[0] ?? answer) : answer;
}

/** Plans a changed problem close to a plan of what it was, and lets only a verified plan out. */
export function verifiedNearPlan(
  problem: PlanProblem,
  plan: Parameters<typeof solveNear>[1],
  options: Parameters<typeof solveNear>[2] = {},
): NearPlan {
  return kept(problem, solveNear(problem, plan, options));
}

/** A solution that keeps every rule, or which one it breaks. */
function kept<P extends FoundPlan>(problem: PlanProblem, solution: P | NoPlan): P | NoPlan {
  if (solution.status === 'infeasible') return solution;
  const [broken] = verify(problem, solution);
  if (broken === undefined) return withoutFalseClaims(problem, solution);
  const { rule, tasks } = broken;
  return { status: 'infeasible', reasons: [{ kind: 'broken-rule', task: tasks[0] ?? null, rule, tasks }] };
}

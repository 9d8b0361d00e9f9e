import { solve } from './solve/solve.ts';
import { verify } from './verify.ts';
/**
 * Plans a problem and lets only verified plans out, on the way and at the end. A plan that breaks a rule is thrown
 * away, and the answer says which rule: better no plan than a wrong one.
 */
export function verifiedPlan(problem, options = {}) {
  const solution = solve(problem, {
    ...options,
    onBetter: (plan) => {
      if (verify(problem, plan).length === 0) options.onBetter?.(plan);
    },
  });
  if (solution.status === 'infeasible') return solution;
  const [broken] = verify(problem, solution);
  if (broken === undefined) return solution;
  const message = `The plan was thrown away: it breaks the rule “${broken.rule}” at ${broken.tasks.join(', ')}.`;
  return { status: 'infeasible', reasons: [{ task: broken.tasks[0] ?? null, message }] };
}

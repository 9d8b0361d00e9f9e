import { lowerBound } from '../bound.ts';
import { structuralReasons, stuckReason } from './reasons.ts';
import { prepare } from './prepared.ts';
import { search } from './search.ts';
const STOPPED = { task: null, message: 'The search was stopped before it had found a first plan; there may be one.' };
/** Schedules to build by default: about a second's work up to some hundred tasks. */
function usualSteps(tasks) {
  return Math.max(12, Math.min(1500, Math.round(30_000 / Math.max(1, tasks))));
}
/**
 * Plans a problem that has passed its schema. The answer is a plan with its proved lower bound, or the reasons why
 * there is none; never an exception. Deterministic for a problem, seed and number of steps.
 */
export function solve(problem, options = {}) {
  const prepared = prepare(problem);
  const reasons = structuralReasons(prepared);
  if (reasons.length > 0) return infeasible(reasons);
  const bound = lowerBound(prepared);
  if ('task' in bound) {
    const { task, neverDry } = bound;
    return infeasible([
      stuckReason(prepared, { task, refusal: neverDry ? { kind: 'never-dry', wait: neverDry } : { kind: 'calendar' } }),
    ]);
  }
  const describe = (schedule) => {
    const { finish, painterDays, setups } = schedule.cost();
    return {
      status: finish <= bound.finish ? 'optimal' : 'feasible',
      ...schedule.result(),
      finish,
      lowerBound: bound.finish,
      cost: { finish, painterDays, setups },
    };
  };
  const searched = search(prepared, {
    seed: options.seed ?? 1,
    steps: options.steps ?? usualSteps(problem.tasks.length),
    lowerBound: bound.finish,
    shouldStop: options.shouldStop ?? (() => false),
    giveUp: options.giveUp ?? (() => false),
    onBetter: (schedule) => options.onBetter?.(describe(schedule)),
  });
  if ('best' in searched) return describe(searched.best);
  return infeasible(['stuck' in searched ? stuckReason(prepared, searched.stuck) : STOPPED]);
}
function infeasible(reasons) {
  return { status: 'infeasible', reasons };
}

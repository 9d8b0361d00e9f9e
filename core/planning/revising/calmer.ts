import { formatDuration } from '../../units/measures.ts';
import { countedFinish } from '../../scheduling/aim.ts';
import { planTrouble } from '../../scheduling/plan-cost.ts';
import type { ComparedPlan } from './compare-plans.ts';
import type { PlanProblem } from '../../scheduling/problem.ts';

/** What a calmer plan of a problem gives and takes against another one. */
export interface CalmPrice {
  /** Set-ups that it does without. */
  setups: number;
  /** Painter-minutes of setting up, changing over and walking that it does without. */
  minutes: number;
  /** Minutes by which it ends later; negative where it ends earlier. */
  later: number;
}

/** Minutes less of trouble from which on a plan is calmer: what nobody would notice is no choice. */
const WORTH_IT = 5;

/**
 * What a plan gives and takes for being calmer than another one, in what begins at tick `from` or later; null where it is
 * not calmer.
 */
export function priceOfCalm(
  problem: PlanProblem,
  before: ComparedPlan,
  calmer: ComparedPlan,
  from: number,
): CalmPrice | null {
  const [cost, own] = [before, calmer].map((plan) => planTrouble(problem, begunFrom(plan, from)));
  const minutes = Math.round((cost?.minutes ?? 0) - (own?.minutes ?? 0));
  if (minutes < WORTH_IT) return null;
  const later = (calmer.finish - before.finish) * problem.tickMinutes;
  return { setups: (cost?.setups ?? 0) - (own?.setups ?? 0), minutes, later };
}

const begunFrom = ({ tasks, setups }: ComparedPlan, from: number): Pick<ComparedPlan, 'tasks' | 'setups'> => ({
  tasks: tasks.filter(({ start }) => start >= from),
  setups: setups.filter(({ start }) => start >= from),
});

/** The same in words: “14 fewer set-ups, 2 h later”. */
export function priceWords({ setups, minutes, later }: CalmPrice): string {
  const gives =
    setups > 0
      ? `${setups} fewer ${setups === 1 ? 'set-up' : 'set-ups'}`
      : `${formatDuration(minutes)} less changeover`;
  const takes = later === 0 ? 'no later' : `${formatDuration(Math.abs(later))} ${later > 0 ? 'later' : 'earlier'}`;
  return `${gives}, ${takes}`;
}

/** The last finish, in ticks, that is at most so many ticks later than a plan, as finishes count. */
export const latestFinish = (problem: PlanProblem, { finish }: Pick<ComparedPlan, 'finish'>, laterBy: number): number =>
  countedFinish(problem)(finish) + laterBy;

import { formatDuration } from '../units/quantity.ts';
import { countedFinish } from './aim.ts';
import { planCost } from './plan-cost.ts';
import type { ComparedPlan } from './compare-plans.ts';
import type { PlanProblem } from './problem.ts';

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

/** What a plan gives and takes for being calmer than another one; null where it is not. */
export function priceOfCalm(problem: PlanProblem, before: ComparedPlan, calmer: ComparedPlan): CalmPrice | null {
  const [cost, own] = [planCost(problem, before), planCost(problem, calmer)];
  const minutes = Math.round(cost.trouble - own.trouble);
  if (minutes < WORTH_IT) return null;
  return { setups: cost.setups - own.setups, minutes, later: (own.finish - cost.finish) * problem.tickMinutes };
}

/** The same in words: “14 fewer set-ups, 2 h later”. */
export function priceWords({ setups, minutes, later }: CalmPrice): string {
  const gives =
    setups > 0
      ? `${setups} fewer ${setups === 1 ? 'set-up' : 'set-ups'}`
      : `${formatDuration(minutes)} less changing over`;
  const takes = later === 0 ? 'no later' : `${formatDuration(Math.abs(later))} ${later > 0 ? 'later' : 'earlier'}`;
  return `${gives}, ${takes}`;
}

/** The last finish, in ticks, that is at most so many ticks later than a plan, as finishes count. */
export const latestFinish = (problem: PlanProblem, { finish }: Pick<ComparedPlan, 'finish'>, laterBy: number): number =>
  countedFinish(problem)(finish) + laterBy;

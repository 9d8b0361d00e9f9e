import { countedFinish } from './aim.ts';
import type { FoundPlan } from './plan.ts';
import type { PlanProblem } from './problem.ts';

/** Something that a plan says of itself and that is not so. */
export interface FalseClaim {
  of: 'bound' | 'status' | 'finish' | 'setups' | 'painter-days' | 'sum of ends';
  detail: string;
}

type Claiming = Pick<FoundPlan, 'tasks' | 'setups' | 'status' | 'finish' | 'lowerBound' | 'cost'>;

/**
 * What a plan says of its finish, its bound and its cost that its own tasks and set-ups tell otherwise; empty where all of
 * it is so. Counts again from the plan as it is written. Whether it may be worked at all, `verify` tells.
 */
export function falseClaims(problem: PlanProblem, plan: Claiming): FalseClaim[] {
  const { tasks, setups, status, lowerBound, cost } = plan;
  const found: FalseClaim[] = [];
  const claim = (of: FalseClaim['of'], said: number, real: number): void => {
    if (said !== real) found.push({ of, detail: `it is ${real}, not ${said}` });
  };
  const last = Math.max(0, ...tasks.map(({ end }) => end));
  claim('finish', cost.finish, last);
  claim('setups', cost.setups, setups.length);
  claim(
    'sum of ends',
    cost.sumOfEnds,
    tasks.reduce((sum, { end }) => sum + end, 0),
  );
  claim('painter-days', cost.painterDays, painterDays(problem, plan));
  if (lowerBound > last)
    found.push({ of: 'bound', detail: `nothing is to end before ${lowerBound}, and it ends at ${last}` });
  // By its bound a plan is best that ends in the same half-day of the crew, where the problem counts in those.
  const counted = countedFinish(problem);
  if (status === 'optimal' && counted(last) > counted(lowerBound))
    found.push({ of: 'status', detail: `it is said to be best, and ends ${last - lowerBound} ticks after its bound` });
  return found;
}

/** The plan without a status or a bound that can't be true: no better claim takes its place. */
export function withoutFalseClaims<P extends Claiming>(problem: PlanProblem, plan: P): P {
  const claims = new Set(falseClaims(problem, plan).map(({ of }) => of));
  if (!claims.has('bound') && !claims.has('status')) return plan;
  return { ...plan, status: 'feasible', lowerBound: claims.has('bound') ? 0 : plan.lowerBound };
}

/** Days on which a painter has something to do, summed over painters: midnights are t0 and every day after it. */
function painterDays({ painters, tickMinutes }: PlanProblem, { tasks, setups }: Claiming): number {
  const aDay = 1440 / tickMinutes;
  const days = new Set<string>();
  for (const { id, shifts } of painters) {
    const work = [
      ...tasks.filter(({ painters: hands }) => hands.includes(id)),
      ...setups.filter(({ painter }) => painter === id),
    ];
    for (const { start, end } of work) {
      for (const [from, until] of shifts) {
        const [first, last] = [Math.max(start, from), Math.min(end, until)];
        if (first < last) days.add(`${id}/${Math.floor(first / aDay)}`);
      }
    }
  }
  return days.size;
}

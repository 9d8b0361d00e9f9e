import type { PlanProblem } from './problem.ts';
import type { PlanCost } from './plan.ts';

/**
 * The aim of a plan: the earliest finish as far as it counts, then the least trouble, the fewest painter-days, and what
 * ends early. Negative where the first plan is better. All that compares plans asks here.
 */
export function compareCosts(one: PlanCost, other: PlanCost): number {
  return (
    one.counted - other.counted ||
    one.trouble - other.trouble ||
    one.painterDays - other.painterDays ||
    one.finish - other.finish ||
    one.sumOfEnds - other.sumOfEnds
  );
}

/** The same where every finish by a limit counts alike: what may be later is to be calmer for that. */
export function compareByLimit(limit: number): typeof compareCosts {
  const by = (cost: PlanCost): PlanCost => ({ ...cost, counted: Math.max(cost.counted, limit) });
  return (one, other) => compareCosts(by(one), by(other));
}

/**
 * How a problem counts a finish: to the tick, or, where it states what trouble is, to the end of the half-day of the crew
 * in which it lies. What ends while nobody works counts as it is.
 */
export function countedFinish({
  trouble,
  painters,
}: Pick<PlanProblem, 'trouble' | 'painters'>): (finish: number) => number {
  if (trouble == null) return (finish) => finish;
  const halfDays = halfDaysOf(painters);
  return (finish) => {
    let low = 0;
    let high = halfDays.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((halfDays[middle]?.[1] ?? 0) < finish) low = middle + 1;
      else high = middle;
    }
    const [from, until] = halfDays[low] ?? [Infinity, finish];
    return finish > from ? until : finish;
  };
}

/** The half-days of a crew: from when the first of them begins until the first of them stops, where their hours overlap. */
function halfDaysOf(painters: PlanProblem['painters']): [number, number][] {
  const shifts = painters.flatMap((painter) => painter.shifts).sort(([one], [other]) => one - other);
  const halfDays: [number, number][] = [];
  for (const [from, until] of shifts) {
    const last = halfDays.at(-1);
    if (last !== undefined && from < last[1]) last[1] = Math.min(last[1], until);
    else halfDays.push([from, until]);
  }
  return halfDays;
}

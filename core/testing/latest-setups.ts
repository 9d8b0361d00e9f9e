import type { PlanProblem } from '../scheduling/problem.ts';
import type { PlannedSetup, PlannedTask } from '../scheduling/plan.ts';

/** The set-ups that tasks at these places need, each as late as it can be; null where one finds no room. */
export function latestSetups(problem: PlanProblem, tasks: readonly PlannedTask[]): PlannedSetup[] | null {
  const keyOf = (id: string): string | null => problem.tasks.find((task) => task.id === id)?.setup ?? null;
  const setups: PlannedSetup[] = [];
  for (const { id: painter, shifts } of problem.painters) {
    const own = tasks.filter((task) => task.painters.includes(painter)).sort((one, other) => one.start - other.start);
    let last: PlannedSetup | null = null;
    let usedUntil = 0;
    for (const task of own) {
      const rule = problem.setups.find(({ key }) => key === keyOf(task.id));
      if (rule === undefined) continue;
      const since = last;
      const isGood =
        since?.key === rule.key &&
        (rule.keeps == null || task.start - since.end <= rule.keeps) &&
        (rule.acrossShifts || !shifts.some(([, until]) => since.end <= until && until <= task.start));
      if (!isGood) {
        const work: number = (since && rule.after?.[since.key]) ?? rule.work;
        let end = task.start;
        // What takes no tool may be done between a set-up and what that is for.
        const fits = (): boolean =>
          shifts.some(([from, until]) => from <= end - work && end <= until) &&
          own.every((other) => other.end <= end - work || end <= other.start);
        while (end - work >= usedUntil && !fits()) end--;
        if (end - work < usedUntil) return null;
        last = { key: rule.key, painter, start: end - work, end };
        setups.push(last);
      }
      usedUntil = task.end;
    }
  }
  return setups;
}

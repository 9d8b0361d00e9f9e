import { countedFinish } from './aim.ts';
import { kindName } from './batches.ts';
import type { PlanProblem } from './problem.ts';
import type { OpenPlan, PlanCost } from './plan.ts';
import { TroubleCount, turnsOf, type Trouble } from './trouble.ts';

/** What a plan of a problem costs, whoever has made it. */
export function planCost(problem: PlanProblem, plan: OpenPlan): PlanCost {
  const finish = plan.tasks.reduce((latest, { end }) => Math.max(latest, end), 0);
  const { minutes, setups, painterDays } = planTrouble(problem, plan);
  const sumOfEnds = plan.tasks.reduce((sum, { end }) => sum + end, 0);
  return { finish, counted: countedFinish(problem)(finish), trouble: minutes, painterDays, setups, sumOfEnds };
}

/** What a plan of a problem disturbs its crew by. */
export function planTrouble(problem: PlanProblem, plan: OpenPlan): Trouble {
  return counted(problem, plan).total();
}

/** Minutes of the batches of a plan, painter by painter in the order of time. */
export function batchMinutes(problem: PlanProblem, plan: OpenPlan): number[] {
  return counted(problem, plan).lengths();
}

function counted(problem: PlanProblem, { tasks, setups }: OpenPlan): TroubleCount {
  const count = new TroubleCount(problem);
  const known = new Map(problem.tasks.map((task) => [task.id, task]));
  const mixed = new Set(problem.setups.filter(({ mixes }) => mixes).map(({ key }) => key));
  const dries = dryingOf(problem);
  const [kinds, places] = [new Map<string, number>(), new Map<string, number>()];
  problem.painters.forEach(({ id, shifts }, painter) => {
    const doings = [
      ...setups.filter((made) => made.painter === id).map((made) => ({ start: made.start, made, done: null })),
      ...tasks
        .filter(({ painters, start, end }) => painters.includes(id) && start < end)
        .map((done) => ({ start: done.start, made: null, done })),
    ].sort((one, other) => one.start - other.start);
    for (const { made, done } of doings) {
      if (made !== null) count.addSetup(painter, made.start, made.end, mixed.has(made.key));
      const task = known.get(done?.id ?? '');
      if (done === null || task === undefined) continue;
      const place = task.place == null ? -1 : numberOf(places, task.place);
      const work = task.pausable ? task.work : done.end - done.start;
      count.addWork(painter, done.start, work, numberOf(kinds, kindName(task)), place, dries.get(task.id));
      if (!task.pausable) continue;
      for (const [from] of shifts) if (done.start < from && from < done.end) count.goesOn(painter, from);
    }
  });
  const starts = new Map(tasks.map(({ id, start }) => [id, start]));
  for (const { sharing, clearing } of turnedSpaces(problem)) {
    const startsOf = (ids: readonly string[]): Float64Array =>
      Float64Array.from(ids, (id) => starts.get(id) ?? 0).sort();
    count.addTurns(turnsOf(startsOf(sharing), startsOf(clearing)));
  }
  return count;
}

/** By task after which something lies wet somewhere until a moment: how long it takes to dry, at its clock's usual pace. */
export function dryingOf({ tasks, holds, waits }: PlanProblem): ReadonlyMap<string, number> {
  const moments = new Set(tasks.flatMap(({ id, work, painters }) => (work === 0 && painters === 0 ? [id] : [])));
  const wet = new Set(holds.flatMap(({ after, until }) => (moments.has(until) ? [`${after} ${until}`] : [])));
  const dries = new Map<string, number>();
  for (const { from, to, atLeast } of waits) {
    if (atLeast == null || !wet.has(`${from} ${to}`)) continue;
    dries.set(from, Math.max(dries.get(from) ?? 0, 'ticks' in atLeast ? atLeast.ticks : atLeast.dose));
  }
  return dries;
}

/**
 * Spaces of more than one slot of which some tasks need all, and in which others leave something: they change between
 * those, as the air of a room does between dust and wet paint. Tasks by their ids.
 */
export function turnedSpaces({ spaces, tasks, holds }: PlanProblem): {
  space: string;
  sharing: string[];
  clearing: string[];
}[] {
  return spaces.flatMap(({ id: space, slots }) => {
    if (slots < 2) return [];
    const needsAll = new Set(
      tasks.filter((task) => task.spaces.some((use) => use.id === space && use.slots === slots)).map(({ id }) => id),
    );
    const leaves = new Set(holds.filter((hold) => hold.space === space).map(({ after }) => after));
    const sharing = [...leaves].filter((id) => !needsAll.has(id));
    return needsAll.size > 0 && sharing.length > 0 ? [{ space, sharing, clearing: [...needsAll] }] : [];
  });
}

function numberOf(known: Map<string, number>, name: string): number {
  const number = known.get(name) ?? known.size;
  known.set(name, number);
  return number;
}

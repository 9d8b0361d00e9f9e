import { RateClock } from '../../shelf/drying/rate-clock.ts';
import type { Measure, PlanProblem, PlanTask } from '../problem.ts';

/** A limit of a wait, ready to be asked. */
export interface PreparedMeasure {
  /** First whole tick at which the limit is made after `end`; `Infinity` if never. */
  reach(end: number): number;
  /** Whether more than the limit has passed between two ticks. */
  passed(end: number, start: number): boolean;
  /** A typical length in ticks, to rank tasks by. */
  typical: number;
}

export interface PreparedWait {
  from: number;
  to: number;
  atLeast: PreparedMeasure | null;
  atMost: PreparedMeasure | null;
  /** Extra work when `atMost` has passed; null when it must not. */
  lateWork: number | null;
}

export interface PreparedSetup {
  key: string;
  work: number;
  keeps: number;
  acrossShifts: boolean;
  after: Readonly<Record<string, number>>;
}

export interface PreparedTask {
  index: number;
  task: PlanTask;
  setup: PreparedSetup | null;
  earliest: number;
  latest: number;
  window: readonly (readonly [number, number])[] | null;
  /** Indices of the painters who may do it; the same list for all tasks that say the same. */
  by: readonly number[];
  spaces: readonly { space: number; slots: number }[];
  before: PreparedWait[];
  after: PreparedWait[];
  /** Holds that begin when this task ends, and holds that end when it starts. */
  opens: PreparedHold[];
  closes: PreparedHold[];
}

export interface PreparedHold {
  index: number;
  space: number;
  slots: number;
  after: number;
  until: number;
}

/** A problem with its references resolved to indices and its clocks summed. */
export interface Prepared {
  problem: PlanProblem;
  tasks: PreparedTask[];
  shifts: readonly (readonly (readonly [number, number])[])[];
  /** Per painter, the crew of that painter alone. */
  alone: readonly (readonly number[])[];
  capacities: readonly number[];
  holds: PreparedHold[];
  /** Indices of tasks in an order that respects every wait; null when waits run in a circle. */
  order: number[] | null;
}

/** Resolves a problem that has passed its schema. */
export function prepare(problem: PlanProblem): Prepared {
  const indexOf = <T>(list: readonly T[], key: (entry: T) => string): Map<string, number> =>
    new Map(list.map((entry, index) => [key(entry), index]));
  const taskIndex = indexOf(problem.tasks, (task) => task.id);
  const spaceIndex = indexOf(problem.spaces, (space) => space.id);
  const painterIndex = indexOf(problem.painters, (painter) => painter.id);
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, new RateClock(clock.rate, clock.step)]));
  const windows = new Map(problem.windows.map(({ id, intervals }) => [id, intervals]));
  const setups = new Map(
    problem.setups.map((setup): [string, PreparedSetup] => [
      setup.key,
      { ...setup, keeps: setup.keeps ?? Infinity, after: setup.after ?? {} },
    ]),
  );
  const everybody = problem.painters.map((_painter, index) => index);
  const crews = new Map<string, readonly number[]>([[everybody.join(), everybody]]);
  const crewOf = (painters: readonly number[]): readonly number[] => {
    const known = crews.get(painters.join());
    if (known === undefined) crews.set(painters.join(), painters);
    return known ?? painters;
  };
  const at = (map: Map<string, number>, id: string): number => map.get(id) ?? -1;

  const tasks = problem.tasks.map((task, index): PreparedTask => ({
    index,
    task,
    setup: task.setup == null ? null : (setups.get(task.setup) ?? null),
    earliest: task.earliest ?? 0,
    latest: Math.min(task.latest ?? problem.horizon, problem.horizon),
    window: task.window == null ? null : (windows.get(task.window) ?? []),
    by: task.by == null ? everybody : crewOf(task.by.map((id) => at(painterIndex, id))),
    spaces: task.spaces.map((use) => ({ space: at(spaceIndex, use.id), slots: use.slots })),
    before: [],
    after: [],
    opens: [],
    closes: [],
  }));
  for (const wait of problem.waits) {
    const prepared: PreparedWait = {
      from: at(taskIndex, wait.from),
      to: at(taskIndex, wait.to),
      atLeast: prepareMeasure(wait.atLeast, clocks, problem.horizon),
      atMost: prepareMeasure(wait.atMost, clocks, problem.horizon),
      lateWork: wait.late?.work ?? null,
    };
    tasks[prepared.to]?.before.push(prepared);
    tasks[prepared.from]?.after.push(prepared);
  }
  const holds = problem.holds.map((hold, index): PreparedHold => ({
    index,
    space: at(spaceIndex, hold.space),
    slots: hold.slots,
    after: at(taskIndex, hold.after),
    until: at(taskIndex, hold.until),
  }));
  for (const hold of holds) {
    tasks[hold.after]?.opens.push(hold);
    tasks[hold.until]?.closes.push(hold);
    // A hold ends when its second task starts, so that task follows the first even where no wait says so.
    const follow: PreparedWait = { from: hold.after, to: hold.until, atLeast: null, atMost: null, lateWork: null };
    tasks[hold.until]?.before.push(follow);
    tasks[hold.after]?.after.push(follow);
  }
  return {
    problem,
    tasks,
    shifts: problem.painters.map((painter) => painter.shifts),
    alone: everybody.map((painter) => [painter]),
    capacities: problem.spaces.map((space) => space.slots),
    holds,
    order: waitOrder(tasks),
  };
}

function prepareMeasure(
  measure: Measure | null | undefined,
  clocks: ReadonlyMap<string, RateClock>,
  horizon: number,
): PreparedMeasure | null {
  if (measure == null) return null;
  if ('ticks' in measure) {
    const { ticks } = measure;
    return { reach: (end) => end + ticks, passed: (end, start) => start - end > ticks, typical: ticks };
  }
  const clock = clocks.get(measure.clock);
  if (clock === undefined) throw new RangeError(`There is no clock ${measure.clock}.`);
  const { dose } = measure;
  const perTick = clock.progress(0, horizon) / Math.max(1, horizon);
  return {
    reach: (end) => clock.reachWhole(end, dose),
    passed: (end, start) => clock.hasPassed(end, start, dose),
    typical: perTick > 0 ? dose / perTick : horizon,
  };
}

function waitOrder(tasks: readonly PreparedTask[]): number[] | null {
  const open = tasks.map((task) => task.before.length);
  const order = tasks.filter((task) => task.before.length === 0).map((task) => task.index);
  for (let position = 0; position < order.length; position++) {
    for (const wait of tasks[order[position] ?? -1]?.after ?? []) {
      open[wait.to] = (open[wait.to] ?? 0) - 1;
      if (open[wait.to] === 0) order.push(wait.to);
    }
  }
  return order.length === tasks.length ? order : null;
}

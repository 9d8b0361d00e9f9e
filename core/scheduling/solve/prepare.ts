import { RateClock } from '../../units/rate-clock.ts';
import { countedFinish } from '../aim.ts';
import { kindName } from '../batches.ts';
import { dryingOf, turnedSpaces } from '../plan-cost.ts';
import type { PlanProblem } from '../problem.ts';
import { appointmentsOf, recordOwners } from './appointments.ts';
import { lanesOf } from './lanes.ts';
import { coursesOf } from './courses.ts';
import { isMoment } from './moments.ts';
import { prepareMeasure } from './prepare-measure.ts';
import type {
  Appointment,
  Prepared,
  PreparedHold,
  PreparedSetup,
  PreparedTask,
  PreparedWait,
  TurnedSpace,
} from './prepared.ts';
import { jointly, sharedShifts } from './shared-shifts.ts';
import { markTimeCritical, piecesOf, tailsOf, topologicalOrder } from './topological-order.ts';

/** Resolves a problem that has passed its schema. */
export function prepare(problem: PlanProblem): Prepared {
  const setups = preparedSetups(problem);
  const crews = new Crews(problem.painters.length);
  const tasks = preparedTasks(problem, new Map(setups.map((setup) => [setup.key, setup])), crews);
  joinByWaits(problem, tasks);
  const holds = joinByHolds(problem, tasks);
  const order = topologicalOrder(tasks);
  markTimeCritical(tasks, order ?? []);
  const shifts = sharedShifts(problem);
  const appointments = appointmentsOf(tasks, shifts);
  markPinned(tasks, appointments);
  tellBalances(tasks);
  const needs = numberResourceNeeds(tasks);
  const capacities = problem.spaces.map((space) => space.slots);
  const pieces = piecesOf(tasks, order ?? []);
  const tails = tailsOf(tasks, order ?? [], problem.horizon);
  const pieceOf = new Int32Array(tasks.length);
  pieces.forEach((piece, index) => piece.forEach((task) => (pieceOf[task] = index)));
  const [firstShift] = problem.painters[0]?.shifts ?? [];
  return {
    problem,
    tasks,
    shifts,
    appointments,
    jointShifts: jointly(shifts),
    crews: crews.all,
    crewsOf: crews.ofEach(),
    capacities,
    isMoment: Uint8Array.from(tasks, (task) => (isMoment(task) ? 1 : 0)),
    firstMoments: tasks.flatMap((task) => (task.before.length === 0 && isMoment(task) ? [task.index] : [])),
    before: beforeOf(tasks),
    waitCounts: Int32Array.from(tasks, ({ before }) => before.length),
    isHeld: problem.spaces.map((_space, space) => holds.some((hold) => hold.space === space)),
    setups,
    holds,
    order,
    pieces,
    pieceOf,
    courses: coursesOf(tasks, order ?? []),
    needs,
    turned: turnedIn(problem),
    counted: countedFinish(problem),
    lanes: lanesOf(tasks, capacities, pieces, tails),
    tails,
    longestSetup: problem.setups.reduce(
      (most, { work, after }) => Math.max(most, work, ...Object.values(after ?? {})),
      0,
    ),
    halfShift: firstShift === undefined ? 1 : Math.ceil((firstShift[1] - firstShift[0]) / 2),
  };
}

/** Where each entry stands in its list, by its key; -1 for a key that no entry has. */
function indexBy<T>(list: readonly T[], key: (entry: T) => string): (wanted: string) => number {
  const known = new Map(list.map((entry, index) => [key(entry), index]));
  return (wanted) => known.get(wanted) ?? -1;
}

/** Teams of painters by their index; first, for each painter, the crew of that painter alone. */
class Crews {
  readonly all: (readonly number[])[];
  readonly #everybody: readonly number[];
  readonly #known: Map<string, number>;

  constructor(painters: number) {
    this.#everybody = Array.from({ length: painters }, (_painter, index) => index);
    this.all = this.#everybody.map((painter) => [painter]);
    this.#known = new Map(this.all.map((crew, index) => [crew.join(), index]));
  }

  /** The index of these painters as a crew; of everybody where nobody is named. */
  indexOf(painters: readonly number[] | null): number {
    const crew = painters === null ? this.#everybody : [...new Set(painters)].sort((one, other) => one - other);
    const known = this.#known.get(crew.join());
    if (known !== undefined) return known;
    this.#known.set(crew.join(), this.all.length);
    return this.all.push(crew) - 1;
  }

  /** Per painter, the indices of the crews that they belong to. */
  ofEach(): number[][] {
    return this.#everybody.map((painter) => this.all.flatMap((crew, index) => (crew.includes(painter) ? [index] : [])));
  }
}

function preparedSetups({ setups }: PlanProblem): PreparedSetup[] {
  return setups.map(({ key, work, keeps, acrossShifts, after, mixes }, index) => ({
    index,
    key,
    work,
    keeps: keeps ?? Infinity,
    acrossShifts,
    after: Int32Array.from(setups, (other) => after?.[other.key] ?? work),
    mixes: mixes ?? false,
  }));
}

function preparedTasks(problem: PlanProblem, setups: ReadonlyMap<string, PreparedSetup>, crews: Crews): PreparedTask[] {
  const spaceAt = indexBy(problem.spaces, (space) => space.id);
  const painterAt = indexBy(problem.painters, (painter) => painter.id);
  const windows = new Map(problem.windows.map(({ id, intervals }) => [id, intervals]));
  const dries = dryingOf(problem);
  const kindOf = numbered();
  const placeOf = numbered();
  return problem.tasks.map((task, index) => {
    const crew = crews.indexOf(task.by == null ? null : task.by.map(painterAt));
    return {
      index,
      task,
      setup: task.setup == null ? null : (setups.get(task.setup) ?? null),
      kind: kindOf(kindName(task)),
      dries: dries.get(task.id) ?? 0,
      place: task.place == null ? -1 : placeOf(task.place),
      earliest: task.earliest ?? 0,
      latest: Math.min(task.latest ?? problem.horizon, problem.horizon),
      isFixed: task.latest != null && task.latest - (task.earliest ?? 0) === task.work,
      isPinned: false,
      isRecorded: false,
      window: task.window == null ? null : (windows.get(task.window) ?? []),
      by: crews.all[crew] ?? [],
      crew,
      spaces: task.spaces.map((use) => ({ space: spaceAt(use.id), slots: use.slots })),
      before: [],
      after: [],
      opens: [],
      closes: [],
      need: 0,
      hurries: false,
      leadsOn: [],
      leaves: [],
      releases: [],
    };
  });
}

/** Numbers names in the order in which they are asked for. */
function numbered(): (name: string) => number {
  const known = new Map<string, number>();
  return (name) => {
    const number = known.get(name) ?? known.size;
    known.set(name, number);
    return number;
  };
}

const join = (tasks: readonly PreparedTask[], wait: PreparedWait): void => {
  tasks[wait.to]?.before.push(wait);
  tasks[wait.from]?.after.push(wait);
};

function joinByWaits({ waits, tasks: all, clocks, horizon }: PlanProblem, tasks: readonly PreparedTask[]): void {
  const taskAt = indexBy(all, (task) => task.id);
  const summed = new Map(clocks.map((clock) => [clock.id, new RateClock(clock.rate, clock.step)]));
  for (const { from, to, atLeast, atMost, late } of waits) {
    join(tasks, {
      from: taskAt(from),
      to: taskAt(to),
      atLeast: prepareMeasure(atLeast, summed, horizon),
      atMost: prepareMeasure(atMost, summed, horizon),
      lateWork: late?.work ?? null,
    });
  }
}

function joinByHolds({ holds, tasks: all, spaces }: PlanProblem, tasks: readonly PreparedTask[]): PreparedHold[] {
  const taskAt = indexBy(all, (task) => task.id);
  const spaceAt = indexBy(spaces, (space) => space.id);
  return holds.map(({ space, slots, after, until }, index) => {
    const hold = { index, space: spaceAt(space), slots, after: taskAt(after), until: taskAt(until) };
    tasks[hold.after]?.opens.push(hold);
    tasks[hold.until]?.closes.push(hold);
    // A hold ends when its second task starts, so that task follows the first even where no wait says so.
    join(tasks, { from: hold.after, to: hold.until, atLeast: null, atMost: null, lateWork: null });
    return hold;
  });
}

function markPinned(tasks: readonly PreparedTask[], appointments: readonly (readonly Appointment[])[]): void {
  for (const { task: index } of appointments.flat()) {
    const task = tasks[index];
    if (task) task.isPinned = true;
  }
  const isKeeper = recordOwners(tasks, appointments.length);
  for (const task of tasks) task.isRecorded = task.isPinned && task.by.every((painter) => isKeeper[painter]);
}

/** Tells of each task what it leaves in a space and what it gives back. */
function tellBalances(tasks: readonly PreparedTask[]): void {
  for (const task of tasks) {
    const balance = balanceOf(task);
    const leavesIn = new Set(task.opens.map((hold) => hold.space));
    task.leaves = [...balance].flatMap(([space, given]) => (leavesIn.has(space) ? [{ space, needs: -given }] : []));
    task.releases = [...balance].flatMap(([space, given]) => (given > 0 ? [space] : []));
  }
}

/** Numbers what tasks need, and answers how many different needs there are. What is pinned keeps places for itself alone. */
function numberResourceNeeds(tasks: readonly PreparedTask[]): number {
  const numbers = new Map<string, number>();
  for (const task of tasks) {
    const need = task.isPinned ? `pinned ${task.index}` : needOf(task);
    task.need = numbers.get(need) ?? numbers.size;
    numbers.set(need, task.need);
  }
  return numbers.size;
}

function needOf({ task, setup, spaces, leaves, closes, isFixed }: PreparedTask): string {
  const places = spaces.map(({ space, slots }) => {
    const given = closes.reduce((sum, hold) => (hold.space === space ? sum + hold.slots : sum), 0);
    return [space, slots, given];
  });
  const left = leaves.map(({ space, needs }) => [space, needs]);
  return JSON.stringify([setup?.index, task.painters > 0, isFixed, places, left]);
}

/** Slots that a task gives back when it starts, less those that it takes up when it ends, by space. */
function balanceOf({ closes, opens }: PreparedTask): Map<number, number> {
  const balance = new Map<number, number>();
  for (const hold of closes) balance.set(hold.space, (balance.get(hold.space) ?? 0) + hold.slots);
  for (const hold of opens) balance.set(hold.space, (balance.get(hold.space) ?? 0) - hold.slots);
  return balance;
}

/** The same spaces by their tasks' indices. */
function turnedIn(problem: PlanProblem): TurnedSpace[] {
  const taskAt = indexBy(problem.tasks, (task) => task.id);
  return turnedSpaces(problem).map(({ sharing, clearing }) => ({
    sharing: sharing.map(taskAt),
    clearing: clearing.map(taskAt),
  }));
}

function beforeOf(tasks: readonly PreparedTask[]): Prepared['before'] {
  const starts = new Int32Array(tasks.length + 1);
  tasks.forEach(({ before }, index) => (starts[index + 1] = (starts[index] ?? 0) + before.length));
  return { starts, from: Int32Array.from(tasks.flatMap(({ before }) => before.map(({ from }) => from))) };
}

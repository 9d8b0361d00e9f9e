import { RateClock } from '../../shelf/drying/rate-clock.ts';
import { appointmentsOf, keepers, type Appointment } from './appointments.ts';
import { jointShifts, type Shifts } from './calendar.ts';
import { lanesOf, type Lane } from './lanes.ts';
import type { Measure, PlanProblem, PlanTask } from '../problem.ts';

/** A limit of a wait, ready to be asked. */
export interface PreparedMeasure {
  /** First whole tick at which the limit is made after `end`; `Infinity` if never. */
  reach(end: number): number;
  /** Last whole tick from which the limit is made by `start`; `-Infinity` if there is none. */
  latest(start: number): number;
  /** Whether more than the limit has passed between two ticks. */
  passed(end: number, start: number): boolean;
  /** A typical length in ticks, to rank tasks by. */
  typical: number;
  /** Limits of the same name are the same. */
  name: string;
  /** The id of the clock by which it is measured, and how much of it; null for plain ticks. */
  clock: string | null;
  dose: number;
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
  index: number;
  key: string;
  work: number;
  keeps: number;
  acrossShifts: boolean;
  /** By the index of another set-up: the ticks that this one takes after it. */
  after: Int32Array;
}

export interface PreparedTask {
  index: number;
  task: PlanTask;
  setup: PreparedSetup | null;
  earliest: number;
  latest: number;
  /** Whether it can stand in one place only, as what was done does. */
  isFixed: boolean;
  /** Whether it is an appointment of whoever does it. */
  isPinned: boolean;
  /** Whether those who do it have nothing but appointments, as the keepers of a record do. */
  isRecorded: boolean;
  window: readonly (readonly [number, number])[] | null;
  /** Indices of the painters who may do it, and the index of this crew; the same for all tasks that say the same. */
  by: readonly number[];
  crew: number;
  spaces: readonly { space: number; slots: number }[];
  before: PreparedWait[];
  after: PreparedWait[];
  /** Holds that begin when this task ends, and holds that end when it starts. */
  opens: PreparedHold[];
  closes: PreparedHold[];
  /** Tasks of the same need take the same tool and the same places, and leave and give back the same. */
  need: number;
  /** Whether it is on the way from a task to another one that has to follow that in time. */
  hurries: boolean;
  /** Where another one has to follow it in time: that one and all on the way to it, in the order of waits. */
  leadsOn: readonly number[];
  /** Slots that it needs beyond those that it gives back, by the spaces in which it leaves something. */
  leaves: readonly { space: number; needs: number }[];
  /** Spaces of which it gives back more slots than it takes up again. */
  releases: readonly number[];
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
  /** Per painter; those who work the same hours share them. */
  shifts: readonly Shifts[];
  /** Per painter, what stands already in hands that do other work as well. */
  appointments: readonly (readonly Appointment[])[];
  /** The hours in which all of a team work. */
  jointShifts(team: readonly number[]): Shifts;
  /** Crews by their index; first, for each painter, the crew of that painter alone. */
  crews: readonly (readonly number[])[];
  /** Per painter, the indices of the crews that they belong to. */
  crewsOf: readonly (readonly number[])[];
  capacities: readonly number[];
  /** By space, whether something is left there between tasks. */
  isHeld: readonly boolean[];
  /** Set-ups by their index. */
  setups: readonly PreparedSetup[];
  holds: PreparedHold[];
  /** Indices of tasks in an order that respects every wait; null when waits run in a circle. */
  order: number[] | null;
  /** Tasks that hang together by waits, each in that order: mostly those of one piece. */
  pieces: readonly (readonly number[])[];
  /** Pieces that have to take turns. */
  lanes: readonly Lane[];
  /** Per task, the index of its piece. */
  pieceOf: Int32Array;
  /** Per task, the typical length in ticks from its start to the end of all that follows it. */
  tails: Float64Array;
  /** How many different needs tasks have. */
  needs: number;
  /** Half of the first shift, in ticks. */
  halfShift: number;
  /** What the longest set-up takes, in ticks. */
  longestSetup: number;
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
    problem.setups.map(({ key, work, keeps, acrossShifts, after }, index): [string, PreparedSetup] => [
      key,
      {
        index,
        key,
        work,
        keeps: keeps ?? Infinity,
        acrossShifts,
        after: Int32Array.from(problem.setups, (other) => after?.[other.key] ?? work),
      },
    ]),
  );
  const everybody = problem.painters.map((_painter, index) => index);
  const crews: (readonly number[])[] = everybody.map((painter) => [painter]);
  const crewIndex = new Map(crews.map((crew, index) => [crew.join(), index]));
  const crewOf = (painters: readonly number[]): number => {
    const known = crewIndex.get(painters.join());
    if (known !== undefined) return known;
    crewIndex.set(painters.join(), crews.length);
    return crews.push(painters) - 1;
  };
  const at = (map: Map<string, number>, id: string): number => map.get(id) ?? -1;

  const tasks = problem.tasks.map((task, index): PreparedTask => {
    const crew = crewOf(
      task.by == null
        ? everybody
        : [...new Set(task.by.map((id) => at(painterIndex, id)))].sort((one, other) => one - other),
    );
    return {
      index,
      task,
      setup: task.setup == null ? null : (setups.get(task.setup) ?? null),
      earliest: task.earliest ?? 0,
      latest: Math.min(task.latest ?? problem.horizon, problem.horizon),
      isFixed: task.latest != null && task.latest - (task.earliest ?? 0) === task.work,
      isPinned: false,
      isRecorded: false,
      window: task.window == null ? null : (windows.get(task.window) ?? []),
      by: crews[crew] ?? [],
      crew,
      spaces: task.spaces.map((use) => ({ space: at(spaceIndex, use.id), slots: use.slots })),
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
  const order = waitOrder(tasks);
  markHurried(tasks, order ?? []);
  const shifts = sharedShifts(problem);
  const appointments = appointmentsOf(tasks, shifts);
  for (const { task: index } of appointments.flat()) {
    const task = tasks[index];
    if (task) task.isPinned = true;
  }
  const isKeeper = keepers(tasks, shifts.length);
  for (const task of tasks) task.isRecorded = task.isPinned && task.by.every((painter) => isKeeper[painter]);
  for (const task of tasks) {
    const balance = balanceOf(task);
    const leavesIn = new Set(task.opens.map((hold) => hold.space));
    task.leaves = [...balance].flatMap(([space, given]) => (leavesIn.has(space) ? [{ space, needs: -given }] : []));
    task.releases = [...balance].flatMap(([space, given]) => (given > 0 ? [space] : []));
  }
  const needs = tellNeeds(tasks);
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
    crews,
    crewsOf: everybody.map((painter) => crews.flatMap((crew, index) => (crew.includes(painter) ? [index] : []))),
    capacities: problem.spaces.map((space) => space.slots),
    isHeld: problem.spaces.map((_space, space) => holds.some((hold) => hold.space === space)),
    setups: [...setups.values()],
    holds,
    order,
    pieces,
    pieceOf,
    needs,
    lanes: lanesOf(
      tasks,
      problem.spaces.map((space) => space.slots),
      pieces,
      tails,
    ),
    tails,
    longestSetup: problem.setups.reduce(
      (most, { work, after }) => Math.max(most, work, ...Object.values(after ?? {})),
      0,
    ),
    halfShift: firstShift === undefined ? 1 : Math.ceil((firstShift[1] - firstShift[0]) / 2),
  };
}

function sharedShifts(problem: PlanProblem): Shifts[] {
  const known = new Map<string, Shifts>();
  return problem.painters.map(({ shifts }) => {
    const written = shifts.join();
    const same = known.get(written) ?? shifts;
    known.set(written, same);
    return same;
  });
}

/** Joint hours, kept by whose they are: painters with the same hours count once. */
export function jointly(shifts: readonly Shifts[]): (team: readonly number[]) => Shifts {
  const known = new Map<string, Shifts>();
  const place = shifts.map((own) => shifts.indexOf(own));
  return (team) => {
    if (team.length === 1) return shifts[team[0] ?? 0] ?? [];
    const distinct = [...new Set(team.map((painter) => place[painter] ?? painter))].sort((one, other) => one - other);
    const [first, ...others] = distinct;
    if (first === undefined || others.length === 0) return shifts[first ?? -1] ?? [];
    const name = distinct.join();
    const joint = known.get(name) ?? jointShifts(distinct.map((painter) => shifts[painter] ?? []));
    known.set(name, joint);
    return joint;
  };
}

/** Numbers what tasks need, and answers how many different needs there are. What is pinned keeps places for itself alone. */
function tellNeeds(tasks: readonly PreparedTask[]): number {
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

function prepareMeasure(
  measure: Measure | null | undefined,
  clocks: ReadonlyMap<string, RateClock>,
  horizon: number,
): PreparedMeasure | null {
  if (measure == null) return null;
  if ('ticks' in measure) {
    const { ticks } = measure;
    return {
      reach: (end) => end + ticks,
      latest: (start) => start - ticks,
      passed: (end, start) => start - end > ticks,
      typical: ticks,
      name: String(ticks),
      clock: null,
      dose: ticks,
    };
  }
  const clock = clocks.get(measure.clock);
  if (clock === undefined) throw new RangeError(`There is no clock ${measure.clock}.`);
  const perTick = clock.progress(0, horizon) / Math.max(1, horizon);
  return measuredBy(measure.clock, clock, measure.dose, perTick > 0 ? measure.dose / perTick : horizon);
}

/** A limit of so much progress of a clock. */
function measuredBy(id: string, clock: RateClock, dose: number, typical: number): PreparedMeasure {
  return {
    reach: (end) => clock.reachWhole(end, dose),
    latest: (start) => {
      let end = Math.floor(clock.latest(start, dose));
      // Sums are rounded; that the next tick would be too late has to be certain.
      while (clock.reachWhole(end + 1, dose) <= start) end++;
      return end;
    },
    passed: (end, start) => clock.hasPassed(end, start, dose),
    typical,
    name: `${id}:${dose}`,
    clock: id,
    dose,
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

/** Marks what is on the way from a task to one that has to follow it in time: the latter, and all that leads there. */
function markHurried(tasks: readonly PreparedTask[], order: readonly number[]): void {
  const place = new Int32Array(tasks.length);
  order.forEach((index, at) => (place[index] = at));
  for (const { from, to, atMost, lateWork } of tasks.flatMap(({ before }) => before)) {
    if (atMost === null || lateWork !== null) continue;
    // Back from the one in the order of waits, no further than to the other; what does not come from there is no way.
    const leads = new Map<number, boolean>([[from, true]]);
    const isOnWay = (index: number): boolean => {
      const known = leads.get(index);
      if (known !== undefined) return known;
      const before = (place[index] ?? 0) <= (place[from] ?? 0) ? [] : (tasks[index]?.before ?? []);
      const is = before.map((wait) => isOnWay(wait.from)).includes(true);
      leads.set(index, is);
      return is;
    };
    isOnWay(to);
    const way = [...leads].flatMap(([index, is]) => (is && index !== from ? [index] : []));
    for (const index of way) {
      const task = tasks[index];
      if (task) task.hurries = true;
    }
    const first = tasks[from];
    if (first) {
      first.leadsOn = [...new Set([...first.leadsOn, ...way])].sort(
        (one, other) => (place[one] ?? 0) - (place[other] ?? 0),
      );
    }
  }
}

/** A task that waits for more others than this, or they for it, belongs to none of their pieces. */
const MOST_NEIGHBOURS = 5;

function piecesOf(tasks: readonly PreparedTask[], order: readonly number[]): number[][] {
  const hubs = tasks.map(({ before, after }) => {
    const [earlier, later] = [new Set(before.map((wait) => wait.from)), new Set(after.map((wait) => wait.to))];
    return earlier.size > MOST_NEIGHBOURS || later.size > MOST_NEIGHBOURS;
  });
  const piece = new Int32Array(tasks.length).fill(-1);
  let count = 0;
  for (const first of order) {
    if (piece[first] !== -1) continue;
    const open = [first];
    for (let index = open.pop(); index !== undefined; index = open.pop()) {
      if (piece[index] !== -1 || (index !== first && hubs[index])) continue;
      piece[index] = count;
      if (hubs[index]) continue;
      for (const wait of tasks[index]?.after ?? []) open.push(wait.to);
      for (const wait of tasks[index]?.before ?? []) open.push(wait.from);
    }
    count++;
  }
  const pieces = Array.from({ length: count }, (): number[] => []);
  for (const index of order) pieces[piece[index] ?? 0]?.push(index);
  return pieces;
}

/** How long what has a window typically waits for it: half of the time that it is closed at a stretch. */
function closedFor({ window }: PreparedTask, horizon: number): number {
  if (window === null || window.length === 0) return 0;
  const open = window.reduce((sum, [opens, closes]) => sum + closes - opens, 0);
  return Math.max(0, horizon - open) / window.length;
}

function tailsOf(tasks: readonly PreparedTask[], order: readonly number[], horizon: number): Float64Array {
  const tails = new Float64Array(tasks.length);
  for (const index of [...order].reverse()) {
    const task = tasks[index];
    if (task === undefined) continue;
    const rest = task.after.map((wait) => (wait.atLeast?.typical ?? 0) + (tails[wait.to] ?? 0));
    tails[index] = closedFor(task, horizon) + task.task.work + Math.max(0, ...rest);
  }
  return tails;
}

import type { Measure, PlanProblem, PlanTask } from '../core/scheduling/problem.ts';
import type { FoundPlan } from '../core/scheduling/plan.ts';

/** What the oracle answers of a problem: of each task its start, its painters, when its set-up ends, and whether it is late. */
export interface OracleAnswer {
  start: number[];
  team: boolean[][];
  ready: number[];
  setupWork: number[];
  extra: number[];
}

/** The text of a model while it is written. */
class ModelText {
  readonly problem: PlanProblem;
  readonly horizon: number;
  readonly lines: string[] = ['include "globals.mzn";'];
  readonly #numbers: ReadonlyMap<string, number>;

  constructor(problem: PlanProblem, horizon: number) {
    this.problem = problem;
    this.horizon = horizon;
    this.#numbers = new Map(problem.tasks.map(({ id }, index) => [id, index + 1]));
  }

  /** The number of a task; tasks count from one. */
  readonly at = (id: string): number => this.#numbers.get(id) ?? 0;

  readonly declare = (name: string, count?: number): unknown =>
    this.lines.push(`${count === undefined ? '' : `array[1..${count}] of `}var 0..${this.horizon}: ${name};`);

  readonly rule = (text: string): unknown => this.lines.push(`constraint ${text};`);

  /** Where all conditions hold, a variable has one of some values. By a table: “in” under a condition was answered wrongly. */
  readonly within = (variable: string, values: readonly number[], conditions: readonly string[]): void => {
    const allowed = new Set(values);
    const table = ticks(this.horizon).map((tick) => (allowed.has(tick) ? 1 : 0));
    const met = conditions.map((condition) => `bool2int(${condition})`).join(' + ');
    this.rule(`${met} <= ${conditions.length - 1} + [${table.join(',')}][${variable} + 1]`);
  };
}

/**
 * A planning problem as a model in MiniZinc, for the earliest finish before `horizon`: written from the rules of the
 * open format, and sharing nothing with Nivel’s own search. Throws where it meets a rule that it does not tell: pausable
 * tasks, and set-ups of several painters for one task.
 */
export function oracleModel(problem: PlanProblem, horizon: number): string {
  const { tasks, painters, holds } = problem;
  if (tasks.some(({ pausable }) => pausable)) throw new Error('The oracle knows no pausable tasks.');
  if (tasks.some((task) => task.setup != null && task.painters !== 1)) {
    throw new Error('The oracle knows set-ups of one painter only.');
  }
  const model = new ModelText(problem, horizon);
  for (const name of ['start', 'finished', 'extra', 'lasts', 'ready', 'setupWork']) model.declare(name, tasks.length);
  model.declare('held', holds.length);
  model.declare('finish');
  model.lines.push(`array[1..${tasks.length}, 1..${painters.length}] of var bool: team;`);
  addTasks(model);
  addSpaces(model);
  addHands(model);
  addSetups(model);
  model.lines.push('solve minimize finish;');
  return model.lines.join('\n');
}

/** When tasks may start: by waits, hours, windows and those who may do them. */
function addTasks({ problem, horizon, at, rule, within }: ModelText): void {
  const { tasks, painters } = problem;
  tasks.forEach((task, index) => {
    const own = index + 1;
    const lates = problem.waits.flatMap((wait) => {
      if (wait.to !== task.id || wait.atMost == null) return [];
      const isLate = `start[${own}] > [${inTime(problem, wait.atMost, horizon).join(',')}][finished[${at(wait.from)}] + 1]`;
      return wait.late ? [{ isLate, work: wait.late.work }] : (rule(`not (${isLate})`), []);
    });
    rule(`extra[${own}] = ${['0', ...lates.map(({ isLate, work }) => `${work} * bool2int(${isLate})`)].join(' + ')}`);
    rule(`lasts[${own}] = ${task.work} + extra[${own}]`);
    rule(`finished[${own}] = start[${own}] + lasts[${own}]`);
    rule(`finished[${own}] <= finish`);
    if (task.latest != null) rule(`finished[${own}] <= ${task.latest}`);
    rule(`sum(p in 1..${painters.length})(team[${own}, p]) = ${task.painters}`);
    const lengths = new Set([0, ...lates.map(({ work }) => work), lates.reduce((sum, { work }) => sum + work, 0)]);
    painters.forEach((painter, p) => {
      if (task.by && !task.by.includes(painter.id)) rule(`not team[${own}, ${p + 1}]`);
      for (const more of lengths) {
        const starts = startsOf(problem, task, painter.shifts, task.work + more, horizon);
        within(`start[${own}]`, starts, [`team[${own}, ${p + 1}]`, `extra[${own}] = ${more}`]);
      }
    });
    const usual = startsOf(
      problem,
      task,
      painters.flatMap(({ shifts }) => shifts),
      task.work,
      horizon,
    );
    if (task.painters > 0) rule(`start[${own}] in ${setOf(usual)}`);
    for (const wait of problem.waits) {
      if (wait.to !== task.id) continue;
      const from = `finished[${at(wait.from)}]`;
      rule(`start[${own}] >= ${from}`);
      if (wait.atLeast == null) continue;
      if ('ticks' in wait.atLeast) rule(`start[${own}] >= ${from} + ${wait.atLeast.ticks}`);
      else rule(`start[${own}] >= [${reached(problem, wait.atLeast, horizon).join(',')}][${from} + 1]`);
    }
  });
}

/** What lies and is worked on in each space at once. */
function addSpaces({ problem, at, rule }: ModelText): void {
  const { tasks, spaces, holds } = problem;
  holds.forEach(({ after, until }, index) => rule(`held[${index + 1}] = start[${at(until)}] - finished[${at(after)}]`));
  for (const space of spaces) {
    const taken = [
      ...tasks.flatMap((task) =>
        task.spaces
          .filter(({ id }) => id === space.id)
          .map(({ slots }) => {
            const own = at(task.id);
            return { from: `start[${own}]`, length: `lasts[${own}]`, slots };
          }),
      ),
      ...holds.flatMap(({ space: where, after, slots }, index) =>
        where === space.id ? [{ from: `finished[${at(after)}]`, length: `held[${index + 1}]`, slots }] : [],
      ),
    ];
    const list = (of: (each: (typeof taken)[number]) => string | number): string => `[${taken.map(of).join(',')}]`;
    if (taken.length === 0) continue;
    rule(
      `cumulative(${list(({ from }) => from)}, ${list(({ length }) => length)}, ${list(({ slots }) => slots)}, ${space.slots})`,
    );
  }
}

/** What each painter does one after the other, set-ups included. */
function addHands({ problem, rule }: ModelText): void {
  const { tasks, painters } = problem;
  rule(`cumulative(start, lasts, [${tasks.map((task) => task.painters).join(',')}], ${painters.length})`);

  tasks.forEach((one, i) => {
    tasks.forEach((other, j) => {
      if (j <= i) return;
      const share = `exists(p in 1..${painters.length})(team[${i + 1}, p] /\\ team[${j + 1}, p])`;
      const clear = `(finished[${i + 1}] <= start[${j + 1}] \\/ finished[${j + 1}] <= start[${i + 1}])`;
      const before = (first: number, then: number): string =>
        `finished[${first + 1}] <= ready[${then + 1}] - setupWork[${then + 1}]`;
      const apart = (free: number, keyed: number): string =>
        `(${before(free, keyed)} \\/ start[${free + 1}] >= ready[${keyed + 1}])`;
      if (!isKeyed(one) && !isKeyed(other)) rule(`${share} -> ${clear}`);
      else if (!isKeyed(one)) rule(`${share} -> ${clear} /\\ ${apart(i, j)}`);
      else if (!isKeyed(other)) rule(`${share} -> ${clear} /\\ ${apart(j, i)}`);
      else if (one.setup !== other.setup) rule(`${share} -> (${before(i, j)} \\/ ${before(j, i)})`);
      else rule(`${share} -> ${clear} /\\ (ready[${i + 1}] = ready[${j + 1}] \\/ ${before(i, j)} \\/ ${before(j, i)})`);
    });
  });
}

/** How long set-ups take and keep. */
function addSetups({ problem, horizon, declare, rule, within }: ModelText): void {
  const { tasks, painters } = problem;
  tasks.forEach((task, index) => {
    const own = index + 1;
    const setup = problem.setups.find(({ key }) => key === task.setup);
    if (setup === undefined) return void rule(`ready[${own}] = 0 /\\ setupWork[${own}] = 0`);
    rule(`ready[${own}] <= start[${own}]`);
    if (setup.keeps != null) rule(`start[${own}] - ready[${own}] <= ${setup.keeps}`);
    const after = Object.entries(setup.after ?? {});
    const lengths = [...new Set([setup.work, ...after.map(([, work]) => work)])];
    painters.forEach(({ shifts }, p) => {
      for (const work of lengths) {
        const ends = ticks(horizon).filter((end) => shifts.some(([from, until]) => from <= end - work && end <= until));
        within(`ready[${own}]`, ends, [`team[${own}, ${p + 1}]`, `setupWork[${own}] = ${work}`]);
      }
      if (setup.acrossShifts) return;
      const ended = ticks(horizon).map((tick) =>
        Math.max(-1, ...shifts.flatMap(([, until]) => (until <= tick ? [until] : []))),
      );
      rule(`team[${own}, ${p + 1}] -> ready[${own}] > [${ended.join(',')}][start[${own}] + 1]`);
    });
    if (after.length === 0) return void rule(`setupWork[${own}] = ${setup.work}`);
    // The set-up of the same painter before: the last that has ended when this one begins.
    const others = tasks.flatMap((other, at) => (isKeyed(other) && at !== index ? [{ other, then: at + 1 }] : []));
    const share = (then: number): string =>
      `exists(p in 1..${painters.length})(team[${own}, p] /\\ team[${then}, p]) /\\ ready[${then}] < ready[${own}]`;
    declare(`before${own}`);
    rule(`before${own} = max([0${others.map(({ then }) => `, ready[${then}] * bool2int(${share(then)})`).join('')}])`);
    for (const { other, then } of others) {
      const work = setup.after?.[other.setup ?? ''] ?? setup.work;
      rule(`${share(then)} /\\ ready[${then}] = before${own} -> setupWork[${own}] = ${work}`);
    }
    rule(`before${own} = 0 -> setupWork[${own}] = ${setup.work}`);
  });
}

const isKeyed = (task: PlanTask): boolean => task.setup != null;

/** What the oracle has answered as a plan in the open form. */
export function planOf(problem: PlanProblem, answer: OracleAnswer): Pick<FoundPlan, 'tasks' | 'setups' | 'finish'> {
  const tasks = problem.tasks.map(({ id, work }, index) => {
    const [start, extra] = [answer.start[index] ?? 0, answer.extra[index] ?? 0];
    const team = problem.painters.filter((_painter, p) => answer.team[index]?.[p]).map((painter) => painter.id);
    return { id, start, end: start + work + extra, painters: team, late: extra > 0 };
  });
  const setups = new Map(
    problem.tasks.flatMap(({ setup }, index) => {
      if (setup == null) return [];
      const [painter = ''] = tasks[index]?.painters ?? [];
      const end = answer.ready[index] ?? 0;
      const made = { key: setup, painter, start: end - (answer.setupWork[index] ?? 0), end };
      return [[`${painter} ${end}`, made] as const];
    }),
  );
  return { tasks, setups: [...setups.values()], finish: Math.max(0, ...tasks.map(({ end }) => end)) };
}

const ticks = (horizon: number): number[] => Array.from({ length: horizon + 1 }, (_unused, tick) => tick);

/** Ticks as a set of ranges. */
function setOf(list: readonly number[]): string {
  const ranges: [number, number][] = [];
  for (const tick of [...new Set(list)].sort((one, other) => one - other)) {
    const last = ranges.at(-1);
    if (last && last[1] === tick - 1) last[1] = tick;
    else ranges.push([tick, tick]);
  }
  return ranges.length === 0 ? '{}' : ranges.map(([from, until]) => `${from}..${until}`).join(' union ');
}

function startsOf(
  problem: PlanProblem,
  task: PlanTask,
  shifts: readonly [number, number][],
  work: number,
  horizon: number,
): number[] {
  const inside = (list: readonly [number, number][], start: number): boolean =>
    list.some(([from, until]) => from <= start && start + work <= until);
  const window = task.window == null ? null : problem.windows.find(({ id }) => id === task.window);
  return ticks(horizon).filter(
    (start) =>
      start >= (task.earliest ?? 0) && inside(shifts, start) && (window == null || inside(window.intervals, start)),
  );
}

/** By tick, what a clock has gone through until then. */
function gone(problem: PlanProblem, id: string, horizon: number): number[] {
  const clock = problem.clocks.find((each) => each.id === id);
  if (clock === undefined) throw new Error(`There is no clock “${id}”.`);
  let sum = 0;
  return ticks(horizon).map((tick) => {
    const before = sum;
    sum += clock.rate[Math.floor(tick / clock.step)] ?? 0;
    return before;
  });
}

const ROUNDING = 1e-9;

/** By the end of what goes before, the first tick at which a measure is reached; beyond the horizon where it is not. */
function reached(problem: PlanProblem, measure: Measure, horizon: number): number[] {
  if ('ticks' in measure) return ticks(horizon).map((tick) => tick + measure.ticks);
  const done = gone(problem, measure.clock, horizon);
  return ticks(horizon).map((tick) => {
    const from = done[tick] ?? 0;
    const first = done.findIndex((value, index) => index >= tick && value - from >= measure.dose - ROUNDING);
    return first < 0 ? horizon + 1 : first;
  });
}

/** By the end of what goes before, the last tick at which a measure is not yet passed. */
function inTime(problem: PlanProblem, measure: Measure, horizon: number): number[] {
  if ('ticks' in measure) return ticks(horizon).map((tick) => tick + measure.ticks);
  const done = gone(problem, measure.clock, horizon);
  return ticks(horizon).map((tick) => {
    const from = done[tick] ?? 0;
    const last = done.findLastIndex((value, index) => index >= tick && value - from <= measure.dose + ROUNDING);
    return Math.max(tick, last);
  });
}

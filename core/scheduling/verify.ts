import { RateClock } from '../units/rate-clock.ts';
import type { Measure, PlanProblem, PlanTask } from './problem.ts';
import type { FoundPlan, PlannedSetup, PlannedTask } from './plan.ts';

/** A rule of the problem that a solution breaks, with the tasks involved and what was found. */
export interface BrokenRule {
  rule:
    | 'tasks'
    | 'work'
    | 'painters'
    | 'shift'
    | 'overlap'
    | 'earliest'
    | 'latest'
    | 'horizon'
    | 'window'
    | 'space'
    | 'setup'
    | 'wait'
    | 'late'
    | 'finish';
  tasks: string[];
  detail: string;
}

/**
 * Every rule that a solution breaks; empty for a sound plan. Reads the problem as it is written and shares nothing
 * with the solver but the drying clocks.
 */
export function verify(problem: PlanProblem, solution: Pick<FoundPlan, 'tasks' | 'setups' | 'finish'>): BrokenRule[] {
  const broken: BrokenRule[] = [];
  const report = (rule: BrokenRule['rule'], tasks: string[], detail: string): void => {
    broken.push({ rule, tasks, detail });
  };
  const planned = new Map(solution.tasks.map((task) => [task.id, task]));
  checkTaskList(problem, solution.tasks, report);
  const lateWork = checkWaits(problem, planned, report);
  for (const task of problem.tasks) {
    const placed = planned.get(task.id);
    if (placed !== undefined) checkTask(problem, task, placed, lateWork.get(task.id) ?? 0, report);
  }
  checkPainters(problem, solution, report);
  checkSetups(problem, solution, report);
  checkSpaces(problem, planned, report);
  const finish = Math.max(0, ...solution.tasks.map((task) => task.end));
  if (finish !== solution.finish) report('finish', [], `the last task ends at ${finish}, not ${solution.finish}`);
  return broken;
}

type Report = (rule: BrokenRule['rule'], tasks: string[], detail: string) => void;

function checkTaskList(problem: PlanProblem, tasks: readonly PlannedTask[], report: Report): void {
  const wanted = new Set(problem.tasks.map((task) => task.id));
  const seen = new Set<string>();
  for (const { id } of tasks) {
    if (!wanted.has(id)) report('tasks', [id], 'is not in the problem');
    if (seen.has(id)) report('tasks', [id], 'is planned twice');
    seen.add(id);
  }
  for (const id of wanted) if (!seen.has(id)) report('tasks', [id], 'is not planned');
}

/** Checks every wait and answers, per task, the work that waits which ran out add to it. */
function checkWaits(
  problem: PlanProblem,
  planned: ReadonlyMap<string, PlannedTask>,
  report: Report,
): Map<string, number> {
  const clocks = new Map(problem.clocks.map((clock) => [clock.id, new RateClock(clock.rate, clock.step)]));
  const lateWork = new Map<string, number>();
  const isLate = new Set<string>();
  const measured = (measure: Measure, from: number, to: number, asks: 'made' | 'passed'): boolean => {
    if ('ticks' in measure) return asks === 'made' ? to - from >= measure.ticks : to - from > measure.ticks;
    const clock = clocks.get(measure.clock);
    if (clock === undefined) return false;
    return asks === 'made' ? clock.hasMade(from, to, measure.dose) : clock.hasPassed(from, to, measure.dose);
  };
  for (const wait of problem.waits) {
    const first = planned.get(wait.from);
    const second = planned.get(wait.to);
    if (first === undefined || second === undefined) continue;
    const both = [wait.from, wait.to];
    if (second.start < first.end) report('wait', both, `starts at ${second.start}, before ${first.end}`);
    if (wait.atLeast && !measured(wait.atLeast, first.end, second.start, 'made')) {
      report('wait', both, `starts at ${second.start}, too soon after ${first.end}`);
    }
    if (wait.atMost && measured(wait.atMost, first.end, second.start, 'passed')) {
      if (wait.late) {
        isLate.add(wait.to);
        lateWork.set(wait.to, (lateWork.get(wait.to) ?? 0) + wait.late.work);
      } else report('wait', both, `starts at ${second.start}, too long after ${first.end}`);
    }
  }
  for (const task of planned.values()) {
    if (task.late !== isLate.has(task.id)) {
      report('late', [task.id], task.late ? 'is marked late and is not' : 'is late and not marked so');
    }
  }
  return lateWork;
}

function checkTask(problem: PlanProblem, task: PlanTask, placed: PlannedTask, lateWork: number, report: Report): void {
  const { start, end, painters } = placed;
  const say = (rule: BrokenRule['rule'], detail: string): void => report(rule, [task.id], detail);
  if (task.earliest != null && start < task.earliest) say('earliest', `starts at ${start}, before ${task.earliest}`);
  if (task.latest != null && end > task.latest) say('latest', `ends at ${end}, after ${task.latest}`);
  if (start < 0 || end > problem.horizon) say('horizon', `is outside 0–${problem.horizon}`);
  if (painters.length !== task.painters) say('painters', `has ${painters.length} painters, not ${task.painters}`);
  if (new Set(painters).size !== painters.length) say('painters', 'has one painter twice');
  for (const painter of painters) {
    if (task.by != null && !task.by.includes(painter)) say('painters', `can’t be done by ${painter}`);
  }
  if (task.window != null) {
    const window = problem.windows.find((entry) => entry.id === task.window);
    if (!window?.intervals.some(([from, until]) => from <= start && end <= until)) {
      say('window', `is outside every interval of ${task.window}`);
    }
  }
  const work = task.work + lateWork;
  if (painters.length === 0) {
    if (end - start !== work) say('work', `lasts ${end - start}, not ${work}`);
    return;
  }
  for (const painter of painters) {
    const shifts = problem.painters.find((entry) => entry.id === painter)?.shifts ?? [];
    checkShifts(shifts, { start, end, work, pausable: task.pausable }, (rule, detail) =>
      say(rule, `${painter}: ${detail}`),
    );
  }
}

/** Whether a stretch of work lies in a painter's shifts, pausing only from one's end to the next one's start. */
type Shifts = readonly (readonly [number, number])[];

function checkShifts(
  shifts: Shifts,
  { start, end, work, pausable }: { start: number; end: number; work: number; pausable: boolean },
  say: (rule: BrokenRule['rule'], detail: string) => void,
): void {
  if (work === 0 && start === end) return;
  const touched = shiftsFrom(shifts, start + 1, end);
  const worked = touched.reduce((sum, [from, until]) => sum + Math.min(end, until) - Math.max(start, from), 0);
  const [first] = touched;
  const last = touched.at(-1);
  const inside = first !== undefined && last !== undefined && first[0] <= start && end <= last[1];
  if (!inside) say('shift', `${start}–${end} is outside working hours`);
  else if (!pausable && touched.length > 1) say('shift', `${start}–${end} runs over a break`);
  if (worked !== work) say('work', `works ${worked} ticks, not ${work}`);
}

/** Of shifts in the order of time, those that end at or after `from` and begin before `until`. */
function shiftsFrom(shifts: Shifts, from: number, until: number): [number, number][] {
  let [first, end] = [0, shifts.length];
  while (first < end) {
    const middle = (first + end) >> 1;
    if ((shifts[middle]?.[1] ?? 0) < from) first = middle + 1;
    else end = middle;
  }
  const found: [number, number][] = [];
  for (let at = first; at < shifts.length; at++) {
    const [begins, ends] = shifts[at] ?? [until, until];
    if (begins >= until) break;
    found.push([begins, ends]);
  }
  return found;
}

function checkPainters(
  problem: PlanProblem,
  { tasks, setups }: { tasks: readonly PlannedTask[]; setups: readonly PlannedSetup[] },
  report: Report,
): void {
  for (const { id, shifts } of problem.painters) {
    const doings = [
      ...tasks.filter((task) => task.painters.includes(id) && task.end > task.start),
      ...setups.filter((setup) => setup.painter === id).map((setup) => ({ ...setup, id: `set-up ${setup.key}` })),
    ].sort((one, other) => one.start - other.start || one.end - other.end);
    doings.forEach((doing, index) => {
      const next = doings[index + 1];
      if (next !== undefined && next.start < doing.end) {
        report('overlap', [doing.id, next.id], `${id} does both at ${next.start}`);
      }
    });
    for (const setup of setups.filter((entry) => entry.painter === id)) {
      if (!shifts.some(([from, until]) => from <= setup.start && setup.end <= until)) {
        report('setup', [setup.key], `the set-up at ${setup.start}–${setup.end} is outside every shift of ${id}`);
      }
    }
  }
  for (const setup of setups) {
    if (!problem.painters.some((painter) => painter.id === setup.painter)) {
      report('setup', [setup.key], `no painter is called ${setup.painter}`);
    }
  }
}

function checkSetups(
  problem: PlanProblem,
  { tasks, setups }: { tasks: readonly PlannedTask[]; setups: readonly PlannedSetup[] },
  report: Report,
): void {
  const rules = new Map(problem.setups.map((setup) => [setup.key, setup]));
  const keyOf = new Map(problem.tasks.map((task) => [task.id, task.setup ?? null]));
  for (const { id: painter, shifts } of problem.painters) {
    const own = setups.filter((setup) => setup.painter === painter).sort((one, other) => one.start - other.start);
    own.forEach((setup, index) => {
      const rule = rules.get(setup.key);
      const before = own[index - 1]?.key;
      const wanted = (before === undefined ? undefined : rule?.after?.[before]) ?? rule?.work;
      if (setup.end - setup.start !== wanted) {
        report(
          'setup',
          [setup.key],
          `${painter}'s set-up takes ${setup.end - setup.start}, not ${wanted ?? 'anything'}`,
        );
      }
    });
    const keyed = tasks
      .filter((task) => task.painters.includes(painter) && keyOf.get(task.id) != null)
      .sort((one, other) => one.start - other.start);
    keyed.forEach((task, place) => {
      const key = keyOf.get(task.id);
      const last = own.findLast((setup) => setup.end <= task.start);
      const rule = key == null ? undefined : rules.get(key);
      if (last === undefined || last.key !== key || rule === undefined) {
        report('setup', [task.id], `${painter} is not set up for ${key ?? ''}`);
        return;
      }
      for (let before = place - 1; (keyed[before]?.start ?? -1) >= last.end; before--) {
        const other = keyed[before];
        if (other === undefined || other.start === task.start || keyOf.get(other.id) === key) continue;
        report('setup', [task.id, other.id], `${painter} used another tool in between`);
        break;
      }
      if (rule.keeps != null && task.start - last.end > rule.keeps) {
        report('setup', [task.id], `the set-up of ${last.end} keeps ${rule.keeps}, not until ${task.start}`);
      }
      if (!rule.acrossShifts && shiftsFrom(shifts, last.end, task.start).some(([, until]) => until <= task.start)) {
        report('setup', [task.id], `the set-up of ${last.end} does not outlast ${painter}'s shift`);
      }
    });
  }
}

function checkSpaces(problem: PlanProblem, planned: ReadonlyMap<string, PlannedTask>, report: Report): void {
  for (const space of problem.spaces) {
    const uses: { start: number; end: number; slots: number; tasks: string[] }[] = [];
    for (const task of problem.tasks) {
      const placed = planned.get(task.id);
      for (const use of task.spaces) {
        if (placed && use.id === space.id) uses.push({ ...placed, slots: use.slots, tasks: [task.id] });
      }
    }
    for (const hold of problem.holds) {
      const after = planned.get(hold.after);
      const until = planned.get(hold.until);
      if (hold.space !== space.id || !after || !until) continue;
      if (until.start < after.end) report('space', [hold.after, hold.until], 'a hold ends before it begins');
      uses.push({ start: after.end, end: until.start, slots: hold.slots, tasks: [hold.after, hold.until] });
    }
    const changes = uses
      .filter((use) => use.end > use.start)
      .flatMap((use) => [
        { at: use.start, slots: use.slots, tasks: use.tasks },
        { at: use.end, slots: -use.slots, tasks: use.tasks },
      ])
      .sort((one, other) => one.at - other.at || one.slots - other.slots);
    let level = 0;
    for (const change of changes) {
      level += change.slots;
      if (change.slots > 0 && level > space.slots) {
        report('space', change.tasks, `${space.id} has ${space.slots} slots, ${level} are taken at ${change.at}`);
      }
    }
  }
}

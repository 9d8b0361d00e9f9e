import type { AcceptedPlan } from '../../job/document/plan-schema.ts';
import { shiftsOf } from '../../steps/crew-shifts.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { isBenchWork, needsTwo } from '../../steps/step-needs.ts';
import { dryingOf, onSlots, type Lying } from './drying-places.ts';
import type { Operation } from '../../steps/operations.ts';
import type { PieceStep } from '../../steps/step.ts';
import { siteWorkOf, type SiteWork } from '../drafting/site-work.ts';
import { progressByTask } from '../../job/progress.ts';
import type { Job } from '../../job/document/schema.ts';
import { minutesSince } from '../../job/site-time.ts';
import { once } from '../../units/once.ts';

/** Like steps that a painter does one after another: “prime the backs of D-01 to D-07”. Minutes from the plan's t0. */
export interface Run {
  id: string;
  painters: string[];
  operation: Operation;
  start: number;
  end: number;
  /** When hands are on it: a long coat rests overnight. */
  spans: (readonly [number, number])[];
  steps: PieceStep[];
  /** Minutes of setting up before it, which the painter also spends. */
  setupMinutes: number;
  needsTwo: boolean;
}

export interface PlanReading {
  t0: string;
  finish: number;
  runs: Run[];
  /** On the rack. */
  lyings: Lying[];
  /** Drying where it is: what does not come off. */
  inPlace: Lying[];
  /** On the bench. */
  benches: BenchUse[];
  /** What is moved and sheeted in the rooms and put back, and heating that is switched on. */
  siteWork: SiteWork[];
  /** End of every planned or done step, by id. */
  ends: ReadonlyMap<string, number>;
  starts: ReadonlyMap<string, number>;
}

/** Longest pause, in minutes, that still belongs to one run. */
const SAME_RUN_WITHIN = 20;

/** Turns the answer of the plan problem back into runs of work and pieces on the rack. */
export function readPlan(
  job: Job,
  { steps, clocks, conditions }: Pick<JobProblem, 'steps' | 'clocks' | 'conditions'>,
  plan: Pick<AcceptedPlan, 't0' | 'tasks' | 'setups' | 'finish'>,
): PlanReading {
  const tasks = asItWas(job, plan, steps);
  const ends = new Map(tasks.map((task) => [task.id, task.end]));
  const starts = new Map(tasks.map((task) => [task.id, task.start]));
  const runs = withSpans(job, clocks, runsOf({ tasks, setups: plan.setups }, steps));
  // Playing every coat's drying takes longer than all the rest, and whoever has the day in the hand asks for runs alone.
  const drying = once(() => dryingOf(job, { steps, clocks, conditions }, starts, ends));
  return {
    t0: plan.t0,
    finish: plan.finish,
    runs,
    get lyings() {
      return drying().lyings;
    },
    get inPlace() {
      return drying().inPlace;
    },
    benches: benchesOf(runs, starts, ends),
    siteWork: siteWorkOf(job, tasks),
    ends,
    starts,
  };
}

/**
 * The plan's tasks, with what is stamped done or running standing where the log says, in the hands that did it. Running
 * work is taken to need as long as it was planned for, and what is not in the plan any more its usual minutes.
 */
function asItWas(
  job: Job,
  plan: Pick<AcceptedPlan, 't0' | 'tasks'>,
  steps: JobProblem['steps'],
): AcceptedPlan['tasks'] {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const crew = new Set(job.crew.map((painter) => painter.id));
  const minutesAt = (at: string): number => minutesSince(plan.t0, at, job.site.timeZone);
  for (const [id, { doneAt, startedAt, minutes, by }] of progressByTask(job.log)) {
    const known = planned.get(id);
    const usual = Math.max(1, known ? known.end - known.start : Math.ceil(steps.get(id)?.minutes ?? 1));
    let span: { start: number; end: number };
    if (doneAt !== null) {
      const end = minutesAt(doneAt);
      const spent = Math.round(minutes ?? (startedAt ? end - minutesAt(startedAt) : 1));
      span = { start: Math.max(0, end - Math.max(1, spent)), end };
    } else if (startedAt !== null) {
      const start = Math.max(0, minutesAt(startedAt));
      span = { start, end: start + usual };
    } else continue;
    const hands = by === null ? (known?.painters ?? []).filter((painter) => crew.has(painter)) : [by];
    const painters = hands.length > 0 ? hands : job.crew.slice(0, 1).map((painter) => painter.id);
    planned.set(id, { id, ...span, painters, late: known?.late ?? false });
  }
  return [...planned.values()];
}

/** Runs with what of them lies in the shifts of their painters; work that was done out of hours is left whole. */
function withSpans(job: Job, { days }: JobProblem['clocks'], runs: readonly Omit<Run, 'spans'>[]): Run[] {
  const shifts = new Map(job.crew.map((painter) => [painter.id, shiftsOf(painter, days)]));
  return runs.map((run) => {
    const { start, end, painters } = run;
    const within = shiftsDuring(shifts.get(painters[0] ?? '') ?? [], start, end).map(
      ([from, until]) => [Math.max(from, start), Math.min(until, end)] as const,
    );
    const touches = within[0]?.[0] === start && within.at(-1)?.[1] === end;
    return { ...run, spans: touches ? within : [[start, end] as const] };
  });
}

/** Of shifts in the order of time, those that meet a stretch. Every run of a plan asks, so it does not look at all of them. */
function shiftsDuring(shifts: readonly [number, number][], start: number, end: number): readonly [number, number][] {
  let [low, high] = [0, shifts.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((shifts[middle]?.[1] ?? 0) > start) high = middle;
    else low = middle + 1;
  }
  let stop = low;
  while ((shifts[stop]?.[0] ?? Infinity) < end) stop++;
  return shifts.slice(low, stop);
}

function runsOf(
  plan: Pick<AcceptedPlan, 'tasks' | 'setups'>,
  steps: ReadonlyMap<string, PieceStep>,
): Omit<Run, 'spans'>[] {
  const planned = plan.tasks
    .flatMap((task) => {
      const step = steps.get(task.id);
      return step ? [{ task, step }] : [];
    })
    .sort((one, other) => one.task.start - other.task.start);
  const runs: Omit<Run, 'spans'>[] = [];
  const latest = new Map<string, Omit<Run, 'spans'>>();
  const setups = [...plan.setups].sort((one, other) => one.end - other.end);
  const lastSetup = new Map<string, (typeof setups)[number]>();
  let passed = 0;
  for (const { task, step } of planned) {
    const crew = task.painters.join('+');
    for (let next = setups[passed]; next && next.end <= task.start; next = setups[++passed]) {
      lastSetup.set(next.painter, next);
    }
    const run = latest.get(crew);
    const likeness = likenessOf(step);
    if (run && likenessOf(run.steps[0]) === likeness && task.start - run.end <= SAME_RUN_WITHIN) {
      run.end = task.end;
      run.steps.push(step);
      run.needsTwo ||= needsTwo(step);
      continue;
    }
    const setup = task.painters
      .map((painter) => lastSetup.get(painter))
      .find((entry) => entry && task.start - entry.end <= SAME_RUN_WITHIN);
    const started: Omit<Run, 'spans'> = {
      id: `${crew}/${task.id}`,
      painters: task.painters,
      operation: step.operation,
      start: task.start,
      end: task.end,
      steps: [step],
      setupMinutes: setup ? setup.end - setup.start : 0,
      needsTwo: needsTwo(step),
    };
    runs.push(started);
    latest.set(crew, started);
  }
  return runs;
}

/** Steps of one run do the same: the same operation, and the same coat of the same product on the same face. */
function likenessOf(step: PieceStep | undefined): string {
  if (step === undefined) return '';
  const { coat, rework } = step;
  if (rework) return `rework/${rework.words}`;
  return coat ? `coat/${coat.number}/${coat.coat.product}/${coat.faces.join()}/${step.piece.groupId}` : step.operation;
}

/** Pieces of a run that take a place on the bench one right after another. */
export interface BenchUse {
  run: Run;
  steps: PieceStep[];
  slot: number;
  from: number;
  until: number;
}

/** What takes up the bench, and on which of its places: while nobody works at it, it is free for others. */
function benchesOf(
  runs: readonly Run[],
  starts: ReadonlyMap<string, number>,
  ends: ReadonlyMap<string, number>,
): BenchUse[] {
  const uses: Omit<BenchUse, 'slot'>[] = [];
  for (const run of runs) {
    for (const step of run.steps.filter(isBenchWork)) {
      const [from, until] = [starts.get(step.id) ?? run.start, ends.get(step.id) ?? run.end];
      const last = uses.at(-1);
      if (last?.run === run && last.until === from) {
        last.until = until;
        last.steps.push(step);
      } else uses.push({ run, steps: [step], from, until });
    }
  }
  return onSlots(uses);
}

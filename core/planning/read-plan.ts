import type { AcceptedPlan } from '../job/record.ts';
import type { DryingStage } from '../shelf/coating.ts';
import { shiftsOf } from './crew-shifts.ts';
import { needsTwo, type JobProblem } from './job-to-problem.ts';
import { coatDrying, lyingCoats, slowest, type CoatDrying } from './lying-coats.ts';
import type { Operation, PieceStep } from './piece-steps.ts';
import { roomWorkOf, type RoomWork } from './room-work.ts';
import { progressByTask } from '../job/progress.ts';
import { dryingClimateId } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { Job } from '../job/schema.ts';
import { minutesSince } from '../job/site-time.ts';

/**
 * The states of a coat, in the order in which it goes through them. Hardening: it can be handled, and not yet do what
 * comes next.
 */
export const WETNESS = ['wet', 'tacky', 'hardening', 'ready', 'late', 'cured'] as const;
export type Wetness = (typeof WETNESS)[number];

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

/** A stretch of a lying coat in one state. */
export interface WetStretch {
  state: Wetness;
  from: number;
  until: number;
}

/** A piece on a slot of the rack between two steps. */
export interface Lying {
  piece: Piece;
  slot: number;
  from: number;
  until: number;
  stretches: WetStretch[];
  /** The step that put the coat on, and what it waits for. */
  after: PieceStep;
  next: PieceStep;
}

export interface PlanReading {
  t0: string;
  finish: number;
  runs: Run[];
  lyings: Lying[];
  /** What is moved and sheeted in the rooms, and put back. */
  roomWork: RoomWork[];
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
  return {
    t0: plan.t0,
    finish: plan.finish,
    runs: withSpans(job, clocks, runsOf({ tasks, setups: plan.setups }, steps)),
    lyings: lyingsOf(job, { steps, clocks, conditions }, starts, ends),
    roomWork: roomWorkOf(job, tasks),
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
      const spent = minutes ?? (startedAt ? end - minutesAt(startedAt) : 1);
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
    const within = (shifts.get(painters[0] ?? '') ?? [])
      .map(([from, until]) => [Math.max(from, start), Math.min(until, end)] as const)
      .filter(([from, until]) => from < until);
    const touches = within[0]?.[0] === start && within.at(-1)?.[1] === end;
    return { ...run, spans: touches ? within : [[start, end] as const] };
  });
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
  for (const { task, step } of planned) {
    const crew = task.painters.join('+');
    const run = latest.get(crew);
    const likeness = likenessOf(step);
    if (run && likenessOf(run.steps[0]) === likeness && task.start - run.end <= SAME_RUN_WITHIN) {
      run.end = task.end;
      run.steps.push(step);
      run.needsTwo ||= needsTwo(step);
      continue;
    }
    const setup = plan.setups.find(
      (entry) =>
        task.painters.includes(entry.painter) && entry.end <= task.start && task.start - entry.end <= SAME_RUN_WITHIN,
    );
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
  const { coat } = step;
  return coat ? `coat/${coat.number}/${coat.coat.product}/${coat.faces.join()}/${step.piece.groupId}` : step.operation;
}

function lyingsOf(
  job: Job,
  { steps, clocks, conditions }: Pick<JobProblem, 'steps' | 'clocks' | 'conditions'>,
  starts: ReadonlyMap<string, number>,
  ends: ReadonlyMap<string, number>,
): Lying[] {
  const byPiece = new Map<string, PieceStep[]>();
  for (const step of steps.values()) byPiece.set(step.piece.id, [...(byPiece.get(step.piece.id) ?? []), step]);
  const lyings: Omit<Lying, 'slot'>[] = [];
  for (const own of byPiece.values()) {
    own.forEach((step, index) => {
      const next = own[index + 1];
      const from = ends.get(step.id);
      const until = next && starts.get(next.id);
      if (!step.piece.comesOff || !next || from === undefined || until === undefined || until <= from) return;
      if (step.coat === null && step.operation !== 'denib') return;
      const coats = lyingCoats(own.slice(0, index + 1)).flatMap((coated) => {
        const since = ends.get(coated.id);
        const { coating, faces } = coated.coat;
        const climateId = dryingClimateId(job, step.piece, faces);
        const at = (stage: DryingStage): number =>
          clocks.reached(coating, stage, since ?? 0, climateId, conditions.get(coated.id)) ?? Infinity;
        return since === undefined ? [] : [coatDrying(coated, next, since, at)];
      });
      const drying = slowest(coats);
      const stretches = drying ? wetStretches(from, until, drying) : [{ state: 'ready' as const, from, until }];
      lyings.push({ piece: step.piece, from, until, stretches, after: step, next });
    });
  }
  return onSlots(lyings);
}

/** Wet until touch dry, tacky until it can be handled, hardening until ready for what comes next, ready until its window closes. */
function wetStretches(from: number, until: number, { touchDry, handled, opens, closes }: CoatDrying): WetStretch[] {
  const limits: [Wetness, number][] = [
    ['wet', touchDry],
    ['tacky', Math.max(touchDry, Math.min(handled, opens))],
    ['hardening', Math.max(touchDry, opens)],
    ['ready', Math.max(opens, closes ?? Infinity)],
    ['late', Infinity],
  ];
  const stretches: WetStretch[] = [];
  let start = from;
  for (const [state, end] of limits) {
    const stop = Math.min(until, end);
    if (stop > start) stretches.push({ state, from: start, until: stop });
    start = Math.max(start, stop);
  }
  return stretches;
}

/** Gives every lying piece the lowest slot that is free. */
function onSlots(lyings: readonly Omit<Lying, 'slot'>[]): Lying[] {
  const freeFrom: number[] = [];
  return [...lyings]
    .sort((one, other) => one.from - other.from)
    .map((lying) => {
      let slot = freeFrom.findIndex((free) => free <= lying.from);
      if (slot < 0) slot = freeFrom.length;
      freeFrom[slot] = lying.until;
      return { ...lying, slot };
    });
}

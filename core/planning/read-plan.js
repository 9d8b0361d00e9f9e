import { TWO_PEOPLE_FROM } from './job-to-problem.ts';
import { coatDrying, lyingCoats, slowest } from './lying-coats.ts';
import { progressByTask } from '../job/progress.ts';
import { dryingClimateId, weightOf } from '../job/queries.ts';
import { minutesSince } from '../job/site-time.ts';
/**
 * The states of a coat, in the order in which it goes through them. Hardening: it can be handled, and not yet do what
 * comes next.
 */
export const WETNESS = ['wet', 'tacky', 'hardening', 'ready', 'late', 'cured'];
/** Longest pause, in minutes, that still belongs to one run. */
const SAME_RUN_WITHIN = 20;
/** Turns the answer of the plan problem back into runs of work and pieces on the rack. */
export function readPlan(job, { steps, clocks, conditions }, plan) {
  const tasks = asItWas(job, plan, steps);
  const ends = new Map(tasks.map((task) => [task.id, task.end]));
  const starts = new Map(tasks.map((task) => [task.id, task.start]));
  return {
    t0: plan.t0,
    finish: plan.finish,
    runs: runsOf({ tasks, setups: plan.setups }, steps),
    lyings: lyingsOf(job, { steps, clocks, conditions }, starts, ends),
    ends,
    starts,
  };
}
/**
 * The plan's tasks, with what is stamped done or running standing where the log says, in the hands that did it. Running
 * work is taken to need as long as it was planned for, and what is not in the plan any more its usual minutes.
 */
function asItWas(job, plan, steps) {
  const planned = new Map(plan.tasks.map((task) => [task.id, task]));
  const crew = new Set(job.crew.map((painter) => painter.id));
  const minutesAt = (at) => minutesSince(plan.t0, at, job.site.timeZone);
  for (const [id, { doneAt, startedAt, minutes, by }] of progressByTask(job.log)) {
    const known = planned.get(id);
    const usual = Math.max(1, known ? known.end - known.start : Math.ceil(steps.get(id)?.minutes ?? 1));
    let span;
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
function runsOf(plan, steps) {
  const planned = plan.tasks
    .flatMap((task) => {
      const step = steps.get(task.id);
      return step ? [{ task, step }] : [];
    })
    .sort((one, other) => one.task.start - other.task.start);
  const runs = [];
  const latest = new Map();
  for (const { task, step } of planned) {
    const crew = task.painters.join('+');
    const run = latest.get(crew);
    const likeness = likenessOf(step);
    if (run && likenessOf(run.steps[0]) === likeness && task.start - run.end <= SAME_RUN_WITHIN) {
      run.end = task.end;
      run.steps.push(step);
      run.needsTwo ||= isHeavy(step);
      continue;
    }
    const setup = plan.setups.find(
      (entry) =>
        task.painters.includes(entry.painter) && entry.end <= task.start && task.start - entry.end <= SAME_RUN_WITHIN,
    );
    const started = {
      id: `${crew}/${task.id}`,
      painters: task.painters,
      operation: step.operation,
      start: task.start,
      end: task.end,
      steps: [step],
      setupMinutes: setup ? setup.end - setup.start : 0,
      needsTwo: isHeavy(step),
    };
    runs.push(started);
    latest.set(crew, started);
  }
  return runs;
}
const isHeavy = (step) => step.operation === 'rehang' && weightOf(step.piece) > TWO_PEOPLE_FROM;
/** Steps of one run do the same: the same operation, and the same coat of the same product on the same face. */
function likenessOf(step) {
  if (step === undefined) return '';
  const { coat } = step;
  return coat ? `coat/${coat.number}/${coat.coat.product}/${coat.faces.join()}/${step.piece.groupId}` : step.operation;
}
function lyingsOf(job, { steps, clocks, conditions }, starts, ends) {
  const byPiece = new Map();
  for (const step of steps.values()) byPiece.set(step.piece.id, [...(byPiece.get(step.piece.id) ?? []), step]);
  const lyings = [];
  for (const own of byPiece.values()) {
    own.forEach((step, index) => {
      const next = own[index + 1];
      const from = ends.get(step.id);
      const until = next && starts.get(next.id);
      if (!step.piece.comesOff || !next || from === undefined || until === undefined || until <= from) return;
      if (step.coat === null && step.operation !== 'denib') return;
      const coats = lyingCoats(own.slice(0, index + 1)).flatMap((coated) => {
        const since = ends.get(coated.id);
        const { coating } = coated.coat;
        const climateId = dryingClimateId(job, step.piece);
        const at = (stage) =>
          clocks.reached(coating, stage, since ?? 0, climateId, conditions.get(coated.id)) ?? Infinity;
        return since === undefined ? [] : [coatDrying(coated, next, since, at)];
      });
      const drying = slowest(coats);
      const stretches = drying ? wetStretches(from, until, drying) : [{ state: 'ready', from, until }];
      lyings.push({ piece: step.piece, from, until, stretches, after: step, next });
    });
  }
  return onSlots(lyings);
}
/** Wet until touch dry, tacky until it can be handled, hardening until ready for what comes next, ready until its window closes. */
function wetStretches(from, until, { touchDry, handled, opens, closes }) {
  const limits = [
    ['wet', touchDry],
    ['tacky', Math.max(touchDry, Math.min(handled, opens))],
    ['hardening', Math.max(touchDry, opens)],
    ['ready', Math.max(opens, closes ?? Infinity)],
    ['late', Infinity],
  ];
  const stretches = [];
  let start = from;
  for (const [state, end] of limits) {
    const stop = Math.min(until, end);
    if (stop > start) stretches.push({ state, from: start, until: stop });
    start = Math.max(start, stop);
  }
  return stretches;
}
/** Gives every lying piece the lowest slot that is free. */
function onSlots(lyings) {
  const freeFrom = [];
  return [...lyings]
    .sort((one, other) => one.from - other.from)
    .map((lying) => {
      let slot = freeFrom.findIndex((free) => free <= lying.from);
      if (slot < 0) slot = freeFrom.length;
      freeFrom[slot] = lying.until;
      return { ...lying, slot };
    });
}

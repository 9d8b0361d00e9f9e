import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { localDate, minutesSince } from '../job/site-time.ts';
import { acceptedPlan, planFingerprint } from '../planning/revising/accept.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { readPlan, type PlanReading } from '../planning/reading/read-plan.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { readinessOf } from '../hanging/readiness.ts';
import { daySheet, nextRun } from './day-sheet.ts';
import { dryingPieces } from './drying-status.ts';
import { asksForReplan, doneStamps, isOvertaken, openSteps, startStamps } from './stamps.ts';

const NOW = '2027-03-01T07:00';

function accepted(at = NOW): { made: TestJob; reading: PlanReading } {
  const made = new TestJob(at.slice(0, 10)).door('d').door('e').coated();
  const { problem } = jobToProblem(made.job, at);
  const plan = solve(problem, { steps: 20 });
  assert.ok(plan.status !== 'infeasible');
  made.tell('accept-plan', { plan: acceptedPlan(made.job, problem, plan, { at, reason: 'First plan' }) });
  return { made, reading: readPlan(made.job, jobToProblem(made.job, at), made.job.plan!) };
}

let stamped = 0;
const newId = (): string => `s${++stamped}`;

test('the sheet goes from run to run as they are stamped', () => {
  const { made, reading } = accepted();
  const first = nextRun(made.job, reading, 'painter-1');
  assert.equal(first?.state, 'open');
  assert.equal(first?.run.operation, 'take-off');
  const run = first!.run;
  made.tell('stamp', {
    entries: startStamps(openSteps(made.job, run), { at: '2027-03-01T08:00', by: 'painter-1', newId }),
  });
  assert.equal(nextRun(made.job, reading, 'painter-1')?.state, 'running');
  made.tell('stamp', {
    entries: doneStamps(made.job, reading, run.steps, { at: '2027-03-01T08:12', by: 'painter-1', newId }),
  });
  assert.notEqual(nextRun(made.job, reading, 'painter-1')?.run.id, run.id);
  assert.equal(daySheet(made.job, reading, 'painter-1', 9 * 60)[0]?.state, 'done');
});

test('after the night when clocks change the sheet is still that of the day on the wall', () => {
  const { made, reading } = accepted('2027-03-26T07:00');
  const { timeZone } = made.job.site;
  const startsOn = (date: string): string[] =>
    reading.runs.filter((run) => localDate(reading.t0, run.start, timeZone) === date).map((run) => run.id);
  const sheetAt = (time: string): string[] =>
    daySheet(made.job, reading, 'painter-1', minutesSince(reading.t0, time, timeZone)).map(({ run }) => run.id);
  const tuesday = startsOn('2027-03-30');
  assert.ok(tuesday.length > 0);
  assert.deepEqual(new Set(sheetAt('2027-03-30T00:30')), new Set(sheetAt('2027-03-30T12:00')));
  assert.ok(tuesday.every((id) => sheetAt('2027-03-30T00:30').includes(id)));
  assert.ok(!tuesday.some((id) => sheetAt('2027-03-29T23:30').includes(id)));
});

test('pieces of one run are stamped as far apart as they were painted', () => {
  const { made, reading } = accepted();
  const steps = reading.runs.find((run) => run.steps.length === 2)!.steps;
  const entries = doneStamps(made.job, reading, steps, { at: '2027-03-01T10:00', by: null, newId });
  const [one, other] = steps.map((step) => (reading.ends.get(step.id) ?? 0) - (reading.starts.get(step.id) ?? 0));
  assert.equal(entries[1]?.at, '2027-03-01T10:00');
  assert.equal(entries[0]?.at, `2027-03-01T09:${60 - other!}`);
  assert.deepEqual(
    entries.map((entry) => entry.minutes),
    [one, other],
  );
});

test('a stamp near its planned time leaves the plan alone, one far from it does not, nor does tackiness', () => {
  const { made, reading } = accepted();
  const [run] = reading.runs;
  const [step] = run!.steps;
  const end = reading.ends.get(step!.id) ?? 0;
  const at = (minutes: number): string =>
    `2027-03-01T${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
  const entry = { id: 'x', taskId: step!.id, event: 'done', by: null, minutes: 5 } as const;
  assert.equal(asksForReplan(made.job, reading, [{ ...entry, at: at(end + 9) }]), false);
  assert.equal(asksForReplan(made.job, reading, [{ ...entry, at: at(end + 25) }]), true);
  assert.equal(asksForReplan(made.job, reading, [{ ...entry, event: 'tacky', at: at(end) }]), true);
});

test('work that was started off plan stays in the hands that started it, until it is stamped done', () => {
  for (const last of [false, true]) {
    const { made, reading } = accepted();
    const steps = pieceSteps(made.job, made.job.pieces[0]!);
    const running = last ? steps.at(-1)! : steps[0]!;
    const now = last ? '2027-03-09T09:00' : '2027-03-01T13:00';
    if (last) {
      const done = { event: 'done', by: 'painter-1', minutes: 5 } as const;
      const entries = steps
        .slice(0, -1)
        .map((step) => ({ ...done, id: newId(), taskId: step.id, at: '2027-03-05T12:00' }));
      made.tell('stamp', { entries });
    }
    made.tell('stamp', { entries: startStamps([running], { at: now, by: 'painter-1', newId }) });
    assert.equal(asksForReplan(made.job, reading, made.job.log.slice(-1)), true);
    const { problem } = jobToProblem(made.job, now);
    const plan = solve(problem, { steps: 20 });
    assert.ok(plan.status !== 'infeasible');
    made.tell('accept-plan', { plan: acceptedPlan(made.job, problem, plan, { at: now, reason: 'Started' }) });
    const again = readPlan(made.job, jobToProblem(made.job, now), made.job.plan!);
    const next = nextRun(made.job, again, 'painter-1');
    assert.equal(next?.state, 'running');
    assert.equal(next?.run.steps[0]?.id, running.id);
  }
});

test('the last stamp of a job asks for nothing, however late', () => {
  const { made, reading } = accepted();
  const ids = reading.runs.flatMap((run) => run.steps.map((step) => step.id));
  const done = { event: 'done', by: null, minutes: 5, at: '2027-03-20T12:00' } as const;
  const entries = ids.map((taskId) => ({ ...done, id: newId(), taskId }));
  made.tell('stamp', { entries: entries.slice(0, -1) });
  assert.equal(asksForReplan(made.job, reading, entries.slice(-2, -1)), true);
  assert.equal(asksForReplan(made.job, reading, entries.slice(-1)), false);
});

test('stamps since the plan that differ from it overtake it, up to now and no further', () => {
  const { made, reading } = accepted();
  const [run] = reading.runs;
  const entry = { id: newId(), taskId: run!.steps[0]!.id, event: 'done', by: null, minutes: 5 } as const;
  assert.equal(isOvertaken(made.job, reading, '2027-03-01T18:00'), false);
  made.tell('stamp', { entries: [{ ...entry, at: '2027-03-01T16:00' }] });
  assert.equal(isOvertaken(made.job, reading, '2027-03-01T15:00'), false, 'the clock was set back');
  assert.equal(isOvertaken(made.job, reading, '2027-03-01T18:00'), true);
  const plan = { ...made.job.plan!, madeAt: '2027-03-01T16:00' };
  made.tell('accept-plan', { plan });
  assert.equal(isOvertaken(made.job, reading, '2027-03-01T18:00'), false);
});

test('a wet piece ripens: wet, tacky, ready to turn; then it is touched and no longer listed', () => {
  const { made } = accepted();
  const stamp = (taskId: string, at: string): void =>
    void made.tell('stamp', { entries: [{ id: newId(), at, taskId, event: 'done', by: null, minutes: 20 }] });
  stamp('d/coat-1/back', '2027-03-01T10:00');
  const states = ['10:10', '11:45', '14:30'].map((time) => {
    const now = `2027-03-01T${time}`;
    return dryingPieces(made.job, jobToProblem(made.job, now), now)[0];
  });
  assert.deepEqual(
    states.map((drying) => drying?.state),
    ['wet', 'tacky', 'ready'],
  );
  assert.equal(states[0]?.verb, 'turn');
  // Bonding primer: 0.7 and 1.5 reference hours from ten o'clock, in a workshop that is slower than the tin's 23 °C.
  assert.ok((states[0]?.touchDry ?? 0) > 600 + 42 && (states[0]?.opens ?? 0) > 600 + 90);
  stamp('d/coat-1/front', '2027-03-01T15:00');
  const after = dryingPieces(made.job, jobToProblem(made.job, '2027-03-01T15:05'), '2027-03-01T15:05');
  assert.equal(after[0]?.verb, 'recoat');
  assert.equal(after[0]?.since, 15 * 60);
});

test('a piece may be handled before it is hung, hung before it is closed, and as planned until stamped', () => {
  const { made, reading } = accepted();
  const problem = jobToProblem(made.job, NOW);
  const [row] = readinessOf(made.job, problem, reading.ends);
  const { handle, rehang, close, wash, full } = row!.from;
  const dates = [row!.lastCoat, handle, rehang, close, wash, full].map((date) => date ?? NaN);
  assert.deepEqual(
    dates,
    [...dates].sort((one, other) => one - other),
  );
  assert.equal(row!.isDone, false);
  assert.ok((row!.hung?.at ?? 0) >= (rehang ?? Infinity));
  assert.deepEqual(readinessOf(made.job, problem, new Map())[0]?.from.close, null);
});

test('the fingerprint changes with what a plan is made from, and not with the clock, a bag or a note', () => {
  const { made } = accepted();
  const before = planFingerprint(made.job);
  made
    .tell('count-hardware', { id: 'd', item: 0, bagged: 1 })
    .tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-02T08:00' } })
    .tell('change-pieces', { ids: ['d'], facts: { note: 'sticks' } });
  assert.equal(planFingerprint(made.job), before);
  made.tell('change-pieces', { ids: ['d'], facts: {}, shape: { width: 827, height: 2040, thickness: 40 } });
  assert.notEqual(planFingerprint(made.job), before);
});

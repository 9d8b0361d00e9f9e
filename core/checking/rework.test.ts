import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Defect } from '../job/defect-schema.ts';
import { minutesSince } from '../job/site-time.ts';
import { jobToProblem } from '../planning/job-to-problem.ts';
import { pieceSteps } from '../planning/piece-steps.ts';
import { solve } from '../planning/solve/solve.ts';
import { verify } from '../planning/verify.ts';
import { WorkedDays } from '../testing/worked-days.ts';
import { reworkFor, remedyWait } from './rework.ts';
import { roomChecks } from './round.ts';
import { standingOf } from './standing.ts';

const RUN: Defect = {
  id: 'run-1',
  kind: 'run',
  pieceId: 'd',
  face: 'front',
  spot: { x: 100, y: 900 },
  at: '2027-03-02T16:00',
  by: null,
  note: '',
  photoIds: [],
  cause: null,
  rework: null,
  settled: null,
};

/** A door with two coats on both faces; the third is to come. */
const twoCoats = (facts: ConstructorParameters<typeof WorkedDays>[0] = {}): WorkedDays =>
  new WorkedDays(facts)
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:20')
    .done('coat-1/front', '2027-03-01T13:20')
    .done('denib-2', '2027-03-02T08:30')
    .done('coat-2/back', '2027-03-02T09:20')
    .done('coat-2/front', '2027-03-02T14:20');

function withRework(worked: WorkedDays, defect: Defect = RUN): WorkedDays {
  worked.tell('state-defect', { defect });
  const rework = reworkFor(worked.job, worked.problem('2027-03-02T16:00'), defect);
  assert.ok(rework);
  return worked.tell('state-defect', { defect: { ...defect, rework } });
}

test('rework stands right behind what was done last, and waits until the run can be sanded', () => {
  const now = '2027-03-02T16:00';
  const worked = withRework(twoCoats());
  const names = pieceSteps(worked.job, worked.piece).map(({ id }) => id.slice(2));
  const at = names.indexOf('coat-2/front');
  assert.deepEqual(names.slice(at + 1, at + 4), ['rework-run-1/level', 'rework-run-1/touch-in', 'denib-3']);
  const made = jobToProblem(worked.job, now);
  const plan = solve(made.problem, { steps: 30 });
  assert.ok(plan.status !== 'infeasible');
  assert.deepEqual(verify(made.problem, plan), []);
  const start = (name: string): number => plan.tasks.find(({ id }) => id === `d/${name}`)!.start;
  const wait = remedyWait(worked.job, made, RUN);
  assert.ok(wait.opens !== null && start('rework-run-1/level') >= wait.opens - 1);
  // Thirty reference hours, in a cold workshop: not the next morning.
  assert.ok(wait.opens > minutesSince(made.clocks.t0, '2027-03-03T20:00', worked.job.site.timeZone));
  assert.ok(start('rework-run-1/touch-in') >= start('rework-run-1/level'));
  assert.ok(start('coat-3/back') > start('rework-run-1/touch-in'), 'the next coat comes after');
});

test('a defect goes from found to planned, under way and put right by its stamps', () => {
  const worked = twoCoats().tell('state-defect', { defect: RUN });
  const [found] = worked.job.defects;
  assert.equal(standingOf(worked.job, found!), 'found');
  withRework(worked);
  const planned = (): Defect => worked.job.defects[0]!;
  assert.equal(standingOf(worked.job, planned()), 'planned');
  worked.done('rework-run-1/level', '2027-03-04T09:00');
  assert.equal(standingOf(worked.job, planned()), 'under-way');
  worked.done('rework-run-1/touch-in', '2027-03-04T09:10');
  assert.equal(standingOf(worked.job, planned()), 'put-right');
  assert.equal(standingOf(worked.job, { ...planned(), settled: { at: RUN.at, how: 'accepted', why: '' } }), 'accepted');
});

test('what hangs already is put right where it hangs, and what hangs by night too', () => {
  const hung = twoCoats()
    .done('denib-3', '2027-03-03T08:30')
    .done('coat-3/back', '2027-03-03T09:20')
    .done('coat-3/front', '2027-03-03T14:20')
    .done('rehang', '2027-03-06T09:00');
  withRework(hung);
  const rework = pieceSteps(hung.job, hung.piece).filter((step) => step.rework);
  assert.ok(rework.length === 2 && rework.every((step) => step.rework?.isInPlace));
  const made = jobToProblem(hung.job, '2027-03-06T10:00');
  assert.ok(
    !made.problem.holds.some(({ space, until }) => space === 'rack' && until.includes('rework')),
    'it takes no place on the rack',
  );
  const plan = solve(made.problem, { steps: 10 });
  assert.ok(plan.status !== 'infeasible' && verify(made.problem, plan).length === 0);
});

test('a step that was left out is planned no more, nor does its coat lie there', () => {
  const worked = twoCoats();
  const before = pieceSteps(worked.job, worked.piece).length;
  worked.tell('leave-out', { steps: [{ taskId: 'd/denib-3', at: '2027-03-02T16:00', by: null, why: 'smooth' }] });
  assert.equal(pieceSteps(worked.job, worked.piece).length, before - 1);
  assert.ok(!jobToProblem(worked.job, '2027-03-02T16:00').problem.tasks.some(({ id }) => id === 'd/denib-3'));
  worked.tell('take-in', { taskIds: ['d/denib-3'] });
  assert.equal(pieceSteps(worked.job, worked.piece).length, before);
});

test('a round counts a look only while no coat has come since, and says what stands against a signature', () => {
  const worked = twoCoats();
  const look = (at: string) => ({ id: at, pieceId: 'd', face: 'front' as const, at, by: null });
  worked.tell('inspect', { inspections: [look('2027-03-02T15:00')] });
  const front = () => roomChecks(worked.job)[0]?.faces.find(({ face }) => face === 'front');
  assert.equal(front()?.lookedAt, '2027-03-02T15:00');
  assert.deepEqual(front()?.coats, { laid: 2, all: 3 });
  worked.done('denib-3', '2027-03-03T08:30').done('coat-3/front', '2027-03-03T14:20');
  assert.equal(front()?.lookedAt, null);
  worked.tell('state-defect', { defect: RUN });
  assert.match(
    roomChecks(worked.job)[0]?.against ?? '',
    /1 face is not finished; 1 finished face has not been looked at; 1 defect is open/,
  );
});

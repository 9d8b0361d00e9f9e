import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Defect } from '../job/document/defect-schema.ts';
import { hangingStep } from '../hanging/hang-status.ts';
import { readinessOf } from '../hanging/readiness.ts';
import { minutesSince } from '../job/site-time.ts';
import { noPlaceWords } from '../planning/reading/no-place-words.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { solve } from '../scheduling/solve/solve.ts';
import { verify } from '../scheduling/verify.ts';
import { dryingPieces } from '../running/drying-status.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { hasChoiceOfPlace, reworkFor, remedyWait } from './rework.ts';
import { roomChecks } from './round.ts';
import { defectStatus } from './defect-status.ts';

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
  if (!worked.job.defects.some(({ id }) => id === defect.id)) worked.tell('add-defect', { entry: defect });
  const rework = reworkFor(worked.job, worked.problem('2027-03-02T16:00'), defect);
  assert.ok(rework);
  return worked.tell('change-defect', { id: defect.id, facts: { rework } });
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
  const worked = twoCoats().tell('add-defect', { entry: RUN });
  const [found] = worked.job.defects;
  assert.equal(defectStatus(worked.job, found!), 'found');
  withRework(worked);
  const planned = (): Defect => worked.job.defects[0]!;
  assert.equal(defectStatus(worked.job, planned()), 'planned');
  worked.done('rework-run-1/level', '2027-03-04T09:00');
  assert.equal(defectStatus(worked.job, planned()), 'under-way');
  worked.done('rework-run-1/touch-in', '2027-03-04T09:10');
  assert.equal(defectStatus(worked.job, planned()), 'put-right');
  assert.equal(
    defectStatus(worked.job, { ...planned(), settled: { at: RUN.at, how: 'accepted', why: '' } }),
    'accepted',
  );
});

test('what hangs already is put right where it hangs, and what hangs overnight too', () => {
  const hung = withRework(hungDoor());
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

/** The door with three coats, hung on a Saturday morning. */
const hungDoor = (facts: ConstructorParameters<typeof WorkedDays>[0] = {}): WorkedDays =>
  twoCoats(facts)
    .done('denib-3', '2027-03-03T08:30')
    .done('coat-3/back', '2027-03-03T09:20')
    .done('coat-3/front', '2027-03-03T14:20')
    .done('rehang', '2027-03-06T09:00');

const takenDown = (worked: WorkedDays, defect: Defect): WorkedDays => {
  const rework = reworkFor(worked.job, worked.problem('2027-03-06T10:00'), defect);
  assert.ok(rework);
  return worked.tell('add-defect', { entry: { ...defect, rework: { ...rework, isInPlace: false } } });
};

test('what hangs can be taken down for its rework: it lies on the rack and is hung once the new coat is hard enough', () => {
  const worked = takenDown(hungDoor(), RUN);
  const own = pieceSteps(worked.job, worked.piece).filter((step) => step.rework);
  assert.deepEqual(
    own.map(({ operation }) => operation),
    ['take-down', 'put-right', 'coat', 'rehang'],
  );
  const made = jobToProblem(worked.job, '2027-03-06T10:00');
  const plan = solve(made.problem, { steps: 10 });
  assert.ok(plan.status !== 'infeasible');
  assert.deepEqual(verify(made.problem, plan), []);
  const at = (name: string) => plan.tasks.find(({ id }) => id === `d/rework-run-1/${name}`)!;
  const wait = remedyWait(worked.job, made, RUN);
  assert.ok(wait.opens !== null && at('take-down').start >= wait.opens - 1, 'it hangs until the run can be sanded');
  const coat = worked.step('rework-run-1/touch-in');
  const hard = made.clocks.reached(coat.coat!.coating, 'rehang', at('touch-in').end, [
    { climateId: 'workshop', until: Infinity },
  ]);
  assert.ok(hard !== null && at('rehang').start >= hard - 1);
  assert.ok(
    made.problem.holds.some(({ space, until }) => space === 'rack' && until === 'd/rework-run-1/rehang'),
    'its new coat dries on the rack',
  );
});

test('a door may be taken down again after the day on which it was needed, and on that day it is there', () => {
  const finish = (neededBy: string) => {
    const { access } = hungDoor().piece;
    const worked = takenDown(hungDoor({ access: { ...access, neededBy } }), RUN);
    const made = jobToProblem(worked.job, '2027-03-08T07:00');
    const plan = solve(made.problem, { steps: 10 });
    assert.notEqual(plan.status, 'infeasible');
    assert.ok(made.problem.tasks.some(({ id }) => id === 'd/rework-run-1/rehang'));
    return made.noPlace.map(noPlaceWords).join() || 'in time';
  };
  assert.equal(finish('2027-03-06'), 'in time');
  assert.equal(finish('2027-03-31'), 'in time');
  assert.match(finish('2027-03-08'), /^D-01 can’t be back by .* planned as early as possible/);
});

test('a door that was taken down again is away until it is hung again', () => {
  const worked = takenDown(hungDoor(), RUN);
  const hung = () => {
    const [row] = readinessOf(worked.job, worked.problem('2027-03-08T12:00'), new Map());
    return row!.hung?.isDone === true;
  };
  assert.ok(hung(), 'as long as nobody has taken it down');
  assert.equal(hangingStep(worked.job, worked.piece)?.id, 'd/rehang');
  worked.done('rework-run-1/take-down', '2027-03-08T08:00');
  assert.ok(!hung());
  assert.equal(hangingStep(worked.job, worked.piece)?.id, 'd/rework-run-1/rehang');
  worked.doneAll(['rework-run-1/level', 'rework-run-1/touch-in'], '2027-03-08T08:15');
  assert.equal(defectStatus(worked.job, worked.job.defects[0]!), 'put-right');
  const [drying] = dryingPieces(worked.job, worked.problem('2027-03-08T12:00'), '2027-03-08T12:00');
  assert.deepEqual([drying?.hangs, drying?.verb], [false, 'hang']);
  worked.done('rework-run-1/rehang', '2027-03-11T09:00');
  assert.ok(hung());
});

test('what is found while a door is down for rework is put right before it is hung again', () => {
  const worked = takenDown(hungDoor(), RUN);
  takenDown(worked, { ...RUN, id: 'run-2', face: 'back' });
  const names = pieceSteps(worked.job, worked.piece).flatMap(({ id, rework }) => (rework ? id.slice(9) : []));
  assert.deepEqual(names, [
    'run-1/take-down',
    'run-1/level',
    'run-1/touch-in',
    'run-2/level',
    'run-2/touch-in',
    'run-1/rehang',
  ]);
  worked.doneAll(
    ['take-down', 'level', 'touch-in'].map((name) => `rework-run-1/${name}`),
    '2027-03-08T08:00',
  );
  worked.doneAll(['rework-run-2/level', 'rework-run-2/touch-in', 'rework-run-1/rehang'], '2027-03-10T08:00');
  takenDown(worked, { ...RUN, id: 'run-3' });
  const third = pieceSteps(worked.job, worked.piece).filter(({ rework }) => rework?.defectId === 'run-3');
  assert.equal(third[0]?.operation, 'take-down', 'hung again, it is taken down again');
});

test('where it is put right is for the painter to say only while it hangs, and need not be back every night', () => {
  const asked = (worked: WorkedDays, id: string): boolean => {
    const rework = reworkFor(worked.job, worked.problem('2027-03-06T10:00'), RUN);
    return hasChoiceOfPlace(worked.job, worked.piece, { ...RUN, id, rework });
  };
  assert.ok(!asked(twoCoats(), 'run-1'), 'it lies on the rack');
  assert.ok(asked(hungDoor(), 'run-1'));
  const { access } = hungDoor().piece;
  assert.ok(!asked(takenDown(hungDoor(), RUN), 'run-2'), 'it is down then for the other one');
  const nightly = new WorkedDays({ access: { ...access, closesAtNight: true, standIn: false } });
  assert.ok(!hasChoiceOfPlace(nightly.job, nightly.piece, { ...RUN, rework: null }));
});

test('a step that was skipped is planned no more, nor does its coat lie there', () => {
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
  worked.tell('add-defect', { entry: RUN });
  assert.match(
    roomChecks(worked.job)[0]?.against ?? '',
    /1 face not finished; 1 finished face not inspected; 1 defect open/,
  );
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { progressByTask } from '../job/progress.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { learntPaces } from '../steps/learnt-paces.ts';
import { readPlan } from '../planning/reading/read-plan.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { notedWith } from './applied-coats.ts';
import { correctedStamp, doneStamps, hasUnplannedRework, partlyStamp, startStamps, withdrawnStamp } from './stamps.ts';

let ids = 0;
const stamping = (at: string) => ({ at, by: 'painter-1', newId: () => `n${++ids}`, device: 'phone' });

test('a correction takes the place of a stamp, and a withdrawal of both', () => {
  const worked = new WorkedDays().done('take-off', '2027-03-01T09:00');
  const [stamp] = worked.job.log;
  const doneAt = (): string | null | undefined => progressByTask(worked.job.log).get('d/take-off')?.doneAt;
  const corrected = correctedStamp(stamp!, { at: '2027-03-01T08:30' }, stamping('2027-03-01T10:00'));
  worked.tell('stamp', { entries: [corrected] });
  assert.equal(doneAt(), '2027-03-01T08:30');
  assert.equal(progressByTask(worked.job.log).get('d/take-off')?.minutes, 20, 'the minutes stay');
  worked.tell('stamp', { entries: [withdrawnStamp(corrected, stamping('2027-03-01T10:05'))] });
  assert.equal(doneAt(), undefined);
  assert.equal(worked.job.log.length, 3, 'nothing is struck out of the log');
});

test('work that was left half done takes its other half, by whoever goes on', () => {
  const worked = new WorkedDays().doneAll(['take-off', 'wash'], '2027-03-01T08:00');
  const workOf = (): number =>
    jobToProblem(worked.job, '2027-03-01T09:00').problem.tasks.find(({ id }) => id === 'd/degloss')!.work;
  const whole = workOf();
  const step = worked.step('degloss');
  worked.tell('stamp', { entries: startStamps([step], stamping('2027-03-01T08:30')) });
  worked.tell('stamp', { entries: [partlyStamp(step, 0.5, stamping('2027-03-01T08:40'))] });
  assert.equal(progressByTask(worked.job.log).get(step.id)?.startedAt, null);
  assert.equal(workOf(), Math.ceil(whole / 2));
});

test('a stamp notes the air of its hour and the tin that is open then', () => {
  const tin = { product: 'prime-bond-wb', hex: null, litres: 1, boxedWith: [], seen: null, emptiedAt: null, end: null };
  const worked = new WorkedDays()
    .tell('add-tin', {
      entry: { ...tin, id: 'first', batch: 'A', openedAt: '2027-03-01T08:00', emptiedAt: '2027-03-01T12:00' },
    })
    .tell('add-tin', { entry: { ...tin, id: 'second', batch: 'B', openedAt: '2027-03-01T11:55' } });
  const { clocks } = worked.problem('2027-03-01T07:00');
  const coat = worked.step('coat-1/back');
  assert.equal(notedWith(worked.job, clocks, coat, '2027-03-01T11:00').tinId, 'first');
  assert.equal(notedWith(worked.job, clocks, coat, '2027-03-01T13:00').tinId, 'second');
  const noted = notedWith(worked.job, clocks, coat, '2027-03-01T15:20');
  const air = clocks.air('workshop').at(15)!;
  assert.ok(Math.abs((noted.air?.temperature ?? 0) - air.temperature) <= 0.05);
  assert.equal(notedWith(worked.job, clocks, worked.step('wash'), '2027-03-01T13:00').tinId, undefined);
});

test('the pace of the log is the median of what was timed, and is planned with from three entries on', () => {
  const worked = new WorkedDays().planned('2027-03-01T07:00');
  const reading = () => readPlan(worked.job, worked.problem('2027-03-01T00:00'), worked.job.plan!);
  const timed = (name: string, from: string, until: string): void => {
    const step = worked.step(name);
    worked.tell('stamp', { entries: startStamps([step], stamping(from)) });
    worked.tell('stamp', { entries: doneStamps(worked.job, reading(), [step], stamping(until)) });
  };
  const rolled = worked.step('coat-1/back');
  const at = (start: string, factor: number): [string, string] => {
    const minutes = Math.round(rolled.minutes * 1.5 * factor);
    const [hour = 0, minute = 0] = start.slice(11).split(':').map(Number);
    const end = hour * 60 + minute + minutes;
    return [
      start,
      `${start.slice(0, 11)}${String(Math.floor(end / 60)).padStart(2, '0')}:${String(end % 60).padStart(2, '0')}`,
    ];
  };
  worked.doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00');
  timed('coat-1/back', ...at('2027-03-01T10:00', 1.5));
  timed('coat-1/front', ...at('2027-03-01T13:00', 1.5));
  assert.equal(learntPaces(worked.job).learnt.size, 0, 'two entries teach nothing');
  const before = jobToProblem(worked.job, '2027-03-01T16:00').problem.tasks.find(
    ({ id }) => id === 'd/coat-3/back',
  )!.work;
  timed('coat-2/back', ...at('2027-03-02T09:00', 1.5));
  const learnt = learntPaces(worked.job).learnt.get('roller');
  assert.equal(learnt?.entries, 3);
  assert.ok(learnt.factor > 1.3 && learnt.factor < 1.6, String(learnt.factor));
  const after = jobToProblem(worked.job, '2027-03-02T16:00').problem.tasks.find(
    ({ id }) => id === 'd/coat-3/back',
  )!.work;
  assert.equal(after, Math.ceil(worked.step('coat-3/back').minutes * 1.5 * learnt.factor - 1e-9));
  assert.ok(after > before);
  // What earlier jobs have left holds until this one has taught more.
  assert.equal(learntPaces({ ...worked.job, log: [], paces: { roller: 0.8 } }).factorOf(rolled), 0.8);
});

test('rework that was decided on and stands in no plan asks for one', () => {
  const worked = new WorkedDays()
    .planned('2027-03-01T07:00')
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:00');
  const reading = readPlan(worked.job, worked.problem('2027-03-01T00:00'), worked.job.plan!);
  assert.equal(hasUnplannedRework(worked.job, reading), false);
  const step = { name: 'sand', words: 'Sand it', minutes: 5, waitFor: 'recoat', coat: null } as const;
  worked.tell('add-defect', {
    entry: {
      ...{ id: 'x', kind: 'grit', pieceId: 'd', face: 'back', spot: null, at: '2027-03-01T11:00', by: null, note: '' },
      ...{
        photoIds: [],
        cause: null,
        settled: null,
        rework: { after: 'd/coat-1/back', isInPlace: false, steps: [step] },
      },
    } as never,
  });
  assert.equal(hasUnplannedRework(worked.job, reading), true);
});

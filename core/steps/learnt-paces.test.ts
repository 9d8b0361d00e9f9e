import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { SKILL_FACTOR } from '../quantities/pace.ts';
import { helper } from '../fixtures/worked-job.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { learntPaces, measuredSteps, medianOf, paceKeyOf } from './learnt-paces.ts';

const timed = { isMeasured: true } as const;
const STEPS = ['coat-1/back', 'coat-1/front', 'coat-2/back', 'coat-2/front', 'coat-3/back', 'coat-3/front'];
const usual = (worked: WorkedDays, name: string): number =>
  worked.step(name).minutes * SKILL_FACTOR[worked.job.crew[0]!.skill];
/** A door whose coats took so many times their usual minutes, one after the other. */
function taking(...ratios: number[]): WorkedDays {
  const worked = new WorkedDays();
  ratios.forEach((ratio, index) => {
    const name = STEPS[index]!;
    const minutes = Math.round(ratio * usual(worked, name));
    worked.done(name, `2027-03-0${index + 1}T09:00`, { ...timed, minutes });
  });
  return worked;
}
const factorOf = (worked: WorkedDays): number => learntPaces(worked.job).factorOf(worked.step('coat-1/back'));

test('the middle of some numbers, whatever their order', () => {
  assert.equal(medianOf([3]), 3);
  assert.equal(medianOf([9, 1, 4]), 4);
  assert.equal(medianOf([9, 1, 4, 2]), 3);
  assert.ok(Number.isNaN(medianOf([])));
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 1, maxLength: 20 }), (numbers) => {
      const middle = medianOf(numbers);
      const below = numbers.filter((number) => number < middle).length;
      const above = numbers.filter((number) => number > middle).length;
      assert.ok(below <= numbers.length / 2 && above <= numbers.length / 2);
      assert.equal(middle, medianOf(numbers.toReversed()));
    }),
  );
});

test('two timed coats teach nothing yet; three do, by the middle one', () => {
  assert.equal(factorOf(taking(2, 2)), 1);
  const three = taking(1, 2, 3);
  assert.ok(Math.abs(factorOf(three) - 2) < 0.1, `${factorOf(three)}`);
  assert.equal(learntPaces(three.job).learnt.get('roller')?.entries, 3);
});

test('what one kind of work taught counts for no other', () => {
  const worked = taking(2, 2, 2);
  assert.equal(paceKeyOf(worked.step('coat-1/back')), 'roller');
  assert.notEqual(paceKeyOf(worked.step('wash')), 'roller');
  assert.equal(learntPaces(worked.job).factorOf(worked.step('wash')), 1);
});

test('what was typed and not timed, or took beyond belief, teaches nothing', () => {
  const typed = new WorkedDays();
  STEPS.slice(0, 4).forEach((name, index) => typed.done(name, `2027-03-0${index + 1}T09:00`, { minutes: 60 }));
  assert.deepEqual(measuredSteps(typed.job), []);
  const odd = taking(2, 2, 2, 5.2, 0.1);
  assert.equal(measuredSteps(odd.job).length, 3);
  assert.equal(measuredSteps(taking(4.8, 0.3).job).length, 2);
});

test('minutes are held against the pace of the hands that took them', () => {
  const worked = new WorkedDays().tell('add-painter', { entry: { ...worked0().job.crew[0]!, ...helper } });
  const minutes = Math.round(worked.step('coat-1/back').minutes * SKILL_FACTOR['first-timer']);
  worked.done('coat-1/back', '2027-03-01T09:00', { ...timed, by: 'painter-2', minutes });
  const [measured] = measuredSteps(worked.job);
  assert.ok(
    Math.abs(measured!.minutes / measured!.usual - 1) < 0.05,
    'a beginner who takes a beginner’s time is on pace',
  );
});
const worked0 = (): WorkedDays => new WorkedDays();

test('timed steps stand in the order in which they were done, in whatever order they were stamped', () => {
  const worked = new WorkedDays();
  for (const [name, day] of [
    ['coat-2/back', 3],
    ['coat-1/back', 1],
    ['coat-1/front', 2],
  ] as const)
    worked.done(name, `2027-03-0${day}T09:00`, { ...timed, minutes: 20 });
  assert.deepEqual(
    measuredSteps(worked.job).map(({ step }) => step.id),
    ['d/coat-1/back', 'd/coat-1/front', 'd/coat-2/back'],
  );
});

test('earlier jobs’ pace counts until this job has taught its own', () => {
  const before = new WorkedDays().tell('state-pace', { key: 'roller', factor: 1.4 });
  assert.equal(factorOf(before), 1.4);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readPlan } from '../planning/reading/read-plan.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { litresOfStep } from '../steps/coat-litres.ts';
import { leftAccount, usedAccount } from './bucket-account.ts';
import { bucketsOf, unopenedFor } from './tins-in-use.ts';

const TIN = {
  product: 'enamel-acrylic',
  hex: '#efece2',
  batch: '',
  boxedWith: [],
  seen: null,
  emptiedAt: null,
  end: null,
};

function litres(worked: WorkedDays, name: string): number {
  const step = worked.step(name);
  return isCoat(step) ? litresOfStep(step, worked.job.mixing.gun) : NaN;
}

/** A door on which one face of enamel lies, from a tin of so many litres. */
function oneFace(tin: number): WorkedDays {
  return new WorkedDays()
    .planned('2027-03-01T07:00')
    .tell('add-tin', { entry: { ...TIN, id: 'one', litres: tin, openedAt: '2027-03-02T08:00' } })
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:00')
    .done('coat-1/front', '2027-03-01T14:00')
    .done('denib-2', '2027-03-02T08:30')
    .done('coat-2/back', '2027-03-02T09:00', { tinId: 'one' });
}

test('what is left is what was opened, less what the stamps have drawn and what stays in the roller', () => {
  const worked = oneFace(1);
  const [bucket] = bucketsOf(worked.job, null);
  assert.ok(bucket);
  assert.ok(Math.abs(bucket.left - (1 - litres(worked, 'coat-2/back') - 0.1)) < 1e-9);
  assert.equal(bucket.isSeen, false);
});

test('what somebody saw counts more than the reckoning, and what was drawn since comes off it', () => {
  const worked = oneFace(1);
  worked.tell('change-tin', { id: worked.job.tins[0]!.id, facts: { seen: { litres: 0.5, at: '2027-03-02T10:00' } } });
  assert.equal(bucketsOf(worked.job, null)[0]?.left, 0.5);
  worked.done('coat-2/front', '2027-03-02T14:00', { tinId: 'one' });
  const left = bucketsOf(worked.job, null)[0]?.left ?? 0;
  assert.ok(Math.abs(left - (0.5 - litres(worked, 'coat-2/front') - 0.1)) < 1e-9);
});

test('the account of a bucket adds up, from the tin or from what was seen last', () => {
  const worked = oneFace(1);
  const summed = (lines: readonly string[]): number =>
    lines
      .slice(0, -1)
      .reduce((sum, line, index) => sum + (index === 0 ? 1 : -1) * Number(/([\d.]+) L/.exec(line)?.[1]), 0);
  const check = (): void => {
    const [bucket] = bucketsOf(worked.job, null);
    assert.ok(bucket, 'a tin is open');
    const lines = leftAccount(bucket, 'metric');
    assert.ok(Math.abs(summed(lines) - bucket.left) <= 0.02, lines.join(' '));
    assert.equal(lines.at(-1), `So ${bucket.left.toFixed(2)} L left.`);
    assert.match(usedAccount(bucket, 'metric').at(-1) ?? '', new RegExp(`^So ${bucket.used.toFixed(2)} L\\.`));
  };
  check();
  worked.tell('change-tin', { id: worked.job.tins[0]!.id, facts: { seen: { litres: 0.5, at: '2027-03-02T10:00' } } });
  worked.done('coat-2/front', '2027-03-02T14:00', { tinId: 'one' });
  check();
});

test('a colour that will run out is named with the piece on which it does, and boxing a tin in helps', () => {
  const worked = oneFace(0.5);
  const reading = readPlan(worked.job, worked.problem('2027-03-02T00:00'), worked.job.plan!);
  const [short] = bucketsOf(worked.job, reading);
  assert.ok(short?.ahead.runsOut, 'three faces are to come');
  assert.equal(short.ahead.runsOut.start, reading.starts.get(short.ahead.runsOut.step.id));
  assert.ok(short.left < short.ahead.litres);
  worked.tell('add-tin', { entry: { ...TIN, id: 'two', litres: 1, openedAt: '2027-03-02T10:00', boxedWith: ['one'] } });
  const boxed = bucketsOf(worked.job, reading);
  assert.equal(boxed.length, 1);
  assert.deepEqual(
    boxed[0]?.tins.map(({ id }) => id),
    ['one', 'two'],
  );
  assert.equal(boxed[0]?.ahead.runsOut, null);
});

test('another colour, and a tin that was put away, are other buckets or none', () => {
  const worked = oneFace(1).tell('add-tin', {
    entry: { ...TIN, id: 'blue', hex: '#22446a', litres: 1, openedAt: '2027-03-02T08:00' },
  });
  assert.equal(bucketsOf(worked.job, null).length, 2);
  worked.tell('change-tin', { id: worked.job.tins[1]!.id, facts: { end: { kind: 'kept', where: 'van' } } });
  assert.equal(bucketsOf(worked.job, null).length, 1);
});

test('what is needed next comes first, whichever was opened first', () => {
  const worked = oneFace(1).tell('add-tin', {
    entry: { ...TIN, id: 'blue', hex: '#22446a', litres: 1, openedAt: '2027-03-01T06:00' },
  });
  const reading = readPlan(worked.job, worked.problem('2027-03-02T00:00'), worked.job.plan!);
  const order = (buckets: ReturnType<typeof bucketsOf>): (string | undefined)[] =>
    buckets.map(({ tins }) => tins[0]?.id);
  assert.deepEqual(order(bucketsOf(worked.job, null)), ['blue', 'one']);
  assert.deepEqual(order(bucketsOf(worked.job, reading)), ['one', 'blue']);
});

test('tomorrow’s paint that nobody has opened is named with its litres', () => {
  const worked = new WorkedDays().planned('2027-03-01T07:00');
  const reading = readPlan(worked.job, worked.problem('2027-03-01T00:00'), worked.job.plan!);
  const needed = unopenedFor(worked.job, reading, 0, Infinity);
  assert.deepEqual(needed.map(({ coating }) => coating.id).sort(), ['enamel-acrylic', 'prime-bond-wb']);
  const primer = needed.find(({ coating }) => coating.id === 'prime-bond-wb');
  assert.ok(Math.abs((primer?.litres ?? 0) - litres(worked, 'coat-1/back') - litres(worked, 'coat-1/front')) < 1e-9);
});

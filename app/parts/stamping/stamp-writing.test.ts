import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readPlan } from '../../../core/planning/reading/read-plan.ts';
import { WorkedDays } from '../../../core/fixtures/worked-days.ts';
import {
  doubtAbout,
  writtenAt,
  writtenCorrection,
  writtenDone,
  writtenPartly,
  writtenStart,
  writtenTacky,
  writtenWithdrawal,
} from './stamp-writing.ts';

const PHONE = 'phone';
let ids = 0;
const stamping = (at: string) => ({ at, by: 'painter-1', newId: () => `n${++ids}`, device: PHONE });

/** A job with a plan whose door came off at nine, by this phone. */
const worked = () =>
  new WorkedDays().planned('2027-03-01T07:00').done('take-off', '2027-03-01T09:00', { device: PHONE });

test('what history calls a new plan says which piece and what of it', () => {
  const days = worked();
  const wash = days.step('wash');
  const now = stamping('2027-03-01T10:00');
  const reading = readPlan(days.job, days.problem('2027-03-01T00:00'), days.job.plan!);
  assert.equal(writtenStart([wash, days.step('degloss')], now).reason, 'D-01 started off plan');
  assert.equal(writtenDone(days.job, reading, [wash], now).reason, 'D-01 done off plan');
  assert.equal(writtenPartly(wash, 1 / 3, now).reason, 'D-01 left at 33%');
  assert.equal(writtenTacky(days.step('coat-1/back'), now).reason, 'D-01 still tacky');
  assert.deepEqual(writtenStart([], now).entries, []);
});

test('a stamp that would lie before the last one of this device is asked about, and can be written as either time', () => {
  const days = worked();
  const { job } = days;
  const late = writtenStart([days.step('wash')], stamping('2027-03-01T08:00'));
  assert.equal(doubtAbout(late, job, PHONE), '2027-03-01T09:00');
  assert.equal(doubtAbout(late, job, 'the other phone'), null, 'another device has a clock of its own');
  assert.equal(doubtAbout(writtenAt(late, '2027-03-01T09:00'), job, PHONE), null);
  assert.deepEqual(
    writtenAt(late, '2027-03-01T09:00').entries.map(({ at, event }) => [at, event]),
    [['2027-03-01T09:00', 'started']],
  );
});

test('a workshop clock may go back, and so may a correction', () => {
  const days = worked();
  const [stamp] = days.job.log;
  const earlier = writtenCorrection(stamp!, '2027-03-01T08:00', stamping('2027-03-01T10:00'));
  assert.ok(earlier.ok);
  assert.equal(doubtAbout(earlier.value, days.job, PHONE), null);
  assert.equal(earlier.value.entries[0]?.replaces, stamp?.id);
  assert.equal(writtenWithdrawal(stamp!, stamping('2027-03-01T10:00')).entries[0]?.replaces, stamp?.id);
  days.tell('change-settings', { clock: { kind: 'simulated', now: '2027-03-01T08:00' } });
  const set = writtenStart([days.step('wash')], stamping('2027-03-01T08:00'));
  assert.equal(doubtAbout(set, days.job, PHONE), null);
});

test('a stamp can’t be corrected to what is still to come', () => {
  const [stamp] = worked().job.log;
  const corrected = writtenCorrection(stamp!, '2027-03-01T10:01', stamping('2027-03-01T10:00'));
  assert.ok(!corrected.ok && corrected.message.includes('in the future'));
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { clocksOf } from '../../../core/clocks/job-clocks.ts';
import { WorkedDays } from '../../../core/fixtures/worked-days.ts';
import { startsAfter, usualStart } from './pass-start.ts';
import { passesOf, usualPass } from '../../../core/steps/coat-passes.ts';

const DAYS = 20;
const planned = () => new WorkedDays().planned('2027-03-01T07:00');

test('a pass begins as it is planned while that is to come, and now once it is past or not planned', () => {
  const days = planned();
  const { job } = days;
  const { id } = days.step('coat-1/back');
  const clocks = clocksOf(job, DAYS);
  const start = job.plan!.tasks.find((task) => task.id === id)!.start * job.plan!.tickMinutes;
  assert.ok(start > 0);
  assert.equal(usualStart(job, id, clocks, 0), start);
  assert.equal(usualStart(job, id, clocks, start), start);
  assert.equal(usualStart(job, id, clocks, start + 1), start + 1);
  assert.equal(usualStart(job, null, clocks, 77), 77);
  assert.equal(usualStart(job, 'none such', clocks, 77), 77);
  assert.equal(usualStart(new WorkedDays().job, id, clocks, 77), 77, 'a job without a plan');
  const short = { t0: clocks.t0, hours: Math.floor(start / 60) + 23 };
  assert.equal(usualStart(job, id, short, 0), 0, 'a day must be left on the clocks to watch it dry');
});

test('one may wait for full hours in which the crew works, three days ahead', () => {
  const { job } = planned();
  const { days } = clocksOf(job, DAYS);
  const nine = 9 * 60;
  const starts = startsAfter(job, { days }, nine + 30);
  assert.equal(starts[0], 10 * 60, 'the next full hour');
  assert.deepEqual(
    starts,
    [...new Set(starts)].sort((one, other) => one - other),
  );
  assert.ok(starts.every((time) => time % 60 === 0 && time < nine + 30 + 3 * 1440));
  const clockHours = new Set(starts.map((time) => (time / 60) % 24));
  assert.ok(!clockHours.has(3) && !clockHours.has(23), 'nobody works at night');
  assert.equal(startsAfter(job, { days }, nine).includes(nine), false, 'the hour itself is no wait');
});

test('the first topcoat is looked at, since it shows every lap; without a build-up something to try', () => {
  const { job, piece } = planned();
  const passes = passesOf(job, piece);
  assert.ok(passes.length > 1);
  assert.equal(usualPass(passes)?.coating.role, 'topcoat');
  assert.equal(usualPass(passes.filter(({ coating }) => coating.role !== 'topcoat'))?.coating.role, 'primer');
  assert.equal(usualPass([]), undefined);
  const bare = { ...job, groups: job.groups.map((group) => ({ ...group, buildUp: null })) };
  assert.deepEqual(
    passesOf(bare, piece).map(({ id, stepId, faces }) => [id, stepId, faces]),
    [['tried', null, ['front', 'back']]],
  );
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../../../../core/fixtures/jobs.ts';
import { deadlineReading } from '../deadline.ts';
import { timeAxis } from './time-axis.ts';

const { job } = new TestJob();
const axis = timeAxis(
  job.crew,
  { t0: '2027-03-01T00:00', timeZone: job.site.timeZone },
  { from: 480, until: 4 * 1440 + 60 },
  20,
);

test('time goes on steadily to the right, working hours wide and nights folded', () => {
  let before = -1;
  for (let minutes = 0; minutes <= axis.days * 1440; minutes += 7) {
    const x = axis.x(minutes);
    assert.ok(x > before || minutes === 0);
    before = x;
  }
  assert.equal(axis.days, 5);
  assert.ok(Math.abs(axis.x(10 * 60) - axis.x(9 * 60) - 20) < 1e-9, 'an hour of work');
  assert.ok(axis.x(3 * 60) - axis.x(2 * 60) < 6, 'an hour of the night');
  assert.equal(axis.isWorking(9), true);
  assert.equal(axis.isWorking(20), false);
  for (const minutes of [0, 95, 480, 481.5, 1200, 3 * 1440 + 700]) {
    assert.ok(Math.abs(axis.minutesAt(axis.x(minutes)) - minutes) < 1e-6, 'and back');
  }
  assert.equal(axis.x(-50), 0);
  assert.equal(axis.x(1e6), axis.width);
});

test('the bubble stands right of the lines when late, between them with little in hand, left with much', () => {
  assert.equal(deadlineReading(2000, 1000).reading.side, 'after');
  assert.equal(deadlineReading(1000, 2000).reading.side, 'between');
  assert.equal(deadlineReading(0, 20 * 1440).reading.side, 'before');
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { minutesSince } from '../job/site-time.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { jobToProblem } from '../planning/drafting/job-to-problem.ts';
import { readinessOf, USES, type Readiness } from './readiness.ts';

const NOW = '2027-03-01T07:00';
const HOUR = 60;

/** When the last coats of D-01 were finished, hour by hour from Monday's midnight, and from when that lets it be used. */
function readiness(made: TestJob, ends: Record<string, number>): Readiness {
  const [row] = readinessOf(made.job, jobToProblem(made.job, NOW), new Map(Object.entries(ends)));
  assert.ok(row);
  return row;
}

/** A climate in which every clock runs as the tin says. */
const asOnTheTin = (made: TestJob): TestJob => {
  const swing = { warmest: 23, coldest: 23, humidityAtWarmest: 50, humidityAtColdest: 50 };
  for (const climate of made.job.climates) {
    made.tell('change-climate', { id: climate.id, facts: { usual: swing } });
  }
  return made;
};

test('in the tin’s own climate, dates are the tin’s hours after the last coat of the slower face', () => {
  const made = asOnTheTin(new TestJob().door('d').coated());
  const row = readiness(made, { 'd/coat-3/back': 10 * HOUR, 'd/coat-3/front': 14 * HOUR });
  assert.equal(row.lastCoat, 14 * HOUR);
  // Acrylic trim enamel: 3, 30, 156, 336 and 600 hours.
  assert.deepEqual(
    USES.map((use) => Math.round((row.from[use] ?? 0) / HOUR) - 14),
    [3, 30, 156, 336, 600],
  );
  assert.equal(row.isDone, false);
});

test('a warmer room hurries what is left from the hour at which the door hangs there', () => {
  const cold = { warmest: 12, coldest: 12, humidityAtWarmest: 60, humidityAtColdest: 60 };
  const made = asOnTheTin(new TestJob().door('d').coated());
  const workshop = made.job.climates.find(({ id }) => id === 'workshop')!;
  made.tell('change-climate', { id: workshop.id, facts: { usual: cold } });
  const ends = { 'd/coat-3/back': 10 * HOUR, 'd/coat-3/front': 14 * HOUR };
  const onRack = readiness(made, ends);
  const hung = readiness(made, { ...ends, 'd/rehang': 100 * HOUR });
  assert.deepEqual(hung.hung, { at: 100 * HOUR, isDone: false });
  assert.equal(hung.from.handle, onRack.from.handle, 'what was reached on the rack stays');
  assert.ok((hung.from.close ?? 0) < (onRack.from.close ?? 0));
});

test('what is stamped counts, not what was planned', () => {
  const made = asOnTheTin(new TestJob().door('d').coated());
  const stamp = (taskId: string, at: string): void =>
    void made.tell('stamp', { entries: [{ id: taskId, at, taskId, event: 'done', by: null, minutes: 20 }] });
  stamp('d/coat-3/back', '2027-03-01T20:00');
  stamp('d/coat-3/front', '2027-03-01T22:00');
  const row = readiness(made, { 'd/coat-3/back': 10 * HOUR, 'd/coat-3/front': 14 * HOUR });
  assert.equal(row.lastCoat, 22 * HOUR);
  assert.equal(row.isDone, true);
  assert.equal(Math.round(row.from.handle ?? 0), 25 * HOUR);
});

test('a door that was hung before its last coat has the dates of the coats that are on it', () => {
  const worked = new WorkedDays()
    .doneAll(['take-off', 'wash', 'degloss'], '2027-03-01T08:00')
    .done('coat-1/back', '2027-03-01T10:20')
    .done('coat-1/front', '2027-03-01T13:20');
  const row = () => readinessOf(worked.job, worked.problem('2027-03-02T08:00'), new Map())[0]!;
  assert.equal(row().lastCoat, null, 'two coats are still to come, and not planned');
  worked.done('rehang', '2027-03-02T07:30');
  const { lastCoat, isDone, from, hung } = row();
  const { t0 } = worked.problem('2027-03-02T08:00').clocks;
  assert.equal(lastCoat, minutesSince(t0, '2027-03-01T13:20', worked.job.site.timeZone));
  assert.deepEqual([isDone, hung?.isDone], [true, true]);
  assert.ok(from.close !== null && from.close > (lastCoat ?? 0));
});

test('a last coat that nobody has planned has no dates, nor has one that never dries', () => {
  const made = new TestJob().door('d').coated();
  const unplanned = readiness(made, { 'd/coat-3/back': 10 * HOUR });
  assert.equal(unplanned.lastCoat, null);
  assert.deepEqual(
    USES.map((use) => unplanned.from[use]),
    [null, null, null, null, null],
  );
  const frost = { warmest: 2, coldest: 0, humidityAtWarmest: 90, humidityAtColdest: 95 };
  for (const climate of made.job.climates) made.tell('change-climate', { id: climate.id, facts: { usual: frost } });
  assert.equal(readiness(made, { 'd/coat-3/back': 600, 'd/coat-3/front': 700 }).from.handle, null);
});

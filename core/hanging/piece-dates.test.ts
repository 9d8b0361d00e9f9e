import assert from 'node:assert/strict';
import { test } from 'node:test';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { pieceDates } from './piece-dates.ts';
import { readinessOf } from './readiness.ts';

/** Minutes from the clocks' t0: what a forecast is compared with here does not matter. */
const NOW = 0;
const eventsOf = (days: WorkedDays, now: string, ends: ReadonlyMap<string, number> = new Map()): string[] =>
  readinessOf(days.job, days.problem(now), ends).flatMap((row) =>
    pieceDates(row, NOW).map(({ event, isLogged }) => (isLogged ? `${event}, logged` : event)),
  );
const coated = (): WorkedDays =>
  new WorkedDays().doneAll(
    ['take-off', 'wash', 'degloss', 'coat-1/back', 'coat-1/front', 'coat-2/back', 'coat-2/front'],
    '2027-03-01T08:00',
  );
const finished = (): WorkedDays => coated().doneAll(['denib-3', 'coat-3/back', 'coat-3/front'], '2027-03-02T08:00');

test('a door has its dates in their order, the last coat first, and hanging where it falls', () => {
  assert.deepEqual(eventsOf(finished(), '2027-03-02T12:00'), [
    'last-coat, logged',
    'handle',
    'rehang',
    'close',
    'wash',
    'full',
  ]);
  const hungLate = finished().done('rehang', '2027-03-20T09:00');
  const dates = eventsOf(hungLate, '2027-03-20T12:00');
  assert.ok(dates.indexOf('hung, logged') > dates.indexOf('close'), dates.join(' '));
});

test('what is painted in place has no date to hang from, and what has no planned last coat has no dates', () => {
  assert.deepEqual(eventsOf(coated(), '2027-03-02T12:00'), []);
  const planned = new Map([
    ['d/coat-3/back', 3_000],
    ['d/coat-3/front', 3_100],
  ]);
  assert.ok(eventsOf(coated(), '2027-03-02T12:00', planned).includes('last-coat'));
  const inPlace = new WorkedDays({ comesOff: false });
  const ends = new Map(pieceSteps(inPlace.job, inPlace.piece).map(({ id }): [string, number] => [id, 3_000]));
  const dates = eventsOf(inPlace, '2027-03-02T12:00', ends);
  assert.ok(dates.includes('close') && !dates.includes('rehang'), dates.join(' '));
});

test('a use is reached once its coats are logged and its hour has come, never by the plan alone', () => {
  const LATER = 60 * 1440;
  const reached = (days: WorkedDays, ends: ReadonlyMap<string, number> = new Map()): string[] =>
    readinessOf(days.job, days.problem('2027-03-02T12:00'), ends).flatMap((row) =>
      pieceDates(row, LATER).flatMap(({ event, isReached }) => (isReached ? event : [])),
    );
  const planned = new Map(['d/coat-3/back', 'd/coat-3/front', 'd/rehang'].map((id): [string, number] => [id, 3_000]));
  assert.deepEqual(reached(coated(), planned), []);
  assert.deepEqual(reached(finished(), new Map([['d/rehang', 9_000]])), [
    'last-coat',
    'handle',
    'rehang',
    'close',
    'wash',
    'full',
  ]);
});

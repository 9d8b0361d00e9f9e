import assert from 'node:assert/strict';
import { test } from 'node:test';
import { mayClose } from '../hanging/apart-reminder.ts';
import { readinessOf } from '../hanging/readiness.ts';
import { isCoat } from '../steps/wetness/current-coats.ts';
import { pieceSteps } from '../steps/piece-steps.ts';
import { localTime } from '../job/site-time.ts';
import { remindersOf } from '../running/reminders.ts';
import { WorkedDays } from '../fixtures/worked-days.ts';
import { filmCheckDue } from './film-check-reminder.ts';

/** A door with all its coats on, one a day at noon, and hung. */
function hung(): WorkedDays {
  const worked = new WorkedDays().planned('2027-03-01T07:00');
  let day = 1;
  for (const step of pieceSteps(worked.job, worked.piece)) {
    worked.done(step.id.replace('d/', ''), `2027-03-${String(isCoat(step) ? ++day : day).padStart(2, '0')}T12:00`);
  }
  return worked;
}
const lastDay = '2027-03-20T12:00';

test('a wedge comes out when the door may close, and nothing is said once it is out', () => {
  const worked = hung().tell('keep-apart', { id: 'd', keptApart: { by: 'wedge', since: '2027-03-08T12:00' } });
  const day = worked.day(lastDay);
  const [row] = readinessOf(worked.job, day.problem, new Map());
  const [reminder, ...more] = mayClose.from(day);
  assert.equal(more.length, 0);
  assert.match(reminder!.words, /wedge out of D-01/);
  assert.equal(reminder!.at, row?.from.close);
  assert.deepEqual(mayClose.from(worked.tell('keep-apart', { id: 'd', keptApart: null }).day(lastDay)), []);
});

test('each check of the film rings when its clock says that it tells something, until it is made', () => {
  const worked = hung();
  const day = worked.day('2027-03-08T07:00');
  const rows = readinessOf(worked.job, day.problem, new Map());
  const due = filmCheckDue.from(day);
  assert.deepEqual(
    due.map(({ id, at }) => [id.split('/')[1], at]),
    [
      ['fingernail', rows[0]?.from.close],
      ['adhesion', rows[0]?.from.wash],
      ['colour-fast', rows[0]?.from.wash],
    ],
  );
  const nail = due[0]!;
  const later = localTime(day.reading.t0, nail.at + 30, 'Europe/Berlin').toFormat("yyyy-MM-dd'T'HH:mm");
  const rung = remindersOf(worked.day(later), [filmCheckDue]).filter(({ at }) => at <= nail.at + 30);
  assert.deepEqual(
    rung.map(({ id }) => id),
    [nail.id],
  );
  const check = { id: 'c', check: 'fingernail', pieceId: 'd', face: 'front', at: later, held: true, note: '' } as const;
  const made = worked.tell('add-film-check', { filmCheck: check }).day(later);
  assert.ok(filmCheckDue.from(made).every(({ id }) => !id.includes('fingernail')));
});

test('a door that still lacks a coat has no check of its film', () => {
  const worked = new WorkedDays().planned('2027-03-01T07:00').done('coat-1/back', '2027-03-01T12:00');
  assert.deepEqual(filmCheckDue.from(worked.day('2027-03-08T07:00')), []);
});

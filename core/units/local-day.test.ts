import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DateTime } from 'luxon';
import { localDays } from './local-day.ts';

test('days follow each other without a gap, also over the nights when clocks change', () => {
  for (const [zone, date] of [
    ['Europe/Berlin', '2027-03-25'],
    ['Europe/Berlin', '2027-10-28'],
    ['America/Santiago', '2027-09-01'],
    ['UTC', '2027-03-25'],
  ] as const) {
    const days = localDays(date, zone, 10);
    days.forEach((day, index) => {
      const next = days[index + 1];
      if (next) assert.equal(day.startsAt + day.minutes, next.startsAt, `${zone} ${day.date}`);
      assert.equal(day.at(24, 0), day.startsAt + day.minutes);
    });
  }
});

test('eight in the morning is seven hours after midnight when clocks go forward, nine when they go back', () => {
  const [plain] = localDays('2027-03-27', 'Europe/Berlin', 1);
  const [forward] = localDays('2027-03-28', 'Europe/Berlin', 1);
  const [back] = localDays('2027-10-31', 'Europe/Berlin', 1);
  assert.deepEqual(
    [plain, forward, back].map((day) => [day!.minutes, day!.at(8, 30)]),
    [
      [1440, 510],
      [1380, 450],
      [1500, 570],
    ],
  );
  assert.deepEqual(
    [1, 2, 3].map((elapsed) => forward!.clockHour(elapsed)),
    [1, 3, 4],
  );
  assert.deepEqual(
    [2, 3, 4].map((elapsed) => back!.clockHour(elapsed)),
    [2, 2, 3],
  );
  assert.equal(plain!.weekday, 6);
});

test('a year of days is the calendar’s, in places that change their clocks early, late, at midnight or not at all', () => {
  for (const zone of ['Europe/Berlin', 'America/Santiago', 'Asia/Beirut', 'Africa/Casablanca', 'Asia/Kolkata']) {
    let expected = DateTime.fromISO('2026-11-20', { zone }).startOf('day');
    const t0 = expected.toMillis();
    for (const { date, weekday, startsAt } of localDays('2026-11-20', zone, 380)) {
      assert.deepEqual(
        [date, weekday, startsAt],
        [expected.toISODate(), expected.weekday, (expected.toMillis() - t0) / 60_000],
        zone,
      );
      expected = expected.plus({ days: 1 }).startOf('day');
    }
  }
});

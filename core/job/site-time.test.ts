import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { DateTime } from 'luxon';
import { localDate, localIso, localTime, minutesSince } from './site-time.ts';

const zones = fc.constantFrom('Europe/Berlin', 'America/St_Johns', 'Asia/Kathmandu', 'Australia/Lord_Howe', 'UTC');
const starts = fc.constantFrom('2027-01-31T00:00', '2027-03-28T00:00', '2027-10-30T06:45', '2028-02-29T23:59');

test('local times are those of the calendar, also across the nights on which clocks change', () => {
  fc.assert(
    fc.property(zones, starts, fc.integer({ min: 0, max: 400 * 1440 }), (zone, t0, minutes) => {
      const plain = DateTime.fromISO(t0, { zone }).plus({ minutes });
      const time = localTime(t0, minutes, zone);
      assert.equal(localIso(time).slice(0, 16), plain.toFormat("yyyy-MM-dd'T'HH:mm"));
      assert.equal(time.offset, plain.offset);
      assert.equal(localDate(t0, minutes, zone), plain.toISODate());
      assert.equal(minutesSince(t0, localIso(time), zone), minutes, localIso(time));
    }),
  );
});

test('a day on which clocks go forward has 23 hours', () => {
  assert.equal(minutesSince('2027-03-28T00:00', '2027-03-29T00:00', 'Europe/Berlin'), 23 * 60);
  assert.equal(minutesSince('2027-10-31T00:00', '2027-11-01T00:00', 'Europe/Berlin'), 25 * 60);
});

test('what never comes is no time', () => {
  assert.equal(localTime('2027-03-01T00:00', Infinity, 'UTC').isValid, false);
});

test('the hour that autumn shows twice is written so that both can be told apart', () => {
  const at = (minutes: number): string => localIso(localTime('2027-10-31T00:00', minutes, 'Europe/Berlin'));
  assert.deepEqual(
    [at(150), at(179), at(180), at(210), at(240)],
    [
      ...['2027-10-31T02:30', '2027-10-31T02:59'],
      ...['2027-10-31T02:00+01:00', '2027-10-31T02:30+01:00', '2027-10-31T03:00'],
    ],
  );
});

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
      assert.equal(localIso(time), plain.toFormat("yyyy-MM-dd'T'HH:mm"));
      assert.equal(time.offset, plain.offset);
      assert.equal(localDate(t0, minutes, zone), plain.toISODate());
      // An hour that the clocks show twice is taken for the first of both.
      const back = minutesSince(t0, localIso(time), zone);
      assert.ok(back === minutes || minutes - back === 60 || minutes - back === 30, `${back} for ${minutes}`);
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

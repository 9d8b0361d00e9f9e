import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { supposedLatitude, usualOpenDay, warmFrom } from './usual-season.ts';

const anyDate = fc
  .integer({ min: 0, max: 365 })
  .map((days) => new Date(Date.UTC(2027, 0, 1 + days)).toISOString().slice(0, 10));

test('summer is warmer than winter on either side of the equator, and air is never wetter than full', () => {
  assert.ok(usualOpenDay('2027-07-15', 52).warmest > usualOpenDay('2027-01-15', 52).warmest + 10);
  assert.ok(usualOpenDay('2027-01-15', -35).warmest > usualOpenDay('2027-07-15', -35).warmest + 5);
  fc.assert(
    fc.property(anyDate, fc.integer({ min: -90, max: 90 }), (date, latitude) => {
      const day = usualOpenDay(date, latitude);
      assert.ok(day.coldest < day.warmest && day.humidityAtWarmest < day.humidityAtColdest);
      assert.ok(day.humidityAtWarmest > 20 && day.humidityAtColdest <= 97);
    }),
  );
});

test('the first warm day is warm, and the day before it is not', () => {
  fc.assert(
    fc.property(anyDate, fc.integer({ min: -60, max: 60 }), (date, latitude) => {
      const found = warmFrom(date, latitude, 14);
      if (found === null) return;
      assert.ok(usualOpenDay(found, latitude).warmest >= 14 && found >= date);
      const before = new Date(Date.parse(found) - 86_400_000).toISOString().slice(0, 10);
      if (found > date) assert.ok(usualOpenDay(before, latitude).warmest < 14);
    }),
  );
  assert.equal(warmFrom('2027-01-01', 90, 40), null);
});

test('clocks put forward in January lie in the south', () => {
  assert.ok(supposedLatitude('Europe/Berlin', 2027) > 0);
  assert.ok(supposedLatitude('Australia/Sydney', 2027) < 0);
  assert.ok(supposedLatitude('Asia/Tokyo', 2027) > 0);
});

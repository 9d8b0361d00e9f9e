import assert from 'node:assert/strict';
import { test } from 'node:test';
import { airAt, climateSchema, type Climate } from './climate.ts';
import { vapourPressure } from './humidity.ts';
import { localDays } from '../units/local-day.ts';
import { hourlyAir, localHours } from './hourly-air.ts';

const usual = { warmest: 18, coldest: 10, humidityAtWarmest: 50, humidityAtColdest: 80 };
const climate: Climate = { id: 'shed', name: 'Shed', ventilation: 'normal', usual, exceptions: [], heating: null };
const cold = { ...usual, coldest: 2, humidityAtColdest: 95 };

test('a day is coldest at five and warmest at fifteen', () => {
  const day = Array.from({ length: 24 }, (_unused, hour) => airAt(climate, '2027-03-02', '2027-03-03', hour));
  assert.deepEqual(day[5], { temperature: 10, humidity: 80 });
  assert.deepEqual(day[15], { temperature: 18, humidity: 50 });
  assert.ok(day.every((air) => air.temperature >= 10 && air.temperature <= 18));
});

test('a cold night begins on the evening before its date, and not earlier', () => {
  const shed = { ...climate, exceptions: [{ date: '2027-03-03', swing: cold }] };
  assert.equal(airAt(shed, '2027-03-03', '2027-03-04', 5).temperature, 2);
  assert.ok(
    airAt(shed, '2027-03-02', '2027-03-03', 23).temperature <
      airAt(climate, '2027-03-02', '2027-03-03', 23).temperature,
  );
  assert.deepEqual(airAt(shed, '2027-03-02', '2027-03-03', 14), airAt(climate, '2027-03-02', '2027-03-03', 14));
});

test('heating over midnight keeps the vapour and dries the air', () => {
  const heated = { ...climate, heating: { setPoint: 20, from: 22, until: 6 } };
  const before = airAt(climate, '2027-03-02', '2027-03-03', 2);
  const after = airAt(heated, '2027-03-02', '2027-03-03', 2);
  assert.equal(after.temperature, 20);
  assert.ok(Math.abs(vapourPressure(20, after.humidity) - vapourPressure(before.temperature, before.humidity)) < 1e-9);
  assert.deepEqual(airAt(heated, '2027-03-02', '2027-03-03', 12), airAt(climate, '2027-03-02', '2027-03-03', 12));
});

test('the night when clocks go forward has one hour less, and the one when they go back has one more', () => {
  assert.equal(localHours(localDays('2027-03-28', 'Europe/Berlin', 1)).length, 23);
  assert.equal(localHours(localDays('2027-10-31', 'Europe/Berlin', 1)).length, 25);
  assert.equal(hourlyAir(climate, localHours(localDays('2027-03-01', 'Europe/Berlin', 3))).length, 72);
});

test('a coldest hour above the warmest is refused where it stands', () => {
  const refused = climateSchema.safeParse({ ...climate, usual: { ...usual, coldest: 19 } });
  assert.deepEqual(refused.error?.issues[0]?.path, ['usual', 'coldest']);
});

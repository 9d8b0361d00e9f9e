import assert from 'node:assert/strict';
import { test } from 'node:test';
import { AirSeries } from './air-series.ts';
import { correctedAir } from './bias-correction.ts';

const forecast = AirSeries.of(Array.from({ length: 72 }, () => ({ temperature: 16, humidity: 60 })));
const reading = (hour: number, temperature: number, humidity = 60) => ({ hour, temperature, humidity });

test('without readings the forecast stands, and what came before a reading is left alone', () => {
  assert.equal(correctedAir(forecast, []), forecast);
  assert.deepEqual(correctedAir(forecast, [reading(10, 12)]).slice(0, 10), forecast.slice(0, 10));
});

test('in the hour of a reading the air is what was read', () => {
  const { temperature, humidity } = correctedAir(forecast, [reading(10, 12, 81)]).at(10)!;
  assert.ok(Math.abs(temperature - 12) < 1e-9 && Math.abs(humidity - 81) < 1e-9);
});

test('one reading is soon forgotten but for a third of it; a room that is always colder stays so', () => {
  const once = correctedAir(forecast, [reading(10, 12)]).at(70)!.temperature;
  assert.ok(Math.abs(once - (16 - 4 / 3)) < 0.05, `${once}`);
  const often = [10, 14, 18, 22, 26, 30, 34].map((hour) => reading(hour, 12));
  const after = correctedAir(forecast, often).at(70)!.temperature;
  assert.ok(Math.abs(after - (16 - (4 * 7) / 9)) < 0.05, `${after}`);
});

test('one reading that is far off hardly moves what many have said', () => {
  const steady = [2, 6, 10, 14, 18].map((hour) => reading(hour, 16));
  const slip = correctedAir(forecast, [...steady, reading(20, 30)]);
  assert.ok(slip.at(70)!.temperature < 16.2);
});

test('a reading outside the forecast counts for nothing', () => {
  assert.equal(correctedAir(forecast, [reading(-3, 5), reading(200, 5)]), forecast);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { localDays } from '../units/local-day.ts';
import { AirSeries } from './air-series.ts';
import { climateSchema, PLAIN_CLIMATE, type Air, type Climate } from './climate.ts';
import { hourlyAir, hourlyAirFrom, shelteredAir } from './hourly-air.ts';
import { vapourPressure } from './humidity.ts';
import { hourKey, localHours } from './local-hours.ts';

const usual = { warmest: 18, coldest: 10, humidityAtWarmest: 50, humidityAtColdest: 80 };
const shed: Climate = { ...PLAIN_CLIMATE, id: 'shed', name: 'Shed', usual };
const cold = { ...usual, coldest: 2, humidityAtColdest: 95 };
const hours = localHours(localDays('2027-03-01', 'Europe/Berlin', 4));
const airOf = (facts: Partial<Climate>): ((day: number, hour: number) => Air) => {
  const air = hourlyAir({ ...shed, ...facts }, hours, new AirSeries(0));
  return (day, hour) => air.at((day - 1) * 24 + hour)!;
};
const plain = airOf({});
const at = (hour: number, temperature: number, humidity = 60) => ({
  at: `2027-03-02T${String(hour).padStart(2, '0')}:00`,
  temperature,
  humidity,
  wind: null,
  cloud: null,
  rain: null,
});

test('a day is coldest at five and warmest at fifteen', () => {
  assert.deepEqual(plain(1, 5), { temperature: 10, humidity: 80 });
  assert.equal(plain(1, 15).temperature, 18);
  assert.ok(hours.every((_hour, index) => plain(1, index).temperature >= 10 && plain(1, index).temperature <= 18));
});

test('a cold night begins on the evening before its date, and not earlier', () => {
  const night = airOf({ exceptions: [{ date: '2027-03-03', swing: cold }] });
  assert.equal(night(3, 5).temperature, 2);
  assert.ok(night(2, 23).temperature < plain(2, 23).temperature);
  assert.deepEqual(night(2, 14), plain(2, 14));
});

test('heating over midnight keeps the vapour and dries the air', () => {
  const heated = airOf({
    heating: { spans: [{ setPoint: 20, from: 22, until: 6 }], warmUp: 60, holds: 0, onSince: null },
  });
  const [before, after] = [plain(2, 2), heated(2, 2)];
  assert.equal(after.temperature, 20);
  assert.ok(Math.abs(vapourPressure(20, after.humidity) - vapourPressure(before.temperature, before.humidity)) < 1e-9);
  assert.deepEqual(heated(2, 12), plain(2, 12));
});

test('heating warms up by so many K an hour, holds its warmth for a while, and never goes beyond its set-point', () => {
  const heated = airOf({
    heating: { spans: [{ setPoint: 20, from: 6, until: 16 }], warmUp: 2, holds: 3, onSince: null },
  });
  const gained = (hour: number): number => heated(2, hour).temperature - plain(2, hour).temperature;
  assert.ok(gained(6) > 1.9 && gained(6) < 2.3, `${gained(6)} K in the first hour`);
  assert.ok(Math.abs(gained(7) - gained(6) - 2) < 1e-9, 'two K more in the second');
  assert.equal(heated(2, 14).temperature, 20);
  assert.ok(Math.abs(gained(18) / gained(17) - Math.exp(-1 / 3)) < 1e-9, 'dies away by its time constant');
});

test('heating through the night is warm already on the first morning', () => {
  const heated = airOf({
    heating: { spans: [{ setPoint: 20, from: 22, until: 6 }], warmUp: 1, holds: 3, onSince: null },
  });
  assert.ok(Math.abs(heated(1, 3).temperature - heated(2, 3).temperature) < 0.5);
});

test('a place that is heated no more from an hour on keeps what it was, and loses its warmth by its time constant', () => {
  const none = new AirSeries(0);
  const was = hourlyAir(
    { ...shed, heating: { spans: [{ setPoint: 20, from: 7, until: 17 }], warmUp: 4, holds: 2, onSince: null } },
    hours,
    none,
  );
  const cooled = hourlyAirFrom(shed, hours, none, { hour: 36, was, holds: 2 });
  assert.deepEqual([...cooled.temperature.slice(0, 36)], [...was.temperature.slice(0, 36)]);
  const left = (hour: number): number => cooled.temperature[hour]! - plain(1, hour).temperature;
  assert.ok(left(36) > 1);
  assert.ok(Math.abs(left(37) / left(36) - Math.exp(-1 / 2)) < 1e-9);
});

test('a measured hour stands as it is, heated or not; an hour beside it is computed', () => {
  const heating = { spans: [{ setPoint: 22, from: 0, until: 23 }], warmUp: 60, holds: 0, onSince: null };
  const logged = airOf({ heating, stated: { hours: [at(9, 12.5, 71)], taken: [] } });
  assert.deepEqual([logged(2, 9).temperature, logged(2, 9).humidity], [12.5, 71]);
  assert.equal(logged(2, 10).temperature, 22);
});

test('behind walls the open air comes late, damped and no damper than it was', () => {
  const open = AirSeries.of(
    hours.map((_hour, index) => ({ temperature: 10 + 6 * Math.sin(((index - 9) / 24) * 2 * Math.PI), humidity: 70 })),
  );
  const inside = shelteredAir(open, { lag: 6, warmer: 0 });
  const lastDay = (air: AirSeries): number[] => [...air.temperature.slice(72)];
  const swing = (air: AirSeries): number => Math.max(...lastDay(air)) - Math.min(...lastDay(air));
  const peak = (air: AirSeries): number => lastDay(air).indexOf(Math.max(...lastDay(air)));
  // A first-order lag of 6 h damps a daily wave to 1/√(1+(2π·6/24)²) = 0.54 and delays it by atan(π/2)/2π·24 = 3.8 h.
  assert.ok(Math.abs(swing(inside) / swing(open) - 0.537) < 0.04, `${swing(inside) / swing(open)}`);
  assert.ok(Math.abs(peak(inside) - peak(open) - 3.8) <= 1);
  assert.equal(shelteredAir(open, { lag: 0, warmer: 2 }).temperature[30], open.temperature[30]! + 2);
});

test('the night when clocks go forward has one hour less, and the one when they go back has one more', () => {
  assert.equal(localHours(localDays('2027-03-28', 'Europe/Berlin', 1)).length, 23);
  const autumn = localHours(localDays('2027-10-31', 'Europe/Berlin', 1));
  assert.equal(autumn.length, 25);
  assert.equal(autumn.filter((hour) => hourKey(hour) === '2027-10-31T02:00').length, 2);
});

test('a coldest hour above the warmest is refused where it stands', () => {
  const refused = climateSchema.safeParse({ ...shed, usual: { ...usual, coldest: 19 } });
  assert.deepEqual(refused.error?.issues[0]?.path, ['usual', 'coldest']);
});

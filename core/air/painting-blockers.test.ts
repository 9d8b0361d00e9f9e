import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { dewPoint } from './humidity.ts';
import {
  PAINTING_BLOCKERS,
  hindrancesOf,
  paintingHour,
  type FacedHour,
  type PaintingBlocker,
  type PaintingHour,
  type PaintLimits,
} from './painting-blockers.ts';

const FINE: FacedHour = {
  temperature: 16,
  humidity: 60,
  surface: 16,
  direct: 0,
  wind: 2,
  rain: 0,
  isDark: false,
};
const LIMITS: PaintLimits = {
  minTemperature: 9,
  maxTemperature: 35,
  maxHumidity: 85,
  mostWind: 8,
  rainSafe: 4,
  notInSun: true,
};
const TOUCH_DRY_AFTER = 3;
const day = (odd: Readonly<Record<number, Partial<FacedHour>>>): PaintingHour[] =>
  Array.from({ length: 12 }, (_unused, hour) => paintingHour({ ...FINE, ...odd[hour] }));
const told = (odd: Readonly<Record<number, Partial<FacedHour>>>, limits: Partial<PaintLimits> = {}): string =>
  hindrancesOf(day(odd), { ...LIMITS, ...limits }, (hour) => hour + TOUCH_DRY_AFTER)
    .map(([first]) => first ?? '·')
    .join(' ');

test('nothing stands in the way of a fine day', () => {
  assert.equal(told({}), '· · · · · · · · · · · ·');
});

test('rain now, and rain before the coat is rain-safe', () => {
  assert.equal(told({ 6: { rain: 0.4 } }), '· · rain-soon rain-soon rain-soon rain-soon rain · · · · ·');
});

test('dew now, and dew before the coat is touch dry', () => {
  const surface = dewPoint(16, 60) + 2.9;
  assert.equal(told({ 8: { surface } }), '· · · · · · dew-soon dew-soon dew · · ·');
  assert.equal(told({ 8: { surface: dewPoint(16, 60) + 3.1 } }), told({}).replaceAll('x', ''));
});

test('cold of the air or of the surface, now and before it is touch dry', () => {
  for (const cold of [{ surface: 8.9 }, { temperature: 8.9, humidity: 60 }]) {
    assert.equal(told({ 4: { ...cold, humidity: 40 } }), '· · cold-soon cold-soon too-cold · · · · · · ·');
  }
});

test('heat, sun, damp air, wind and night', () => {
  assert.equal(told({ 2: { surface: 36 } }).split(' ')[2], 'too-hot');
  assert.equal(told({ 2: { direct: 300 } }).split(' ')[2], 'sun');
  assert.equal(told({ 2: { direct: 300 } }, { notInSun: false }).split(' ')[2], '·');
  assert.equal(told({ 2: { humidity: 86, surface: 30 } }).split(' ')[2], 'too-damp');
  assert.equal(told({ 2: { wind: 8 } }).split(' ')[2], 'wind');
  assert.equal(told({ 2: { wind: 5 } }, { mostWind: 4 }).split(' ')[2], 'wind');
  assert.equal(told({ 2: { isDark: true, rain: 1 } }).split(' ')[2], 'dark');
});

test('what can be in the way in some hour is looked for in all of them', () => {
  const odd = fc.record({
    temperature: fc.integer({ min: 0, max: 40 }),
    humidity: fc.integer({ min: 30, max: 95 }),
    surface: fc.integer({ min: 0, max: 40 }),
    direct: fc.constantFrom(0, 400),
    wind: fc.integer({ min: 0, max: 12 }),
    rain: fc.constantFrom(0, 0.5),
    isDark: fc.boolean(),
  });
  const never = (): number => Infinity;
  fc.assert(
    fc.property(fc.array(odd, { minLength: 1, maxLength: 12 }), (list) => {
      const hours = list.map(paintingHour);
      const now = (all: readonly PaintingBlocker[] = []): PaintingBlocker[] =>
        all.filter((id) => 'now' in PAINTING_BLOCKERS[id]);
      const found = hindrancesOf(hours, LIMITS, never);
      hours.forEach((hour, index) => assert.deepEqual(now(found[index]), now(hindrancesOf([hour], LIMITS, never)[0])));
    }),
  );
});

test('what comes is feared exactly when it comes in time: against looking at every hour ahead', () => {
  const odd = fc.record({
    rain: fc.constantFrom(0, 0, 0, 0.5),
    surface: fc.constantFrom(16, 16, 9.5, 8),
    direct: fc.constantFrom(0, 400),
  });
  fc.assert(
    fc.property(fc.array(odd, { minLength: 1, maxLength: 30 }), fc.nat(8), fc.nat(6), (list, rainSafe, dries) => {
      const hours = list.map((facts) => paintingHour({ ...FINE, ...facts }));
      const limits = { ...LIMITS, rainSafe };
      const found = hindrancesOf(hours, limits, (hour) => hour + 1 + dries);
      hours.forEach((_hour, index) => {
        const ahead = (count: number): PaintingHour[] => hours.slice(index + 1, index + 1 + count);
        const soon = (is: PaintingBlocker): boolean => found[index]?.includes(is) ?? false;
        assert.equal(
          soon('rain-soon'),
          ahead(rainSafe).some(({ rain }) => rain > 0),
        );
        const colder = ahead(dries).some(({ surface, temperature }) => Math.min(surface, temperature) < 9);
        assert.equal(soon('cold-soon'), colder);
      });
    }),
  );
  assert.ok(Object.values(PAINTING_BLOCKERS).every(({ words }) => words.length > 3));
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { AirSeries } from '../../air/air-series.ts';
import { AS_STATED, stageLegs } from './stage-legs.ts';
import { DEFAULT_COATINGS } from '../default-coatings.ts';
import { coatingSchema } from '../coating.ts';
import { fitHours, fittedHours, fittedRate } from './fitted.ts';
import { ratesIn } from './rates.ts';

const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-oil')!;

test('two temperatures are met exactly, and one between them lies between', () => {
  const fit = fitHours([
    { temperature: 10, hours: 36 },
    { temperature: 20, hours: 18 },
  ])!;
  assert.ok(Math.abs(fittedHours(fit, 10) - 36) < 1e-9 && Math.abs(fittedHours(fit, 20) - 18) < 1e-9);
  const between = fittedHours(fit, 15);
  assert.ok(between > 18 && between < 36 && Math.abs(between - Math.sqrt(36 * 18)) < 0.5);
});

test('three points on a line of 42 kJ/mol give that line back; off the line, the squares are least', () => {
  const slope = 42_000 / 8.314;
  const on = [5, 15, 25].map((temperature) => ({ temperature, hours: Math.exp(-15 + slope / (temperature + 273.15)) }));
  assert.ok(Math.abs(fitHours(on)!.slope - slope) < 1e-6);
  const off = on.map((point, index) => ({ ...point, hours: point.hours * [1.1, 0.9, 1.05][index]! }));
  const fit = fitHours(off)!;
  const squares = (change: number): number =>
    off.reduce(
      (sum, { temperature, hours }) =>
        sum + (Math.log(hours) - fit.intercept - (fit.slope + change) / (temperature + 273.15)) ** 2,
      0,
    );
  assert.ok(squares(0) < squares(40) && squares(0) < squares(-40));
});

test('one temperature fits nothing, and a tin that dries faster in the cold is refused with what would be right', () => {
  assert.equal(fitHours([{ temperature: 20, hours: 18 }]), null);
  const odd = [
    { temperature: 10, hours: 8 },
    { temperature: 20, hours: 18 },
  ];
  const checked = coatingSchema.safeParse({ ...enamel, recoatAt: odd });
  assert.match(
    checked.error?.issues[0]?.message ?? '',
    /Enter recoat hours at two or more temperatures\. Warmer must be shorter\./,
  );
});

test('a fitted product dries by its line and not by the doubling rule, in every kind', () => {
  const reference = { temperature: 23, humidity: 50 };
  const conditions = { minTemperature: 5, ventilation: 'normal', reference, fittedSlope: 3000 } as const;
  const expected = fittedRate(3000, 13, 23);
  assert.ok(expected > 0.6 && expected < 0.75, 'slower than at 23 °C, and not half as fast');
  for (const kind of ['oxidising', 'reacting', 'solvent', 'evaporating'] as const) {
    const rate = ratesIn(AirSeries.of([{ temperature: 13, humidity: 50 }]), kind, conditions)[0]!;
    assert.ok(Math.abs(rate - expected) < 1e-9, kind);
    assert.equal(ratesIn(AirSeries.of([{ temperature: 4, humidity: 50 }]), kind, conditions)[0], 0);
  }
  // Damp air takes less water, whatever the temperature does.
  const damp = ratesIn(AirSeries.of([{ temperature: 13, humidity: 80 }]), 'evaporating', conditions)[0]!;
  assert.ok(Math.abs(damp - (expected * 20) / 50) < 1e-9);
  assert.equal(stageLegs(enamel, 'recoat', AS_STATED)?.[0]?.dose, enamel.hours.recoat);
});

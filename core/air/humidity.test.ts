import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../fixtures/known-answers.ts';
import { dewPoint, heatedHumidity, saturationPressure, vapourPressure, vapourPressureDeficit } from './humidity.ts';

interface AirCase {
  temperature: number;
  relativeHumidity: number;
  saturation_hPa: number;
  vapourPressure_hPa: number;
  dewPoint: number;
  vpd_hPa: number;
}
const { air, heatedRoom } = knownAnswers('air.json') as {
  air: AirCase[];
  heatedRoom: { outside: [number, number]; heatedTo: number; relativeHumidity: number }[];
};
const near = (actual: number, expected: number, within: number): void =>
  assert.ok(Math.abs(actual - expected) <= within, `${actual} is not within ${within} of ${expected}`);

test('known answers for air', () => {
  for (const known of air) {
    near(saturationPressure(known.temperature), known.saturation_hPa, 0.0006);
    near(vapourPressure(known.temperature, known.relativeHumidity), known.vapourPressure_hPa, 0.0006);
    near(dewPoint(known.temperature, known.relativeHumidity), known.dewPoint, 0.006);
    near(vapourPressureDeficit(known.temperature, known.relativeHumidity), known.vpd_hPa, 0.0006);
  }
});

test('known answers for heated rooms', () => {
  for (const { outside, heatedTo, relativeHumidity } of heatedRoom) {
    near(heatedHumidity(...outside, heatedTo), relativeHumidity, 0.06);
  }
});

test('the dew point is where the same vapour saturates the air, and never above the air', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -10, max: 45, noNaN: true }),
      fc.double({ min: 1, max: 100, noNaN: true }),
      (t, rh) => {
        const dew = dewPoint(t, rh);
        near(saturationPressure(dew), vapourPressure(t, rh), 1e-9);
        assert.ok(dew <= t + 1e-9);
      },
    ),
  );
});

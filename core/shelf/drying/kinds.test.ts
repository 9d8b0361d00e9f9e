import assert from 'node:assert/strict';
import { test } from 'node:test';
import { RateClock } from '../../units/rate-clock.ts';
import { DEFAULT_COATINGS } from '../default-coatings.ts';
import type { RateConditions } from './definition.ts';
import { DRYING_KINDS, type DryingKind } from './registry.ts';
import { latestFor, reachedAt, shareMade, stageLegs, type Leg } from './stage-legs.ts';

const REFERENCE = { temperature: 23, humidity: 50 };
const rate = (kind: DryingKind, temperature: number, humidity: number, more: Partial<RateConditions> = {}): number =>
  DRYING_KINDS[kind].rate({ ventilation: 'normal', reference: REFERENCE, fittedSlope: null, ...more })(
    temperature,
    humidity,
  );
const near = (actual: number, expected: number, why?: string): void =>
  assert.ok(Math.abs(actual - expected) < 1e-6, `${why ?? ''} ${actual} against ${expected}`);

test('oil is twice as fast for ten degrees, three times at the most, and half as fast in fog', () => {
  near(rate('oxidising', 13, 50), 0.5);
  near(rate('oxidising', 33, 50), 2);
  near(rate('oxidising', 43, 50), 3, 'limited');
  near(rate('oxidising', 23, 70), 1, 'damp begins above 70%');
  near(rate('oxidising', 23, 85), 0.75);
  near(rate('oxidising', 23, 100), 0.5);
  near(rate('oxidising', 43, 100), 1.5, 'the limit before the damp');
});

test('two-part reacts by warmth alone, without a limit', () => {
  near(rate('reacting', 13, 95), 0.5);
  near(rate('reacting', 43, 20), 4);
});

test('solvent leaves by Arrhenius with 42 kJ/mol, whatever the humidity, three times as fast at the most', () => {
  const expected = (celsius: number): number => Math.exp((-42_000 / 8.314) * (1 / (celsius + 273.15) - 1 / 296.15));
  near(rate('solvent', 8, 90), expected(8));
  near(rate('solvent', 35, 20), expected(35));
  assert.ok(expected(60) > 3);
  near(rate('solvent', 60, 50), 3);
});

test('water leaves as the air takes it up; a fan helps, still air does not, and it is limited to two and a half', () => {
  // Magnus over water: saturated at 23 °C 28.1 hPa, half of it taken up.
  const saturated = (celsius: number): number => 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));
  const deficit = (celsius: number, humidity: number): number => saturated(celsius) * (1 - humidity / 100);
  const expected = deficit(15, 70) / deficit(23, 50);
  assert.ok(Math.abs(rate('evaporating', 15, 70) - expected) < 0.01 * expected);
  near(rate('evaporating', 15, 70, { ventilation: 'still' }), 0.7 * rate('evaporating', 15, 70));
  near(rate('evaporating', 15, 70, { ventilation: 'fan' }), 1.3 * rate('evaporating', 15, 70));
  near(rate('evaporating', 23, 100), 0);
  near(rate('evaporating', 38, 10), 2.5);
  // Fitted, the drier half of what is left of the air counts twice.
  near(rate('evaporating', 23, 75, { fittedSlope: 5000 }), 0.5);
  near(rate('evaporating', 23, 50, { fittedSlope: 5000, ventilation: 'fan' }), 1.3);
  near(rate('evaporating', 60, 20, { fittedSlope: 9000 }), 2.5);
});

test('a thick film waits longer: as much again for what leaves it, and the square for what goes on within', () => {
  assert.deepEqual(
    Object.fromEntries(Object.entries(DRYING_KINDS).map(([id, { filmExponent }]) => [id, filmExponent])),
    { evaporating: 1, solvent: 1, oxidising: 2, reacting: 2 },
  );
});

test('a coating of two kinds is one leg until it is touch dry, and two from there', () => {
  const alkyd = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-alkyd-wb')!;
  assert.deepEqual(stageLegs(alkyd, 'touch'), [{ kind: 'evaporating', dose: alkyd.hours.touch }]);
  const thick = stageLegs(alkyd, 'recoat', { filmRatio: 2, factor: 1.5 })!;
  near(thick[0]!.dose, alkyd.hours.touch * 1.5 * 2);
  near(thick[1]!.dose, (alkyd.hours.recoat - alkyd.hours.touch) * 1.5 * 4);
  assert.equal(stageLegs({ ...alkyd, hours: { ...alkyd.hours, wash: null } }, 'wash'), null);
  const single = DEFAULT_COATINGS.find(({ drying }) => drying.length === 1)!;
  assert.equal(stageLegs(single, 'full')?.length, 1);
});

const LEGS: Leg[] = [
  { kind: 'evaporating', dose: 2 },
  { kind: 'oxidising', dose: 3 },
];
const hours = (...rates: number[]): RateClock => new RateClock(rates, 60);
const steady = (pace: number): RateClock => hours(...Array<number>(50).fill(pace));

test('a coat goes from place to place with what it has made, and changes kinds on the way', () => {
  const stays = (until: number) => [
    { until, clockOf: () => steady(1) },
    { until: Infinity, clockOf: () => steady(0.5) },
  ];
  near(reachedAt(LEGS, 0, stays(5 * 60)), 5 * 60, 'all of it in the first');
  near(reachedAt(LEGS, 0, stays(2 * 60)), 2 * 60 + 6 * 60, 'carried away at the change of kinds');
  near(reachedAt(LEGS, 0, stays(60)), 60 + 2 * 60 + 6 * 60, 'and within the first');
  near(reachedAt(LEGS, 60, stays(60)), 60 + 10 * 60, 'carried away as it is done');
  assert.equal(
    reachedAt(LEGS, 0, [{ until: 60, clockOf: () => steady(1) }]),
    Infinity,
    'nobody knows where it is then',
  );
  assert.equal(reachedAt(LEGS, 0, []), Infinity);
  assert.equal(reachedAt([], 7, []), 7);
});

test('the share that is made goes up from nothing to one, leg by leg', () => {
  const share = (at: number): number => shareMade(LEGS, 0, at, () => steady(1));
  near(share(0), 0);
  near(share(60), 1 / 5);
  near(share(120), 2 / 5);
  near(share(180), 3 / 5);
  near(share(300), 1);
  near(share(3000), 1);
  near(
    shareMade([], 0, 10, () => steady(1)),
    1,
  );
});

test('the latest moment is told leg by leg from the end, and none where the clocks do not reach back', () => {
  near(
    latestFor(LEGS, 10 * 60, () => steady(1)),
    5 * 60,
  );
  const clockOf = (kind: DryingKind): RateClock => (kind === 'evaporating' ? steady(0.5) : steady(1));
  near(latestFor(LEGS, 10 * 60, clockOf), 3 * 60);
  assert.equal(
    latestFor(LEGS, 4 * 60, () => steady(1)),
    -Infinity,
  );
});

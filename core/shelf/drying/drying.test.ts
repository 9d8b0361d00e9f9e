import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../../testing/known-answers.ts';
import { DEFAULT_COATINGS } from '../default-coatings.ts';
import { STAGES } from '../coating.ts';
import { RateClock } from './rate-clock.ts';
import { DRYING_KINDS, type DryingKind } from './registry.ts';
import { reachedAt, shareMade, stageLegs } from './stage-legs.ts';

interface DryingCase {
  climate: string;
  kind: DryingKind;
  doseReferenceHours: number;
  minTemperature: number;
  startHour: number;
  reachedAtHour: number;
}
const { climates, cases } = knownAnswers<{ climates: Record<string, [number, number][]>; cases: DryingCase[] }>(
  'drying.json',
);

test('known answers for drying through changing hours', () => {
  for (const known of cases) {
    const days = Array.from({ length: 7 }, () => climates[known.climate] ?? []).flat();
    const rates = days.map(([temperature, humidity]) =>
      DRYING_KINDS[known.kind].rate(
        { temperature, humidity },
        {
          minTemperature: known.minTemperature,
          fittedSlope: null,
          ventilation: 'normal',
          reference: { temperature: 23, humidity: 50 },
        },
      ),
    );
    const clock = new RateClock(rates, 1);
    const reached = clock.reach(known.startHour, known.doseReferenceHours);
    assert.ok(Math.abs(reached - known.reachedAtHour) < 0.001, `${known.climate} ${known.kind}: ${reached}`);
  }
});

test('every kind runs at 1 in the reference climate and stands still below its minimum', () => {
  const reference = { temperature: 23, humidity: 50 };
  for (const kind of Object.values(DRYING_KINDS)) {
    const conditions = { minTemperature: 8, ventilation: 'normal', reference, fittedSlope: null } as const;
    assert.ok(Math.abs(kind.rate(reference, conditions) - 1) < 1e-12, kind.id);
    assert.equal(kind.rate({ temperature: 7.9, humidity: 50 }, conditions), 0, kind.id);
  }
});

const rates = fc.array(fc.double({ min: 0, max: 2.5, noNaN: true }), { minLength: 1, maxLength: 40 });

test('a clock is reached exactly when its dose is made: against summing tick by tick', () => {
  fc.assert(
    fc.property(
      rates,
      fc.integer({ min: 1, max: 7 }),
      fc.nat(60),
      fc.double({ min: 0, max: 40, noNaN: true }),
      (list, step, from, dose) => {
        let made = 0;
        let expected = dose <= 1e-9 ? from : Infinity;
        for (let tick = from; tick < list.length * step && expected === Infinity; tick++) {
          made += list[Math.floor(tick / step)] ?? 0;
          if (made >= dose - 1e-9) expected = tick + 1;
        }
        assert.equal(new RateClock(list, step).reachWhole(from, dose), expected);
      },
    ),
  );
});

test('progress adds up over any point between', () => {
  fc.assert(
    fc.property(
      rates,
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0, max: 40, noNaN: true }),
      (list, first, second) => {
        const clock = new RateClock(list, 1);
        const [from, until] = [Math.min(first, second), Math.max(first, second)];
        const middle = (from + until) / 2;
        const whole = clock.progress(from, until);
        assert.ok(Math.abs(whole - clock.progress(from, middle) - clock.progress(middle, until)) < 1e-9);
      },
    ),
  );
});

const always = (clockOf: (kind: DryingKind) => RateClock) => ({ until: Infinity, clockOf });

test('stages of every coating are reached in their order', () => {
  for (const coating of DEFAULT_COATINGS) {
    const reached = STAGES.map((stage) => stageLegs(coating, stage))
      .filter((legs) => legs !== null)
      .map((legs) => reachedAt(legs, 100, [always(() => new RateClock(Array<number>(2000).fill(0.8), 60))]));
    assert.deepEqual(
      reached,
      [...reached].sort((one, other) => one - other),
      coating.id,
    );
  }
});

test('waterborne alkyd changes clocks at touch dry', () => {
  const alkyd = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-alkyd-wb');
  assert.ok(alkyd);
  const legs = stageLegs(alkyd, 'recoat');
  assert.deepEqual(legs, [
    { kind: 'evaporating', dose: 3 },
    { kind: 'oxidising', dose: 11 },
  ]);
  const fast = new RateClock(Array<number>(100).fill(1), 60);
  const slow = new RateClock(Array<number>(100).fill(0.5), 60);
  const clockOf = (kind: DryingKind): RateClock => (kind === 'evaporating' ? slow : fast);
  assert.ok(Math.abs(reachedAt(legs, 0, [always(clockOf)]) - (6 + 11) * 60) < 1e-6);
  assert.ok(Math.abs(shareMade(legs, 0, 12 * 60, clockOf) - 9 / 14) < 1e-9);
});

test('a film half as thick again doubles and more the wait of an oil enamel', () => {
  const oil = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-oil');
  assert.ok(oil);
  assert.equal(stageLegs(oil, 'recoat', { filmRatio: 1.5, factor: 1 })?.[0]?.dose, 20 * 2.25);
});

test('a coat that is carried from a cold place into a warm one goes on where it was', () => {
  const at = (rate: number) => new RateClock(Array<number>(200).fill(rate), 60);
  const legs = [{ kind: 'evaporating', dose: 10 }] as const;
  const stays = [
    { until: 8 * 60, clockOf: () => at(0.5) },
    { until: Infinity, clockOf: () => at(1) },
  ];
  // Four of ten hours' dose in the cold until eight, six in the warm: fourteen.
  assert.ok(Math.abs(reachedAt(legs, 0, stays) - 14 * 60) < 1e-6);
  // Carried over too late to matter.
  assert.ok(Math.abs(reachedAt(legs, 0, [{ ...stays[0]!, until: 30 * 60 }, stays[1]!]) - 20 * 60) < 1e-6);
});

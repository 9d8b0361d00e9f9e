import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { AirSeries } from '../../air/air-series.ts';
import { knownAnswers } from '../../fixtures/known-answers.ts';
import { DEFAULT_COATINGS } from '../default-coatings.ts';
import { DRYING_STAGES } from '../coating.ts';
import { RateClock } from '../../units/rate-clock.ts';
import { ratesIn } from './rates.ts';
import { DRYING_KIND_IDS, type DryingKind } from './registry.ts';
import { latestFor, reachedAt, shareMade, stageLegs } from './stage-legs.ts';

interface DryingCase {
  climate: string;
  kind: DryingKind;
  doseReferenceHours: number;
  minTemperature: number;
  startHour: number;
  reachedAtHour: number;
}
const { climates, cases } = knownAnswers('drying.json') as {
  climates: Record<string, [number, number][]>;
  cases: DryingCase[];
};

test('known answers for drying through changing hours', () => {
  for (const known of cases) {
    const days = Array.from({ length: 7 }, () => climates[known.climate] ?? []).flat();
    const rates = ratesIn(
      AirSeries.of(days.map(([temperature, humidity]) => ({ temperature, humidity }))),
      known.kind,
      {
        minTemperature: known.minTemperature,
        fittedSlope: null,
        ventilation: 'normal',
        reference: { temperature: 23, humidity: 50 },
      },
    );
    const clock = new RateClock(rates, 1);
    const reached = clock.reach(known.startHour, known.doseReferenceHours);
    assert.ok(Math.abs(reached - known.reachedAtHour) < 0.001, `${known.climate} ${known.kind}: ${reached}`);
  }
});

test('every kind runs at 1 in the reference climate and stands still below its minimum', () => {
  const reference = { temperature: 23, humidity: 50 };
  for (const kind of DRYING_KIND_IDS) {
    const conditions = { minTemperature: 8, ventilation: 'normal', reference, fittedSlope: null } as const;
    assert.ok(Math.abs(ratesIn(AirSeries.of([reference]), kind, conditions)[0]! - 1) < 1e-12, kind);
    assert.equal(ratesIn(AirSeries.of([{ temperature: 7.9, humidity: 50 }]), kind, conditions)[0], 0, kind);
  }
});

const rates = fc.array(fc.double({ min: 0, max: 2.5, noNaN: true }), { minLength: 1, maxLength: 40 });

test('a clock is reached exactly when its dose is made: against summing tick by tick', () => {
  fc.assert(
    fc.property(
      rates,
      fc.integer({ min: 1, max: 7 }),
      fc.nat(60),
      // Doses near the clock’s own tolerance are rounding, and no drying.
      fc.double({ min: 0, max: 40, noNaN: true }).map((dose) => Math.round(dose * 1e6) / 1e6),
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

test('the latest start is the last from which a dose is made in time', () => {
  fc.assert(
    fc.property(
      rates,
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0.01, max: 40, noNaN: true }),
      (list, until, dose) => {
        const clock = new RateClock(list, 1);
        const latest = clock.latest(until, dose);
        if (latest === -Infinity) {
          assert.ok(clock.progress(0, until) < dose);
          return;
        }
        assert.ok(latest <= until && clock.hasMade(latest, until, dose - 1e-8));
        // A minute later is too late, however long the clock stood still before.
        assert.ok(latest + 1e-3 > until || clock.progress(latest + 1e-3, until) < dose);
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
    const reached = DRYING_STAGES.map((stage) => stageLegs(coating, stage))
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

test('the latest start turns the question round: what is finished then is there in time, and what is later is not', () => {
  // Quarters, so that sums are exact and a hair of rounding decides nothing.
  const stepped = fc.array(fc.constantFrom(0, 0.25, 0.5, 1, 2), { minLength: 60, maxLength: 60 });
  fc.assert(
    fc.property(
      stepped,
      stepped,
      fc.constantFrom(...DEFAULT_COATINGS),
      fc.constantFrom('handle' as const, 'recoat' as const),
      fc.integer({ min: 30 * 60, max: 60 * 60 }),
      (first, second, coating, stage, until) => {
        const clocks = { first: new RateClock(first, 60), second: new RateClock(second, 60) };
        const clockOf = (kind: DryingKind): RateClock => (kind === coating.drying[0] ? clocks.first : clocks.second);
        const legs = stageLegs(coating, stage)!;
        const latest = latestFor(legs, until, clockOf);
        if (latest === -Infinity) return;
        assert.ok(reachedAt(legs, latest, [always(clockOf)]) <= until + 0.01);
        assert.ok(reachedAt(legs, latest + 1, [always(clockOf)]) > until || latest + 1 > until);
      },
    ),
  );
});

test('in warmer air of the same humidity nothing dries later', () => {
  const hours = fc.array(
    fc.record({
      temperature: fc.double({ min: 0, max: 34, noNaN: true }),
      humidity: fc.double({ min: 20, max: 95, noNaN: true }),
      warmer: fc.double({ min: 0, max: 8, noNaN: true }),
    }),
    { minLength: 40, maxLength: 40 },
  );
  fc.assert(
    fc.property(
      hours,
      fc.constantFrom(...DRYING_KIND_IDS),
      fc.double({ min: 0.1, max: 12, noNaN: true }),
      (list, kind, dose) => {
        const conditions = {
          minTemperature: 8,
          ventilation: 'normal' as const,
          reference: { temperature: 23, humidity: 50 },
          fittedSlope: null,
        };
        const clock = (by: number): RateClock =>
          new RateClock(
            ratesIn(
              AirSeries.of(
                list.map(({ temperature, humidity, warmer }) => ({ temperature: temperature + by * warmer, humidity })),
              ),
              kind,
              conditions,
            ),
            1,
          );
        assert.ok(clock(1).reach(0, dose) <= clock(0).reach(0, dose) + 1e-9, kind);
      },
    ),
  );
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { clocksOf } from '../clocks/job-clocks.ts';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { changedClimate, changedClocks, stagesOf, warmthNeeded } from './what-if.ts';

const { job } = new TestJob().tell('change-climate', {
  id: new TestJob().job.climates[1]!.id,
  facts: {
    usual: { warmest: 14, coldest: 9, humidityAtWarmest: 60, humidityAtColdest: 80 },
    heating: { spans: [{ setPoint: 18, from: 7, until: 17 }], warmUp: 3, holds: 2, onSince: null },
  },
});
const workshop = job.climates[1]!;
const clocks = clocksOf(job, 14);
const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-alkyd-wb')!;
const at = (day: number, hour: number): number => (day * 24 + hour) * 60;
const overnight = { setPoint: 20, from: 22, until: 7 };

test('heating tonight leaves what was as it was, and is warmer from tonight on', () => {
  const change = { climateId: 'workshop', heated: overnight, ventilation: 'normal' as const };
  const tonight = changedClocks(job, clocks, change, at(2, 21));
  const [before, after] = [clocks.air('workshop').temperature, tonight.air('workshop').temperature];
  assert.deepEqual([...after.slice(0, 69)], [...before.slice(0, 69)]);
  assert.ok(after[74]! > before[74]! + 5 && after[74]! <= 20.0001);
  assert.ok(after[70]! - after[69]! <= 3.5, 'no faster than it warms up');
});

test('a fan from now on dries a waterborne coat sooner, and leaves what it had made before', () => {
  const fan = changedClocks(job, clocks, { climateId: 'workshop', heated: null, ventilation: 'fan' }, at(1, 10));
  const coat = { coating: enamel, from: at(1, 9) };
  const [plain, moved] = [clocks, fan].map((asked) => stagesOf(asked, 'workshop', coat));
  moved!.forEach(({ at: sooner }, index) => assert.ok(sooner <= plain![index]!.at));
  const touch = moved![0]!.at;
  assert.ok(touch < plain![0]!.at, 'touch dry sooner');
  assert.deepEqual(changedClimate(workshop, { climateId: 'workshop', heated: overnight, ventilation: 'fan' }).heating, {
    spans: [{ setPoint: 18, from: 7, until: 17 }, overnight],
    warmUp: 3,
    holds: 2,
    onSince: null,
  });
});

test('the warmth that is needed is enough, and a tenth of a degree less is not', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...DEFAULT_COATINGS),
      fc.integer({ min: 7, max: 15 }),
      fc.integer({ min: 4, max: 40 }),
      (coating, hour, within) => {
        const asked = { coating, from: at(2, hour), stage: 'recoat' as const, until: at(2, hour + within) };
        const needed = warmthNeeded(job, clocks, workshop, asked, 0)!;
        const plain = clocks.reached(coating, 'recoat', asked.from, 'workshop')!;
        if (needed.kind === 'none') assert.ok(plain <= asked.until);
        else assert.ok(plain > asked.until);
        if (needed.kind !== 'heat') return;
        assert.ok(needed.at <= asked.until);
        const cooler = { ...needed.change, heated: { ...needed.change.heated!, setPoint: needed.setPoint - 0.1 } };
        const late = changedClocks(job, clocks, cooler, asked.from).reached(coating, 'recoat', asked.from, 'workshop')!;
        assert.ok(needed.setPoint <= 5 || late > asked.until, `${coating.id} at ${needed.setPoint}`);
      },
    ),
    { numRuns: 60, endOnFailure: true },
  );
});

test('no heater makes an alkyd enamel ready in two hours', () => {
  const asked = { coating: enamel, from: at(2, 9), stage: 'recoat' as const, until: at(2, 11) };
  assert.equal(warmthNeeded(job, clocks, workshop, asked, 0)?.kind, 'never');
});

test('over the night when clocks go forward a coat dries by elapsed hours, an hour less by the clock on the wall', () => {
  const spring = clocksOf({ ...job, planning: { ...job.planning, start: '2027-03-27' } }, 4);
  const steady = {
    ...workshop,
    heating: null,
    usual: { warmest: 23, coldest: 23, humidityAtWarmest: 50, humidityAtColdest: 50 },
  };
  const even = clocksOf(
    { ...job, climates: [job.climates[0]!, steady], planning: { ...job.planning, start: '2027-03-27' } },
    4,
  );
  // 14 h at the tin's own climate from 18:00 on Saturday: 840 minutes, and the clock shows 09:00 instead of 08:00.
  assert.ok(Math.abs(even.reached(enamel, 'recoat', 18 * 60, 'workshop')! - 32 * 60) < 1e-6);
  assert.equal(even.localHour(32)?.hour, 9);
  assert.equal(spring.hours, 24 + 23 + 24 + 24);
});

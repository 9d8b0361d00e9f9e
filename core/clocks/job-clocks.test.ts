import assert from 'node:assert/strict';
import { test } from 'node:test';
import { OPEN_AIR } from '../job/document/new-job.ts';
import type { Climate } from '../air/climate.ts';
import { outsideClimateId } from '../job/queries/places.ts';
import { coatingOf } from '../job/queries/shelf.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { dryingProduct, JobClocks, PLAIN_WATER } from './job-clocks.ts';

const START = '2027-03-01';
/** A place whose air stands still at a temperature, at 50%, as the tins suppose. */
const still = (id: string, temperature: number): Climate => ({
  ...OPEN_AIR,
  id,
  name: id,
  whereabouts: 'indoors',
  shelter: null,
  heating: null,
  ventilation: 'normal',
  usual: { warmest: temperature, coldest: temperature, humidityAtWarmest: 50, humidityAtColdest: 50 },
});
const made = new TestJob()
  .door('d', { exposure: { front: 'outside', back: 'inside' }, comesOff: false })
  .coated()
  .tell('add-climate', { entry: still('tin', 23) })
  .tell('add-climate', { entry: still('cool', 13) })
  .tell('add-climate', { entry: still('frost', 2) });
const { job } = made;
const enamel = coatingOf(job, 'enamel-acrylic')!;
const clocks = new JobClocks(job, START, 14);

test('in the air that its tin supposes a coat takes the hours of its tin, from any minute', () => {
  for (const from of [0, 490, 1439]) {
    for (const stage of ['touch', 'recoat', 'handle'] as const) {
      const reached = clocks.reached(enamel, stage, from, 'tin')!;
      assert.ok(Math.abs(reached - from - enamel.hours[stage] * 60) < 1e-3, `${stage}: ${reached - from}`);
      assert.ok(Math.abs(clocks.reaching(enamel, stage, 'tin')!(from) - reached) < 1e-6);
    }
  }
});

test('colder air takes longer, and below its least a product stands still', () => {
  const tin = clocks.reached(enamel, 'recoat', 480, 'tin')!;
  const cool = clocks.reached(enamel, 'recoat', 480, 'cool')!;
  assert.ok(cool > tin);
  assert.ok(enamel.minTemperature > 2);
  assert.equal(clocks.reached(enamel, 'recoat', 480, 'frost'), Infinity);
  assert.ok(clocks.clock('frost', 'evaporating', PLAIN_WATER).progress(0, 600) > 0, 'water dries all the same');
});

test('a coat that is carried from one place to the next has made in each what its air allows', () => {
  const half = 480 + enamel.hours.recoat * 30;
  const stays = [
    { climateId: 'tin', until: half },
    { climateId: 'cool', until: Infinity },
  ];
  const reached = clocks.reached(enamel, 'recoat', 480, stays)!;
  assert.ok(reached > clocks.reached(enamel, 'recoat', 480, 'tin')!);
  assert.ok(reached < clocks.reached(enamel, 'recoat', 480, 'cool')!);
  assert.equal(
    clocks.reached(enamel, 'recoat', 480, [{ climateId: 'tin', until: 500 }]),
    Infinity,
    'it lies nowhere then',
  );
});

test('the last time by which a coat may be done is just in time', () => {
  const until = 5 * 1440;
  const latest = clocks.latest(enamel, 'handle', until, 'cool')!;
  assert.ok(clocks.reached(enamel, 'handle', latest, 'cool')! <= until + 1e-6);
  assert.ok(clocks.reached(enamel, 'handle', latest + 1, 'cool')! > until);
  assert.equal(clocks.latest(enamel, 'handle', 60, 'tin'), -Infinity);
});

test('a slower or thicker coat takes so much longer', () => {
  const stated = clocks.reached(enamel, 'recoat', 0, 'tin')!;
  const slow = clocks.reached(enamel, 'recoat', 0, 'tin', { filmRatio: 1, factor: 1.5 })!;
  assert.ok(Math.abs(slow / stated - 1.5) < 1e-6);
  assert.ok(clocks.reached(enamel, 'recoat', 0, 'tin', { filmRatio: 1.5, factor: 1 })! > stated);
});

test('a place that the job does not have has no air, and a face in the open has the air before it', () => {
  assert.equal(clocks.air('nowhere').at(0), undefined);
  assert.equal(clocks.weather('nowhere', 0), undefined);
  assert.deepEqual(clocks.face('tin'), [], 'a room is no face');
  const [piece] = job.pieces;
  const id = outsideClimateId(job, piece!, 'front')!;
  assert.equal(clocks.face(id).length, clocks.hours);
  assert.ok(clocks.air(id).at(12));
});

test('hours are those of the days, twenty-three where clocks go forward', () => {
  assert.equal(clocks.hours, 14 * 24);
  assert.equal(new JobClocks(job, '2027-03-27', 2).hours, 47);
  assert.equal(new JobClocks(job, '2027-10-30', 2).hours, 49);
  assert.equal(clocks.localHour(25)?.hour, 1);
  assert.equal(clocks.localHour(14 * 24), undefined);
});

test('what was read corrects what follows, and leaves what it was thought to be as it was', () => {
  const read = made.tell('take-readings', {
    readings: [
      { id: 'r', kind: 'air', at: '2027-03-02T09:00', climateId: 'tin', temperature: 18, humidity: 60, from: 'typed' },
    ],
  }).job;
  const corrected = new JobClocks(read, START, 14);
  assert.equal(corrected.forecast('tin').at(33)?.temperature, 23);
  assert.ok(corrected.air('tin').at(33)!.temperature < 23);
  assert.equal(corrected.air('cool').at(33)?.temperature, 13, 'of another place nothing was read');
});

test('a change counts from its hour on, and what was before stays', () => {
  const changed = new JobClocks(job, START, 14, { climate: still('cool', 23), hour: 48 });
  assert.equal(changed.air('cool').at(47)?.temperature, 13);
  assert.ok(changed.air('cool').at(120)!.temperature > 13);
  assert.equal(changed.air('frost').at(120)?.temperature, 2);
  assert.ok(
    changed.reached(enamel, 'recoat', 60 * 60, 'cool')! < clocks.reached(enamel, 'recoat', 60 * 60, 'cool')!,
    'it dries sooner',
  );
});

test('a clock goes by place, kind and how cold a product may get; products that are alike share it', () => {
  const product = dryingProduct(enamel);
  assert.equal(clocks.clock('tin', 'evaporating', product), clocks.clock('tin', 'evaporating', { ...product }));
  assert.notEqual(
    clocks.id('tin', 'evaporating', { minTemperature: 5, fittedSlope: null }),
    clocks.id('tin', 'evaporating', { minTemperature: 8, fittedSlope: null }),
  );
  assert.notEqual(
    clocks.id('tin', 'evaporating', { minTemperature: 5, fittedSlope: null }),
    clocks.id('tin', 'evaporating', { minTemperature: 5, fittedSlope: 3000 }),
  );
});

test('a clock in other air is what the place would have in that air', () => {
  const product = dryingProduct(enamel);
  const other = clocks.clockIn(clocks.air('tin'), 'cool', 'evaporating', product);
  assert.ok(Math.abs(other.reach(0, 600) - clocks.clock('tin', 'evaporating', product).reach(0, 600)) < 1e-6);
});

test('where the place is not said the sun still rises and sets', () => {
  const suns = clocks.suns();
  assert.equal(suns.length, clocks.hours);
  const up = suns.slice(0, 24).filter(({ altitude }) => altitude > 0).length;
  assert.ok(up > 6 && up < 18, `${up} hours of day`);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import type { Candidate } from '../build-up/compose.ts';
import { judge } from '../build-up/judge.ts';
import type { Weights } from '../job/document/group-schema.ts';
import { buildUp, DOOR, TestJob } from '../fixtures/jobs.ts';
import { CRITERIA, CRITERION_IDS, ranked, WEIGHT_PRESETS, Weigher, type Cost } from './weigh.ts';

const NOTHING: Cost = { risk: 0, days: 0, hours: 0, money: 0, coats: 0, smell: 0, toughness: 0, dust: 0, misfits: 0 };
const NO_WEIGHT: Weights = { risk: 0, days: 0, hours: 0, money: 0, coats: 0, smell: 0, toughness: 0, dust: 0 };
const entry = (id: string, cost: Partial<Cost>) => ({
  candidate: { id } as Candidate,
  cost: { ...NOTHING, ...cost },
});
const order = (costs: Record<string, Partial<Cost>>, weights: Partial<Weights>): string =>
  ranked(
    Object.entries(costs).map(([id, cost]) => entry(id, cost)),
    { ...NO_WEIGHT, ...weights },
  )
    .map(({ candidate }) => candidate.id)
    .join('');
const scores = (costs: Partial<Cost>[], weights: Partial<Weights>): number[] => {
  const found = ranked(
    costs.map((cost, index) => entry(`${index}`, cost)),
    { ...NO_WEIGHT, ...weights },
  );
  return costs.map((_cost, index) => found.find(({ candidate }) => candidate.id === `${index}`)!.score);
};

test('a score is how far each is from the best, as a share of the spread, by weight; worked by hand', () => {
  const costs = [
    { days: 2, money: 100 },
    { days: 6, money: 50 },
    { days: 4, money: 60 },
  ];
  assert.deepEqual(scores(costs, { days: 1 }), [0, 1, 0.5]);
  const both = scores(costs, { days: 3, money: 1 });
  [0.25, 0.75, (3 * 0.5 + 0.2) / 4].forEach((score, index) => assert.ok(Math.abs(both[index]! - score) < 1e-12));
});

test('of toughness more is better, of all else less', () => {
  for (const criterion of CRITERION_IDS) {
    const costs = { a: { [criterion]: 1 }, b: { [criterion]: 3 } };
    assert.equal(order(costs, { [criterion]: 1 }), criterion === 'toughness' ? 'ba' : 'ab', criterion);
    assert.equal('isMoreBetter' in CRITERIA[criterion], criterion === 'toughness');
  }
});

test('one risk more than the least counts two thirds, two count in full, and so do ten', () => {
  const found = scores([{ risk: 1 }, { risk: 2 }, { risk: 3 }, { risk: 11 }], { risk: 1 });
  assert.deepEqual(
    found.map((score) => score.toFixed(3)),
    ['0.000', '0.667', '1.000', '1.000'],
  );
});

test('what never dries is the worst, and does not make the others alike', () => {
  const found = scores([{ days: 2 }, { days: 4 }, { days: Infinity }], { days: 1 });
  assert.deepEqual(found, [0, 1, 1]);
  assert.deepEqual(scores([{ days: Infinity }, { days: Infinity }], { days: 1 }), [1, 1]);
});

test('where weights decide nothing, fewer coats do, then fewer days, then the name', () => {
  assert.equal(order({ a: { coats: 3 }, b: { coats: 2 } }, {}), 'ba');
  assert.equal(order({ a: { coats: 2, days: 5 }, b: { coats: 2, days: 4 } }, {}), 'ba');
  assert.equal(order({ b: {}, a: {} }, {}), 'ab');
});

test('an order hangs on the costs alone, and whatever is as good in all and better in one does not stand behind', () => {
  const cost = fc.record(
    Object.fromEntries(CRITERION_IDS.map((id) => [id, fc.integer({ min: 0, max: 9 })])),
  ) as fc.Arbitrary<Cost>;
  const weights = fc.record(
    Object.fromEntries(CRITERION_IDS.map((id) => [id, fc.integer({ min: 0, max: 4 })])),
  ) as fc.Arbitrary<Weights>;
  fc.assert(
    fc.property(fc.array(cost, { minLength: 2, maxLength: 8 }), weights, (costs, weighing) => {
      const entries = costs.map((each, index) => entry(`${index}`, each));
      const found = ranked(entries, weighing);
      assert.deepEqual(
        ranked(entries.toReversed(), weighing).map(({ candidate }) => candidate.id),
        found.map(({ candidate }) => candidate.id),
      );
      for (const { score } of found) assert.ok(score >= 0 && score <= 1 + 1e-12);
      const better = (one: Cost, other: Cost): boolean =>
        CRITERION_IDS.every((id) => (id === 'toughness' ? one[id] >= other[id] : one[id] <= other[id]));
      found.forEach((one, at) => {
        for (const other of found.slice(at + 1))
          assert.ok(!better(other.cost, one.cost) || other.score >= one.score - 1e-12);
      });
    }),
  );
});

test('presets are named once each, and weigh every criterion from nought to four', () => {
  assert.equal(new Set(WEIGHT_PRESETS.map(({ name }) => name)).size, WEIGHT_PRESETS.length);
  for (const { weights } of WEIGHT_PRESETS)
    for (const id of CRITERION_IDS) assert.ok(weights[id] >= 0 && weights[id] <= 4, id);
});

const made = new TestJob().door('d').coated();
const costOf = (built: ReturnType<typeof buildUp>, of = made): Cost => {
  const [group] = of.job.groups;
  return new Weigher(of.job, group!).cost(built, judge(of.job, group!, built));
};

test('coats are those over the whole of a face, toughness is the weaker face’s, smell counts what smells', () => {
  const usual = buildUp('enamel-acrylic');
  const cost = costOf(usual);
  assert.equal(cost.coats, 3);
  assert.equal(cost.smell, 0);
  assert.equal(cost.dust, 0, 'deglossed, not sanded');
  const spot = { product: 'prime-shellac', tool: 'brush', thinning: 0, extent: 'spots' } as const;
  const spotted = costOf({ ...usual, coats: [spot, ...usual.coats] });
  assert.equal(spotted.coats, 3);
  assert.equal(spotted.smell, 1, 'shellac carries solvent');
  const softer = costOf({ ...usual, faceCoats: { back: buildUp('mineral-matt').coats } });
  assert.ok(softer.toughness < cost.toughness);
  assert.ok(costOf({ ...usual, key: 'abrade' }).dust > 0);
});

test('a group of nothing to paint costs no days', () => {
  const none = new TestJob().door('d', { scope: { faces: [], edges: [] } }).coated();
  assert.equal(costOf(buildUp('enamel-acrylic'), none).days, 0);
});

test('days are those of the largest piece of the group', () => {
  const both = new TestJob()
    .door('small', { shape: { ...DOOR.shape, height: 1400 } })
    .door('large', { shape: { ...DOOR.shape, height: 2400 } })
    .coated();
  const large = new TestJob().door('large', { shape: { ...DOOR.shape, height: 2400 } }).coated();
  assert.equal(costOf(buildUp('enamel-acrylic'), both).days, costOf(buildUp('enamel-acrylic'), large).days);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { leastWorstAge } from '../fixtures/every-order.ts';
import { knownAnswers } from '../fixtures/known-answers.ts';
import { bestOrder, searchOrder } from './order-search.ts';
import { freshnessAt, keepsBefore, lapAges, worstAge, type WetEdgeProblem } from './wet-edge.ts';

interface Known extends WetEdgeProblem {
  orders: { order: string[]; ages: number[]; worst: number }[];
  bestWorstAge: number;
}
const known = knownAnswers('wet-edge.json') as Known;
const STEPS = 200_000;

test('ages of laps and the best order of the known answers', () => {
  for (const { order, ages, worst } of known.orders) {
    assert.deepEqual(lapAges(known, order), ages);
    assert.equal(worstAge(known, order), worst);
  }
  const found = bestOrder(known, { from: known.orders[0]!.order, steps: STEPS });
  assert.equal(found.worst, known.bestWorstAge);
  assert.equal(found.bound, known.bestWorstAge);
  assert.ok(found.isProved);
  assert.ok(keepsBefore(known, found.order));
});

/** Elements, with times that repeat, so that some can stand for each other; laps and precedences as they fall. */
const problems = (most: number): fc.Arbitrary<WetEdgeProblem> =>
  fc.integer({ min: 1, max: most }).chain((size) => {
    const pair = fc.tuple(fc.nat(size - 1), fc.nat(size - 1)).filter(([one, other]) => one < other);
    const id = (index: number): string => `e${index}`;
    const pairs = (longest: number): fc.Arbitrary<[number, number][]> =>
      size < 2 ? fc.constant([]) : fc.array(pair, { maxLength: longest });
    return fc
      .record({
        minutes: fc.array(fc.constantFrom(0.5, 1, 1, 2, 2, 3.5), { minLength: size, maxLength: size }),
        laps: pairs(2 * size),
        before: pairs(size),
        renamed: fc.shuffledSubarray([...Array(size).keys()], { minLength: size, maxLength: size }),
      })
      .map(({ minutes, laps, before, renamed }) => ({
        openTimeMinutes: 9,
        elements: minutes.map((time, index) => ({ id: id(index), minutes: time })),
        laps: laps.map(([one, other]) => [id(renamed[one]!), id(renamed[other]!)] as const),
        before: before.map(([one, other]) => [id(renamed[one]!), id(renamed[other]!)] as const),
      }));
  });

test('of two that nothing waits for and that take as long, the one that must come soon is not put off', () => {
  const problem: WetEdgeProblem = {
    openTimeMinutes: 9,
    elements: [2, 1, 1, 0.5, 2, 1].map((minutes, index) => ({ id: `e${index}`, minutes })),
    laps: [
      ['e2', 'e3'],
      ['e3', 'e5'],
      ['e2', 'e4'],
    ],
    before: [
      ['e2', 'e5'],
      ['e2', 'e4'],
      ['e3', 'e5'],
      ['e1', 'e4'],
      ['e2', 'e0'],
    ],
  };
  const found = bestOrder(problem, { from: [], steps: STEPS });
  assert.deepEqual(found.order, ['e1', 'e3', 'e2', 'e5', 'e4', 'e0']);
  assert.equal(found.worst, 2.5);
});

test('agrees with trying every order, up to six elements', () => {
  fc.assert(
    fc.property(problems(6), (problem) => {
      const found = bestOrder(problem, { from: [], steps: STEPS });
      assert.ok(found.isProved);
      assert.ok(keepsBefore(problem, found.order));
      assert.ok(Math.abs(found.worst - worstAge(problem, found.order)) < 1e-9);
      assert.ok(Math.abs(found.worst - leastWorstAge(problem)) < 1e-5, `${found.worst}`);
    }),
    { numRuns: 250, endOnFailure: true },
  );
});

test('agrees with trying every order of nine elements', () => {
  const [problem] = fc.sample(
    problems(9).filter(({ elements, laps }) => elements.length === 9 && laps.length > 9),
    {
      numRuns: 1,
      seed: 9,
    },
  );
  const found = bestOrder(problem!, { from: [], steps: STEPS });
  assert.ok(found.isProved);
  assert.ok(Math.abs(found.worst - leastWorstAge(problem!)) < 1e-5);
});

test('alike elements, each with one of its own, are found as if all were tried', () => {
  const spindles = [1, 2, 3].flatMap((n) => [
    { id: `s${n}`, minutes: 2 },
    { id: `back${n}`, minutes: 2 },
  ]);
  const problem: WetEdgeProblem = {
    openTimeMinutes: 9,
    elements: [{ id: 'bottom', minutes: 1 }, ...spindles, { id: 'top', minutes: 1 }],
    laps: [1, 2, 3].flatMap((n): [string, string][] => [
      ['bottom', `s${n}`],
      [`s${n}`, 'top'],
      [`s${n}`, `back${n}`],
    ]),
    before: [1, 2, 3].map((n) => ['bottom', `s${n}`]),
  };
  assert.ok(Math.abs(bestOrder(problem, { from: [], steps: STEPS }).worst - leastWorstAge(problem)) < 1e-5);
});

test('what it has found so far is sound at every step, and never gets worse', () => {
  fc.assert(
    fc.property(problems(14), (problem) => {
      let last = Infinity;
      let bound = 0;
      for (const found of searchOrder(problem, { from: [], steps: 300 })) {
        assert.ok(keepsBefore(problem, found.order));
        assert.ok(found.worst <= last + 1e-9 && found.bound >= bound - 1e-9);
        assert.ok(found.bound <= found.worst + 1e-5);
        [last, bound] = [found.worst, found.bound];
      }
    }),
    { numRuns: 100, endOnFailure: true },
  );
});

test('an order that is as good as any is kept', () => {
  const problem = { ...known, laps: [], before: [] };
  const from = ['E', 'D', 'C', 'B', 'A'];
  assert.deepEqual(bestOrder(problem, { from, steps: STEPS }).order, from);
});

test('refuses what waits in a circle, an unknown element, and an order that misses one', () => {
  const circle: WetEdgeProblem = {
    ...known,
    before: [
      ['A', 'B'],
      ['B', 'A'],
    ],
  };
  assert.throws(() => bestOrder(circle, { from: [], steps: 10 }), /circle/);
  assert.throws(() => bestOrder({ ...known, laps: [['A', 'Z']] }, { from: [], steps: 10 }), /No element has the id Z/);
  assert.throws(() => lapAges(known, ['A', 'B']), /RangeError: An order must paint every part once\./);
  assert.throws(() => lapAges(known, ['A', 'A', 'B', 'C', 'D']), /twice/);
});

test('seven tenths of the open time are fresh, all of it is close', () => {
  assert.deepEqual([0.7, 0.71, 1, 1.01].map(freshnessAt), ['fresh', 'close', 'close', 'gone-off']);
});

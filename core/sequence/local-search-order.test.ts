import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { everyOrder } from '../fixtures/every-order.ts';
import { localSearchOrder, type MovingOptions } from './local-search-order.ts';
import type { OrderFound } from './order-search.ts';
import { keepsBefore, type WetEdgeProblem } from './wet-edge.ts';

/** The oldest lap when two share an order: whoever is free takes the next. */
function oldestByTwo({ elements, laps }: WetEdgeProblem, order: readonly string[]): number {
  const minutes = new Map(elements.map((element) => [element.id, element.minutes]));
  const middles = new Map<string, number>();
  const free: [number, number] = [0, 0];
  for (const id of order) {
    const hand = free[1] < free[0] ? 1 : 0;
    const takes = minutes.get(id) ?? 0;
    middles.set(id, free[hand] + takes / 2);
    free[hand] += takes;
  }
  return Math.max(0, ...laps.map(([one, other]) => Math.abs(middles.get(one)! - middles.get(other)!)));
}

function last(problem: WetEdgeProblem, options: Omit<MovingOptions, 'oldestLap'>): OrderFound & { told: number[] } {
  const search = localSearchOrder(problem, { ...options, oldestLap: (order) => oldestByTwo(problem, order) });
  const told: number[] = [];
  for (;;) {
    const next = search.next();
    if (next.done) return { ...next.value, told };
    told.push(next.value.worst);
  }
}

/** Elements with laps among them; precedences run from a lower to a higher number, so that there is an order. */
const problems = (most: number): fc.Arbitrary<WetEdgeProblem> =>
  fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 2, maxLength: most }).chain((tenths) => {
    const ids = tenths.map((_time, index) => `e${index}`);
    const pair = fc
      .tuple(fc.nat(ids.length - 1), fc.nat(ids.length - 1))
      .filter(([one, other]) => one !== other)
      .map(([one, other]) => [ids[Math.min(one, other)]!, ids[Math.max(one, other)]!] as const);
    return fc.record({
      openTimeMinutes: fc.constant(7),
      elements: fc.constant(ids.map((id, index) => ({ id, minutes: tenths[index]! / 10 }))),
      laps: fc.array(pair, { minLength: 1, maxLength: 10 }),
      before: fc.array(pair, { maxLength: 3 }),
    });
  });

test('an order found by moving keeps what comes first, names everything once and is as old as it says', () => {
  fc.assert(
    fc.property(problems(12), (problem) => {
      const from = problem.elements.map(({ id }) => id);
      const found = last(problem, { from: [from], tries: 300 });
      assert.deepEqual([...found.order].sort(), [...from].sort());
      assert.ok(keepsBefore(problem, found.order));
      assert.equal(found.worst, oldestByTwo(problem, found.order));
      assert.ok(found.worst <= oldestByTwo(problem, from));
      assert.ok(
        found.told.every((worst, index) => index === 0 || worst < found.told[index - 1]!),
        'better and better',
      );
      assert.deepEqual(last(problem, { from: [from], tries: 300 }), found, 'the same again');
    }),
    { numRuns: 60, endOnFailure: true },
  );
});

test('of small problems nearly all come out as good as the best of every order', () => {
  let [asGood, all] = [0, 0];
  fc.assert(
    fc.property(problems(6), (problem) => {
      const from = problem.elements.map(({ id }) => id);
      const least = [...everyOrder(problem)].reduce(
        (best, order) => Math.min(best, oldestByTwo(problem, order)),
        Infinity,
      );
      const { worst } = last(problem, { from: [from], tries: 2000 });
      assert.ok(worst >= least - 1e-9, 'better than every order there is');
      all++;
      if (worst < least + 1e-9) asGood++;
    }),
    { numRuns: 80, seed: 7, endOnFailure: true },
  );
  assert.ok(asGood >= all - 1, `${asGood} of ${all}`);
});

test('an order to begin with that breaks a precedence is left for one that keeps it', () => {
  const problem: WetEdgeProblem = {
    openTimeMinutes: 7,
    elements: ['rail', 'stile', 'edge'].map((id) => ({ id, minutes: 1 })),
    laps: [['rail', 'stile']],
    before: [['rail', 'stile']],
  };
  const found = last(problem, { from: [['stile', 'rail', 'edge']], tries: 50 });
  assert.ok(keepsBefore(problem, found.order));
  assert.equal(found.told[0], Infinity);
});

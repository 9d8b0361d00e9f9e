import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../testing/known-answers.ts';
import { cheapestTins, type TinSize } from './tins.ts';

const { cases } = knownAnswers<{
  cases: { need: number; sizes: TinSize[]; tins: number[]; cost: number; leftOver: number }[];
}>('tins.json');

test('known answers for tins', () => {
  for (const { need, sizes, tins, cost, leftOver } of cases) {
    const choice = cheapestTins(need, sizes);
    assert.deepEqual(choice.tins, tins);
    assert.equal(choice.cost, cost);
    assert.ok(Math.abs(choice.leftOver - leftOver) < 0.0051, `${choice.leftOver}`);
  }
});

/** Every combination of up to `most` tins. */
function exhaustive(
  need: number,
  sizes: readonly TinSize[],
  most: number,
): { cost: number; count: number; total: number } {
  let best = { cost: Infinity, count: Infinity, total: Infinity };
  const visit = (index: number, cost: number, count: number, total: number): void => {
    if (total >= need) {
      const better = cost - best.cost || count - best.count || total - best.total;
      if (best.cost === Infinity || better < 0) best = { cost, count, total };
      return;
    }
    if (count === most) return;
    for (let next = index; next < sizes.length; next++) {
      const size = sizes[next]!;
      visit(next, cost + size.price * 100, count + 1, total + size.litres * 1000);
    }
  };
  visit(0, 0, 0, 0);
  return best;
}

test('agrees with exhaustive search', () => {
  const size = fc.record({
    litres: fc.integer({ min: 2, max: 20 }).map((n) => n / 4),
    price: fc.integer({ min: 5, max: 90 }),
  });
  fc.assert(
    fc.property(
      fc.array(size, { minLength: 1, maxLength: 3 }),
      fc.integer({ min: 0, max: 4000 }),
      (sizes, millilitres) => {
        const choice = cheapestTins(millilitres / 1000, sizes);
        const expected = exhaustive(millilitres, sizes, 9);
        assert.equal(Math.round(choice.cost * 100), expected.cost);
        assert.equal(choice.tins.length, expected.count);
        assert.equal(Math.round(choice.tins.reduce((sum, litres) => sum + litres * 1000, 0)), expected.total);
      },
    ),
    { numRuns: 200 },
  );
});

test('refuses a need or sizes that make no sense', () => {
  assert.throws(() => cheapestTins(-1, [{ litres: 1, price: 1 }]), RangeError);
  assert.throws(() => cheapestTins(1, []), RangeError);
});

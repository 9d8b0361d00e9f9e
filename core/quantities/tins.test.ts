import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { knownAnswers } from '../fixtures/known-answers.ts';
import { cheapestTins, tinChoices, type TinSize } from './tins.ts';

const { cases } = knownAnswers('tins.json') as {
  cases: { need: number; sizes: TinSize[]; tins: number[]; cost: number; leftOver: number }[];
};

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

/** Every set of tins of which none could be left out, cheapest first. */
function allChoices(need: number, sizes: readonly TinSize[]): { tins: string; cost: number }[] {
  const found = new Map<string, number>();
  const visit = (index: number, tins: readonly TinSize[]): void => {
    const litres = tins.reduce((sum, tin) => sum + tin.litres, 0);
    if (litres >= need - 1e-9) {
      if (tins.every((tin) => litres - tin.litres < need - 1e-9)) {
        const key = tins
          .map((tin) => tin.litres)
          .sort((one, other) => one - other)
          .join();
        found.set(
          key,
          Math.min(
            found.get(key) ?? Infinity,
            tins.reduce((sum, { price }) => sum + price, 0),
          ),
        );
      }
      return;
    }
    for (let next = index; next < sizes.length; next++) visit(next, [...tins, sizes[next]!]);
  };
  visit(0, []);
  return [...found].map(([tins, cost]) => ({ tins, cost })).sort((one, other) => one.cost - other.cost);
}

test('the second best is the cheapest of all other sets of which no tin could be left out', () => {
  const size = fc.record({
    litres: fc.constantFrom(0.5, 0.75, 1, 2.5, 5),
    price: fc.integer({ min: 5, max: 90 }),
  });
  fc.assert(
    fc.property(
      fc.uniqueArray(size, { minLength: 1, maxLength: 4, selector: ({ litres }) => litres }),
      fc.integer({ min: 1, max: 5000 }),
      (sizes, millilitres) => {
        const need = millilitres / 1000;
        const { best, second } = tinChoices(need, sizes);
        const others = allChoices(need, sizes).filter(({ tins }) => tins !== best.tins.join());
        assert.equal(second?.cost ?? null, others[0]?.cost ?? null);
        if (second) assert.ok(second.tins.reduce((sum, litres) => sum + litres, 0) >= need - 1e-9);
      },
    ),
    { numRuns: 150, endOnFailure: true },
  );
});

test('of second choices that cost as much, the one with fewer tins is named, then the one that leaves less', () => {
  const choices = (need: number, sizes: [number, number][]) =>
    tinChoices(
      need,
      sizes.map(([litres, price]) => ({ litres, price })),
    );
  // 2 L: the tin of 2 for 10; instead of it two of 1 for 24, or one of 3 for 24.
  const tied = choices(2, [
    [1, 12],
    [2, 10],
    [3, 24],
  ]);
  assert.deepEqual([tied.best.tins, tied.second?.tins], [[2], [3]]);
  const left = choices(2, [
    [2, 10],
    [3, 24],
    [2.5, 24],
  ]);
  assert.deepEqual([left.second?.tins, left.second?.leftOver], [[2.5], 0.5]);
});

test('where one size alone is on sale there is no second choice; of one size at two prices the cheaper counts', () => {
  assert.equal(tinChoices(1.2, [{ litres: 1, price: 9 }]).second, null);
  const twice = [
    { litres: 1, price: 9 },
    { litres: 1, price: 8 },
    { litres: 2.5, price: 30 },
  ];
  assert.deepEqual(tinChoices(1.2, twice).best, { tins: [1, 1], cost: 16, leftOver: 0.8 });
  assert.equal(tinChoices(1.2, twice).second?.cost, 30);
});

test('a hair of rounding buys no tin, nothing needs none, and what is left over is told to the millilitre', () => {
  assert.deepEqual(cheapestTins(0.1 + 0.2, [{ litres: 0.3, price: 4 }]).tins, [0.3]);
  assert.deepEqual(cheapestTins(0, [{ litres: 1, price: 9 }]), { tins: [], cost: 0, leftOver: 0 });
  assert.throws(() => cheapestTins(2000.1, [{ litres: 1, price: 1 }]), RangeError);
  assert.throws(() => cheapestTins(NaN, [{ litres: 1, price: 1 }]), RangeError);
  assert.throws(() => cheapestTins(1, [{ litres: 0, price: 1 }]), RangeError);
  assert.deepEqual(cheapestTins(2000, [{ litres: 50, price: 1 }]).tins.length, 40);
});

test('tins are told the smallest first, the best and the second', () => {
  const sizes = [
    { litres: 2.5, price: 30 },
    { litres: 0.75, price: 14 },
    { litres: 1, price: 20 },
  ];
  const { best, second } = tinChoices(3.2, sizes);
  assert.deepEqual([best.tins, best.cost], [[0.75, 2.5], 44]);
  assert.ok(Math.abs(best.leftOver - 0.05) < 1e-9);
  assert.deepEqual([second?.tins, second?.cost], [[1, 2.5], 50]);
  assert.ok(Math.abs((second?.leftOver ?? 0) - 0.3) < 1e-9);
});

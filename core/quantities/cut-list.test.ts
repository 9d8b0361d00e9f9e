import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { usualPiece } from '../job/document/usual-piece.ts';
import { TestJob } from '../fixtures/jobs.ts';
import { cutLists } from './cut-list.ts';
import { cutFromStock, type WantedLength } from './cutting-stock.ts';

const wanted = (...lengths: number[]): WantedLength[] => lengths.map((length, index) => ({ id: `l${index}`, length }));

/** The least stock by trying every way to put lengths onto bars. */
function leastByHand(lengths: readonly number[], stock: readonly number[], kerf: number): number {
  const shortest = (used: number): number => Math.min(...stock.filter((bar) => bar >= used - 1e-9), Infinity);
  const onBars = (index: number, bars: readonly number[]): number => {
    const length = lengths[index];
    if (length === undefined) return bars.reduce((sum, used) => sum + shortest(used), 0);
    const ways = [...bars.map((used, bar) => bars.with(bar, used + kerf + length)), [...bars, length]].filter((way) =>
      way.every((used) => shortest(used) < Infinity),
    );
    return Math.min(Infinity, ...ways.map((way) => onBars(index + 1, way)));
  };
  return onBars(0, []);
}

test('small lists are cut as well as by trying every way', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 200, max: 2400 }), { minLength: 1, maxLength: 7 }),
      fc.constantFrom([2400], [2400, 3000], [2100, 2700, 3600]),
      fc.constantFrom(0, 3, 5),
      (lengths, stock, kerf) => {
        const plan = cutFromStock(wanted(...lengths), stock, kerf);
        assert.ok(plan.isProvedBest);
        assert.ok(Math.abs(plan.bought - leastByHand(lengths, stock, kerf)) < 1e-6, `${plan.bought}`);
      },
    ),
    { numRuns: 150 },
  );
});

test('every length is cut once, every bar holds its lengths and kerfs, and no bound lies above what is bought', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 100, max: 3200 }), { maxLength: 60 }),
      fc.constantFrom<number[]>([2400], [2400, 3000], [1800, 2400, 4800]),
      (lengths, stock) => {
        const all = wanted(...lengths);
        const plan = cutFromStock(all, stock, 3);
        const cut = plan.bars.flatMap(({ cuts }) => cuts);
        assert.deepEqual([...cut, ...plan.tooLong].map(({ id }) => id).sort(), all.map(({ id }) => id).sort());
        for (const { stock: bar, cuts } of plan.bars) {
          assert.ok(cuts.length > 0 && stock.includes(bar));
          assert.ok(cuts.reduce((sum, { length }) => sum + length, 0) + 3 * (cuts.length - 1) <= bar + 1e-6);
        }
        assert.ok(plan.bound <= plan.bought + 1e-6);
        assert.ok(plan.tooLong.every(({ length }) => length > Math.max(...stock)));
      },
    ),
    { numRuns: 60, endOnFailure: true },
  );
});

test('a kerf can cost a bar, and an exact fit needs none', () => {
  assert.equal(cutFromStock(wanted(1200, 1200), [2400], 0).bars.length, 1);
  assert.equal(cutFromStock(wanted(1200, 1200), [2400], 3).bars.length, 2);
  assert.equal(cutFromStock(wanted(1198.5, 1198.5), [2400], 3).bars.length, 1);
  assert.deepEqual(cutFromStock([], [2400], 3).bars, []);
});

test('what is bought, its bound and what is left of a bar, worked by hand', () => {
  const told = (lengths: number[], stock: number[], kerf: number) => {
    const { bought, bound, bars, isProvedBest } = cutFromStock(wanted(...lengths), stock, kerf);
    return { bought, bound, bars: bars.length, isProvedBest, offcut: bars[0]?.offcut };
  };
  // 1803 mm of two lengths and a kerf, and another kerf to cut the rest off.
  assert.equal(told([1000, 800], [2400], 3).offcut, 594);
  assert.equal(told([2400], [2400], 3).offcut, 0, 'an exact fit leaves nothing, and not less');
  // 60 × 703 mm of 2403 a bar are 17.6 bars, so 18; but three fit a bar, so 20.
  const sameLengths = { bought: 48_000, bound: 43_200, bars: 20, isProvedBest: true, offcut: 291 };
  assert.deepEqual(told(Array<number>(60).fill(700), [2400], 3), sameLengths);
  // Two in 3 m: 6 m for four, and the fifth by itself. 5 × 1303 mm can't be less than 7200, the next sum of bars.
  assert.deepEqual(told(Array<number>(5).fill(1300), [2400, 3000], 3), {
    bought: 8400,
    bound: 7200,
    bars: 3,
    isProvedBest: true,
    offcut: 394,
  });
  // 3900 mm are 4200 of whole bars, the least sum not below it.
  assert.deepEqual([told([1000, 1000, 1000, 900], [1800, 2400], 0).bound], [4200]);
  // Far from zero the bound is the lengths themselves.
  assert.deepEqual([told(Array<number>(40).fill(500), [1800, 2400], 0).bound], [20_000]);
  // No two of these share a bar: each takes the shortest that holds it.
  assert.equal(told([1300, 1300, 2200], [1800, 2400], 3).bound, 1800 + 1800 + 2400);
});

test('of plans that buy as much, the one with fewer bars is cut; an equal length twice on sale is one', () => {
  assert.equal(cutFromStock(wanted(2000, 2000), [2400, 4800], 0).bars.length, 1);
  assert.deepEqual(cutFromStock(wanted(2000), [2400, 2400], 0).bars.length, 1);
});

test('a list that is too long for a proof is still cut, with a bound, and does not claim to be best', () => {
  const lengths = Array.from({ length: 36 }, (_unused, index) => 311 + ((index * 137) % 977));
  const plan = cutFromStock(wanted(...lengths), [2400, 3000, 3600], 3);
  assert.equal(plan.bars.flatMap(({ cuts }) => cuts).length, 36);
  const total = lengths.reduce((sum, length) => sum + length, 0);
  assert.ok(plan.bound >= total, 'no plan buys less than what is cut');
  assert.ok(plan.bought <= plan.bound * 1.05, `${plan.bought} against ${plan.bound}`);
  assert.equal(plan.isProvedBest, plan.bought === plan.bound);
});

test('the cut list of three doors of different sizes: eight lengths a door, worked by hand', () => {
  const made = new TestJob();
  const sizes = [
    [711, 1981],
    [762, 1981],
    [838, 2040],
  ] as const;
  sizes.forEach(([width, height], index) => {
    const usual = usualPiece('moulded-door', 'room-1');
    made.tell('add-pieces', {
      ids: [`m${index}`],
      kind: 'moulded-door',
      piece: { ...usual, shape: { ...usual.shape, width, height } },
    });
  });
  const [list, ...others] = cutLists(made.job);
  assert.ok(list);
  assert.deepEqual(others, []);
  assert.equal(list.moulding, 'ovolo 22 × 9 mm');
  const of = (mark: string) =>
    list.lengths
      .filter((entry) => entry.mark === mark)
      .map(({ length }) => length)
      .sort((a, b) => a - b);
  assert.deepEqual(of('D-01'), [491, 491, 491, 491, 1761, 1761, 1761, 1761]);
  assert.deepEqual(of('D-02'), [542, 542, 542, 542, 1761, 1761, 1761, 1761]);
  assert.deepEqual(of('D-03'), [618, 618, 618, 618, 1820, 1820, 1820, 1820]);
  // Twelve uprights, no two from one bar of 2400. Beside 1761 (636 left) each width fits; beside 1820 (577) only 491 and 542.
  assert.equal(list.plan.bars.length, 12);
  assert.equal(list.plan.bought, 12 * 2400);
  assert.ok(list.plan.isProvedBest);
  // All lengths and kerfs are 28.1 m: longer bars can't make it less than 28.8 m, but fewer bars.
  const longer = cutLists(made.tell('change-cutting', { stock: [2400, 3600, 4800] }).job)[0];
  assert.equal(longer?.plan.bought, 28_800);
  assert.ok((longer?.plan.bars.length ?? 12) < 12);
});

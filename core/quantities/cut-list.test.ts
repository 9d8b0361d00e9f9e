import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { usualPiece } from '../job/document/usual-piece.ts';
import { TestJob } from '../testing/jobs.ts';
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

import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { SlotRounds, type Stay } from './slot-rounds.ts';

const DAYS = 40;
/** Every morning at 10 of a day of 100 ticks. */
const MORNINGS = Array.from({ length: DAYS }, (_unused, day) => day * 100 + 10);

/** So many pieces that come at once and leave on the so-manieth day after, five ticks into it. */
const nights = (count: number, days: number): Stay => ({
  count,
  leaves: (from) => (Math.floor(from / 100) + days) * 100 + 15,
});

const over = (stays: readonly Stay[], slots: number): number => new SlotRounds(stays, MORNINGS, 'early').over(slots);

test('pieces of a night each take their turns night after night', () => {
  assert.equal(over([nights(8, 1)], 2), 415);
  assert.equal(over([nights(8, 1)], 3), 315);
  assert.equal(over([nights(8, 1)], 8), 115);
});

test('long and short ones are weighed together: no slot can take short ones alone', () => {
  // Twelve nights on two slots are six nights on each.
  assert.equal(over([nights(4, 1), nights(4, 2)], 2), 615);
});

test('one that comes and goes within a day says nothing', () => {
  assert.equal(over([nights(50, 0)], 1), 0);
  assert.equal(over([nights(50, 0), nights(3, 1)], 1), 315);
});

test('no bound is later than the best of all ways to share the slots', () => {
  const kinds = fc.array(fc.record({ count: fc.integer({ min: 1, max: 3 }), days: fc.integer({ min: 1, max: 4 }) }), {
    minLength: 1,
    maxLength: 3,
  });
  fc.assert(
    fc.property(kinds, fc.integer({ min: 1, max: 3 }), (asked, slots) => {
      const pieces = asked.flatMap(({ count, days }) => Array.from({ length: count }, () => days));
      const best = leastOfLongest(
        pieces,
        Array.from({ length: slots }, () => 0),
      );
      const found = over(
        asked.map(({ count, days }) => nights(count, days)),
        slots,
      );
      assert.ok(found <= best * 100 + 15, `${found} after ${best} nights`);
      // It is no weaker than the longest piece, and than all nights shared evenly.
      const even = pieces.reduce((sum, days) => sum + days, 0) / slots;
      assert.ok(found >= Math.min(...pieces) * 100 + 15);
      assert.ok(found >= Math.floor(even) * 100 + 15 - 100, `${found}, ${even} nights a slot`);
    }),
    { numRuns: 200 },
  );
});

/** The nights of the slot that is busy longest where pieces are shared best, by trying all ways. */
function leastOfLongest(pieces: readonly number[], slots: readonly number[]): number {
  const [first, ...rest] = pieces;
  if (first === undefined) return Math.max(...slots);
  return Math.min(
    ...slots.map((busy, index) =>
      leastOfLongest(
        rest,
        slots.map((own, at) => (at === index ? busy + first : own)),
      ),
    ),
  );
}

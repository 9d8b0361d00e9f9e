import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fixedShare } from './fixed-share.ts';
import { seededRandom } from './seeded-random.ts';

const drawn = (seed: number, count: number): number[] => {
  const random = seededRandom(seed);
  return Array.from({ length: count }, () => random());
};
/** How many of some shares lie in each tenth. */
const tenths = (shares: readonly number[]): number[] => {
  const counts = Array<number>(10).fill(0);
  for (const share of shares) counts[Math.min(9, Math.floor(share * 10))]! += 1;
  return counts;
};

test('what was drawn can be drawn again, and another seed draws something else', () => {
  assert.deepEqual(drawn(7, 50), drawn(7, 50));
  assert.notDeepEqual(drawn(7, 5), drawn(8, 5));
  // Plans of files that were made once must come out the same with every later Nivel.
  assert.deepEqual(
    drawn(1, 3).map((share) => share.toFixed(6)),
    ['0.627074', '0.002736', '0.527447'],
  );
});

test('numbers are spread evenly from nought up to one, and never reach it', () => {
  const shares = drawn(3, 20_000);
  assert.ok(shares.every((share) => share >= 0 && share < 1));
  for (const count of tenths(shares)) assert.ok(count > 1800 && count < 2200, `${count}`);
});

test('a text has one share, and texts that differ in a letter are far apart', () => {
  assert.equal(fixedShare('d/rail'), fixedShare('d/rail'));
  const shares = Array.from({ length: 2000 }, (_unused, index) => fixedShare(`piece-${index}`));
  assert.ok(shares.every((share) => share >= 0 && share <= 1));
  for (const count of tenths(shares)) assert.ok(count > 140 && count < 260, `${count}`);
  const steps = shares.slice(1).map((share, index) => Math.abs(share - shares[index]!));
  assert.ok(steps.filter((step) => step < 0.01).length < 100, 'neighbours are no nearer than chance has them');
});

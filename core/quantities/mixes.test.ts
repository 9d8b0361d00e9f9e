import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import { cleanerFor, portionOf, potPortions, scaledRecipe, thinnerFor } from './mixes.ts';

const tile = DEFAULT_COATINGS.find(({ id }) => id === 'prime-2k-tile')!;
const enamel = DEFAULT_COATINGS.find(({ id }) => id === 'enamel-acrylic')!;

test('a portion is measured by volume and by mass', () => {
  // 4 to 1 by volume; base 1.3 kg/L, hardener 1 kg/L.
  const portion = portionOf(tile, 0.5)!;
  assert.deepEqual(
    [portion.base, portion.hardener].map(({ millilitres, grams }) => [Math.round(millilitres), Math.round(grams)]),
    [
      [400, 520],
      [100, 100],
    ],
  );
  assert.equal(portionOf(enamel, 0.5), null);
});

test('portions are as few as are each used up within the pot life, standing time included', () => {
  // 180 min of pot life: 144 are counted on, 10 of them stood; 300 min of work are three portions of 100.
  const portions = potPortions(tile, { litres: 1.5, workMinutes: 300, potLife: 180 }, 10);
  assert.ok(portions.kind === 'portions');
  assert.deepEqual([portions.count, portions.each.litres, portions.workMinutes], [3, 0.5, 100]);
});

test('in a heat in which not even the smallest measure is used up in time, that is said', () => {
  const portions = potPortions(tile, { litres: 0.2, workMinutes: 300, potLife: 20 }, 20);
  assert.equal(portions.kind, 'too-fast');
  assert.equal(potPortions(enamel, { litres: 1, workMinutes: 30, potLife: 60 }, 10).kind, 'not-stated');
});

test('a mix is never older than its pot life when it is used up, and no more of them than needed', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 20, noNaN: true }),
      fc.double({ min: 1, max: 900, noNaN: true }),
      fc.double({ min: 5, max: 600, noNaN: true }),
      (litres, workMinutes, potLife) => {
        const portions = potPortions(tile, { litres, workMinutes, potLife }, 5);
        if (portions.kind !== 'portions') return;
        assert.ok(portions.induction + portions.workMinutes <= potLife * 0.8 + 1e-6);
        assert.ok(Math.abs(portions.each.litres * portions.count - litres) < 1e-9);
        const fewer = portions.count - 1;
        if (fewer > 0) assert.ok(portions.induction + workMinutes / fewer > potLife * 0.8 - 1e-6);
        assert.ok(portions.count === 1 || portions.each.hardener.millilitres >= 5 - 1e-9);
      },
    ),
  );
});

test('thinner, cleaner and recipes by hand', () => {
  assert.equal(thinnerFor(2.5, 5), 125);
  assert.equal(cleanerFor(4.5, 30), 135);
  const recipe = scaledRecipe(
    [
      { what: 'chalk line', amount: 900 },
      { what: 'harbour slate', amount: 100 },
    ],
    2.5,
  );
  assert.deepEqual(
    recipe.map(({ millilitres }) => Math.round(millilitres)),
    [2250, 250],
  );
  assert.deepEqual(scaledRecipe([], 1), []);
});

test('what is too fast says how much is the least that can be measured, and how long that would take', () => {
  // 5 mL of hardener are 25 mL mixed: of 0.5 L and 300 min that is 15 min of work, in a pot that gives none.
  const portions = potPortions(tile, { litres: 0.5, workMinutes: 300, potLife: 10 }, 5);
  assert.deepEqual(portions, { kind: 'too-fast', potLife: 10, smallest: 0.025, workMinutes: 15 });
});

test('one portion is mixed however little hardener it takes, and a hardener without a density weighs as its base', () => {
  const portions = potPortions(tile, { litres: 0.02, workMinutes: 5, potLife: 180 }, 10);
  assert.ok(portions.kind === 'portions' && portions.count === 1);
  const alike = portionOf({ ...tile, hardenerDensity: null }, 0.5)!;
  assert.ok(Math.abs(alike.hardener.grams - 100 * tile.density) < 1e-9);
});

test('a recipe’s shares are of its whole, and nothing of nothing', () => {
  const [one, other] = scaledRecipe(
    [
      { what: 'a', amount: 30 },
      { what: 'b', amount: 10 },
    ],
    0.5,
  );
  assert.deepEqual([one?.share, one?.millilitres, other?.share], [0.75, 375, 0.25]);
  assert.deepEqual(scaledRecipe([{ what: 'a', amount: 0 }], 1)[0], { what: 'a', share: 0, millilitres: 0 });
});

test('two portions are too many where each would have less hardener than can be measured', () => {
  // 144 min are counted on, 10 of them stood: 200 min are two portions of 0.02 L, with 4 mL of hardener each.
  const work = { litres: 0.04, workMinutes: 200, potLife: 180 };
  assert.equal(potPortions(tile, work, 5).kind, 'too-fast');
  const two = potPortions(tile, work, 4);
  assert.ok(two.kind === 'portions' && two.count === 2);
});

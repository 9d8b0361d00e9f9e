import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { colourDifference, labOf, reflectance } from './colour.ts';
import { baseOf, coatsToHide, hidingAccount, MAX_COATS, remainingDifference } from './hiding.ts';

const near = (found: number, wanted: number, within: number): void =>
  assert.ok(Math.abs(found - wanted) <= within, `${found} is not ${wanted}`);

test('reflectance and CIELAB of white, black and the middle grey of sRGB', () => {
  near(reflectance('#ffffff'), 100, 0.01);
  near(reflectance('#000000'), 0, 0.01);
  // 119/255 in sRGB is 18.4% by its transfer curve; CIELAB calls that half as light as white.
  near(reflectance('#777777'), 18.4, 0.1);
  near(labOf('#777777').l, 50, 0.1);
});

test('CIEDE2000 is 100 from black to white, symmetric, and refuses what is no colour', () => {
  near(colourDifference('#000000', '#ffffff'), 100, 0.1);
  near(colourDifference('#8fa37b', '#43565e'), colourDifference('#43565e', '#8fa37b'), 1e-9);
  assert.throws(() => reflectance('slate'), /six digits/);
});

test('colours fall into the bases into which a shop would tint them', () => {
  const bases = ['#fbfaf6', '#d8dccb', '#8fa37b', '#43565e', '#c62b22', '#e8b31a', '#141616'].map(baseOf);
  assert.deepEqual(bases, ['white', 'pastel', 'mid', 'deep', 'bright', 'bright', 'black']);
});

test('white over a strong blue takes three coats, over nearly white two, red over white more', () => {
  assert.equal(coatsToHide('#1f3f77', '#ffffff'), 3);
  assert.equal(coatsToHide('#f2efe6', '#ffffff'), 2);
  // The account ends at the very coat after which nothing is seen any more.
  const after = [...(hidingAccount('#1f3f77', '#ffffff')[2] ?? '').matchAll(/: (\d+\.\d)/g)].map(([, left]) =>
    Number(left),
  );
  assert.deepEqual(
    after.map((left) => left <= 1.5),
    [false, false, true],
  );
  // 0.45^5 of a difference of about 47 is 0.9; of 0.45^4 there are 1.9 left.
  assert.equal(coatsToHide('#ffffff', '#c62b22'), 5);
  assert.ok(remainingDifference('#ffffff', '#c62b22', 4) > 1.5);
});

test('every further coat hides more, and the number of coats is the smallest that hides', () => {
  const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
  fc.assert(
    fc.property(hex, hex, (under, over) => {
      const coats = coatsToHide(under, over);
      if (coats < MAX_COATS) assert.ok(remainingDifference(under, over, coats) <= 1.5);
      if (coats > 2) assert.ok(remainingDifference(under, over, coats - 1) > 1.5);
      assert.ok(remainingDifference(under, over, coats + 1) <= remainingDifference(under, over, coats));
    }),
  );
});

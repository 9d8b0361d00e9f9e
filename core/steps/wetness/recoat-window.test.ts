import assert from 'node:assert/strict';
import { test } from 'node:test';
import { recoatableFor, recoatCloses } from './recoat-window.ts';

test('a window is stated in hours of the clock, and closes so many after the coat', () => {
  assert.equal(recoatableFor({ recoatMax: 72 }), 72 * 60);
  assert.equal(recoatCloses({ recoatMax: 1.5 }, 100), 190);
});

test('without a limit it never closes', () => {
  assert.equal(recoatableFor({ recoatMax: null }), null);
  assert.equal(recoatCloses({ recoatMax: null }, 100), null);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { withinSeconds } from './unit-seconds.ts';

test('the nearest files come first, and a long one gives way to those behind it that still fit', () => {
  const known = new Map([
    ['near', 2],
    ['long', 9],
    ['further', 1],
    ['furthest', 1.5],
  ]);
  assert.deepEqual(withinSeconds(['near', 'long', 'further', 'furthest'], 4, known), ['near', 'further']);
  assert.deepEqual(withinSeconds(['new', 'long'], 1, known), ['new'], 'one that has not run yet is taken to be short');
});

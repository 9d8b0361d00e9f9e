import assert from 'node:assert/strict';
import { test } from 'node:test';
import { workOf } from './crew-work.ts';

test('work is whole minutes, rounded up but for a hair of a product, and one at least', () => {
  assert.equal(workOf(10, 1.21), 13);
  assert.equal(workOf(10, 1.2), 12);
  assert.equal(workOf(3, 1.1), 4);
  assert.equal(workOf(0.1 + 0.2, 10), 3, 'rounding of a sum takes no minute');
  assert.equal(workOf(0, 1.5), 1);
  assert.equal(workOf(0.2, 1), 1);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { vialReading } from './vial-reading.ts';

const window = { since: 100, opens: 200, closes: 300 };

test('the bubble is left of the lines before, between them in, and right of them after the window', () => {
  assert.deepEqual(vialReading(150, window), { side: 'before', share: 0.5 });
  assert.deepEqual(vialReading(200, window), { side: 'between', share: 0 });
  assert.deepEqual(vialReading(275, window), { side: 'between', share: 0.75 });
  assert.equal(vialReading(301, window).side, 'after');
  assert.deepEqual(vialReading(99999, window), { side: 'after', share: 1 });
});

test('a window that never closes stays level, one that never opens stays at the left end', () => {
  assert.deepEqual(vialReading(5000, { ...window, closes: null }), { side: 'between', share: 0.5 });
  assert.deepEqual(vialReading(5000, { ...window, opens: Infinity }), { side: 'before', share: 0 });
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { capital, listed } from './sentence.ts';

test('names are listed as one says them, long lists by their first ones', () => {
  assert.equal(listed([]), '');
  assert.equal(listed(['rail']), 'rail');
  assert.equal(listed(['rail', 'stile']), 'rail and stile');
  assert.equal(listed(['a', 'b', 'c', 'd'], 4), 'a, b, c and d');
  assert.equal(listed(['a', 'b', 'c', 'd', 'e', 'f'], 4), 'a, b, c and 3 more');
  assert.equal(capital('upper left panel'), 'Upper left panel');
  assert.equal(capital(''), '');
});

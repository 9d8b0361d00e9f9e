import assert from 'node:assert/strict';
import { test } from 'node:test';
import { anyOf, capital, counted, listed } from './sentence.ts';

test('names are listed as one says them, long lists by their first ones', () => {
  assert.equal(listed([]), '');
  assert.equal(listed(['rail']), 'rail');
  assert.equal(listed(['rail', 'stile']), 'rail and stile');
  assert.equal(listed(['a', 'b', 'c', 'd'], 4), 'a, b, c and d');
  assert.equal(listed(['a', 'b', 'c', 'd', 'e', 'f'], 4), 'a, b, c and 3 more');
  assert.equal(capital('upper left panel'), 'Upper left panel');
  assert.equal(capital(''), '');
});

test('one of something and several of it', () => {
  assert.equal(counted(1, 'piece'), '1 piece');
  assert.equal(counted(0, 'piece'), '0 pieces');
  assert.equal(counted(2, 'face is', 'faces are'), '2 faces are');
  assert.equal(anyOf(['brush', 'roller', 'gun']), 'brush, roller or gun');
});

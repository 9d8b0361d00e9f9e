import assert from 'node:assert/strict';
import { test } from 'node:test';
import { getOrInsertComputed, groupBy } from './maps.ts';

test('entries are grouped in the order in which each key comes first, and keep theirs within', () => {
  const groups = groupBy(['oak', 'ash', 'beech', 'elm', 'birch'], (name) => name.length);
  assert.deepEqual(
    [...groups],
    [
      [3, ['oak', 'ash', 'elm']],
      [5, ['beech', 'birch']],
    ],
  );
  assert.equal(groupBy([], String).size, 0);
});

test('what a map lacks is made once, and what it holds is not made again, empty or zero though it be', () => {
  const map = new Map([['none', 0]]);
  let made = 0;
  const make = (): number => (made += 1);
  assert.equal(getOrInsertComputed(map, 'none', make), 0);
  assert.equal(getOrInsertComputed(map, 'one', make), 1);
  assert.equal(getOrInsertComputed(map, 'one', make), 1);
  assert.deepEqual(
    [...map],
    [
      ['none', 0],
      ['one', 1],
    ],
  );
});

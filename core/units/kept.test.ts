import assert from 'node:assert/strict';
import { test } from 'node:test';
import { kept, keptByName } from './kept.ts';

test('an answer is kept by the identity of everything that was asked with, the newest so many of them', () => {
  let made = 0;
  const ask = kept((key: readonly number[], unit: string, scale: object) => ({ key, unit, scale, number: ++made }), {
    last: 2,
  });
  const [list, scale] = [Object.freeze([1]), {}];
  const first = ask(list, 'mm', scale);
  assert.equal(ask(list, 'mm', scale), first);
  const other = ask(list, 'm', scale);
  assert.equal(ask(list, 'mm', scale), first, 'both are kept');
  assert.equal(ask(list, 'm', scale), other);
  assert.notEqual(ask(list, 'mm', {}), first, 'an equal object is another one');
  assert.notEqual(ask(Object.freeze([1]), 'm', scale), other);
  assert.notEqual(ask(list, 'mm', scale), first, 'the oldest is forgotten');
});

test('of what may still change nothing is kept', () => {
  const ask = kept((list: readonly number[]) => list.length);
  const list = [1];
  assert.equal(ask(list), 1);
  list.push(2);
  assert.equal(ask(list), 2);
});

test('an object with many names keeps the answers of all of them', () => {
  let made = 0;
  const ask = keptByName((_key: object, name: string) => `${name} ${++made}`);
  const [one, other] = [{}, {}];
  assert.deepEqual([ask(one, 'a'), ask(one, 'b'), ask(one, 'a'), ask(other, 'a')], ['a 1', 'b 2', 'a 1', 'a 3']);
});

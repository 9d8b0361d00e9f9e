import assert from 'node:assert/strict';
import { test } from 'node:test';
import { anyNumber, wholeNumber } from './typed-number.ts';

const read = (outcome: ReturnType<typeof anyNumber>): number | string => (outcome.ok ? outcome.value : outcome.message);

test('a number is read with point or comma, spaces around it and all, up to its limits', () => {
  assert.equal(read(anyNumber(' 2,5 ', 0, 10)), 2.5);
  assert.equal(read(anyNumber('0', 0, 10)), 0);
  assert.equal(read(anyNumber('10', 0, 10)), 10);
  assert.equal(read(anyNumber('-3', -5, 5)), -3);
});

test('what is none, or lies outside, says what would be right', () => {
  assert.equal(read(anyNumber('', 0, 10)), 'Type a number from 0 to 10.');
  assert.equal(read(anyNumber('two', 0, 10)), 'Type a number from 0 to 10.');
  assert.equal(read(anyNumber('Infinity', 0, 10)), 'Type a number from 0 to 10.');
  assert.equal(read(anyNumber('1,2,3', 0, 10)), 'Type a number from 0 to 10.');
  assert.equal(read(anyNumber('10.1', 0, 10)), '10.1 – must be 0 to 10.');
  assert.equal(read(anyNumber('-0.1', 0, 10)), '-0.1 – must be 0 to 10.');
});

test('a count is whole', () => {
  assert.equal(read(wholeNumber(' 7 ', 1, 9)), 7);
  assert.equal(read(wholeNumber('1', 1, 9)), 1);
  assert.equal(read(wholeNumber('9', 1, 9)), 9);
  assert.equal(read(wholeNumber('2.5', 1, 9)), 'Type a whole number from 1 to 9.');
  assert.equal(read(wholeNumber('', 1, 9)), 'Type a whole number from 1 to 9.');
  assert.equal(read(wholeNumber('0', 1, 9)), '0 – must be 1 to 9.');
  assert.equal(read(wholeNumber('10', 1, 9)), '10 – must be 1 to 9.');
});

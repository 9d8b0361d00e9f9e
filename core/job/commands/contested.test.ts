import assert from 'node:assert/strict';
import { test } from 'node:test';
import { contested } from './contested.ts';

const base = { size: { width: 1, height: 1 }, ids: ['a', 'b'], tins: [{ id: 'x', litres: 1 }], points: [1, 2] };

test('two changes of the same field contest it, two of different fields do not', () => {
  const theirs = { ...base, size: { width: 2, height: 1 } };
  assert.ok(contested(base, theirs, { ...base, size: { width: 3, height: 1 } }));
  assert.ok(!contested(base, theirs, { ...theirs, size: { width: 2, height: 5 } }));
  assert.ok(!contested(base, theirs, theirs), 'what stays as they left it');
  assert.ok(!contested(base, base, { ...base, points: [3] }), 'they have changed nothing');
});

test('entries are known by their ids, wherever they stand', () => {
  const theirs = {
    ...base,
    tins: [
      { id: 'y', litres: 9 },
      { id: 'x', litres: 2 },
    ],
  };
  assert.ok(
    !contested(base, theirs, {
      ...theirs,
      tins: [
        { id: 'x', litres: 2 },
        { id: 'y', litres: 9 },
      ],
    }),
  );
  assert.ok(
    contested(base, theirs, {
      ...theirs,
      tins: [
        { id: 'x', litres: 7 },
        { id: 'y', litres: 9 },
      ],
    }),
  );
  assert.ok(contested(base, theirs, { ...theirs, tins: [{ id: 'x', litres: 2 }] }), 'theirs was taken out again');
});

test('words of a list are contested one by one', () => {
  const added = { ...base, ids: ['a', 'b', 'c'] };
  assert.ok(!contested(base, added, { ...added, ids: ['b', 'c'] }), 'ours took out another');
  assert.ok(contested(base, added, { ...added, ids: ['a', 'b'] }), 'ours took out what they put in');
  const removed = { ...base, ids: ['a'] };
  assert.ok(contested(base, removed, { ...removed, ids: ['a', 'b'] }), 'ours put in what they took out');
  assert.ok(contested({ ids: ['a', 'b'] }, { ids: ['b', 'a'] }, { ids: ['a', 'b'] }), 'only their order was changed');
});

test('what has no names is one thing', () => {
  const theirs = { ...base, points: [1, 3] };
  assert.ok(contested(base, theirs, { ...base, points: [1, 2] }));
  assert.ok(contested({ points: [1] }, { points: [2] }, { points: [3] }));
  assert.ok(!contested({ points: [1] }, { points: [2] }, { points: [2] }));
  assert.ok(contested({ heating: { to: 1 } }, { heating: null }, { heating: { to: 2 } }), 'theirs took it away');
});

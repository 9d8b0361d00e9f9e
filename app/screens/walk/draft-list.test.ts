import assert from 'node:assert/strict';
import { test } from 'node:test';
import { beginList, keptList } from './draft-list.ts';

test('a list is begun with a guess at its columns, and comes back from its draft as it was', () => {
  const begun = beginList('Kind;Width;Height\nflush door;762;1981\n');
  assert.ok(begun.ok);
  assert.deepEqual(begun.value.mapping, ['kind', 'width', 'height']);
  assert.deepEqual(begun.value.table.rows, [['flush door', '762', '1981']]);
  assert.deepEqual(keptList(JSON.stringify(begun.value)), begun.value);
});

test('nothing is no list, and a draft of another Nivel is left alone', () => {
  assert.ok(!beginList('').ok);
  assert.equal(keptList(''), null);
  assert.equal(keptList('{"rows": []}'), null);
  const unknown = { table: { names: ['x'], rows: [['1']] }, mapping: ['smell'] };
  assert.equal(keptList(JSON.stringify(unknown)), null);
});

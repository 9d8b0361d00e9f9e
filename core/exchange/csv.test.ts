import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { readCsv, readNamedCsv, writeCsv } from './csv.ts';

const cell = fc.oneof(
  fc.string({ maxLength: 12 }),
  fc.constantFrom('=1+1', "'=1+1", '+44 20', '-3.5', '@SUM(A1)', "''-x", '-', 'plain', '"quoted", and more'),
);

test('whatever is written comes back, and nothing in it is carried out by a spreadsheet', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 8 }), (rows) => {
      const text = writeCsv(['one', 'other'], rows);
      // Cells are trimmed by every list, and lines of nothing are no rows.
      const trimmed = (list: readonly (readonly string[])[]): string[][] =>
        list.map((row) => row.map((each) => each.trim())).filter((row) => row.some((each) => each !== ''));
      assert.deepEqual(trimmed(readCsv(text).rows.slice(1)), trimmed(rows));
    }),
  );
  const [, first = ''] = writeCsv(['x'], [['=HYPERLINK("http://x")']]).split('\r\n');
  assert.match(first, /^"?'=/);
  assert.equal(writeCsv(['x'], [['-3.5'], [-4]]), 'x\r\n-3.5\r\n-4', 'numbers stay numbers');
});

test('names of columns are written alike, and a quotation mark that is not closed is told by its row', () => {
  assert.deepEqual(
    readNamedCsv('\uFEFF Time \nnow', (name) => name.trim().toLowerCase()),
    {
      fields: ['time'],
      rows: [{ time: 'now' }],
    },
  );
  assert.equal(readCsv('a,b\n1,"2').brokenRow, 1);
});

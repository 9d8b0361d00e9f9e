import assert from 'node:assert/strict';
import { test } from 'node:test';
import { outcomeWords } from './outcome-words.ts';

const SAME = { result: 'x', fails: false, name: 'two coats', more: { days: 0, hours: 0, money: 0, coats: 0 } };
const words = (facts: Partial<Omit<typeof SAME, 'name'>> & { name?: string | null }) =>
  outcomeWords({ ...SAME, ...facts }, 'EUR');

test('a result is told by what it changes, and what is too small to matter is left out', () => {
  assert.equal(
    words({ more: { days: -1.4, hours: -7, money: -52, coats: -1 } }),
    '1 coat less, 1.5 days less, 7 h less and €52 less',
  );
  assert.equal(words({ more: { days: 0.2, hours: 5, money: 1, coats: 0 } }), '5 h more');
  assert.match(words({ fails: true, more: { days: 0, hours: 2.6, money: 0, coats: 0 } }), /at risk\. Then 3 h more$/);
  assert.equal(words({ name: null }), 'nothing on the shelf would hold');
  assert.match(words({}), /^other preparation/);
});

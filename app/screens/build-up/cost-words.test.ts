import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Weights } from '../../../core/job/document/group-schema.ts';
import type { Cost } from '../../../core/choosing/weigh.ts';
import { costWords } from './cost-words.ts';

const words = costWords('EUR');
const COST: Cost = {
  risk: 1,
  days: 3.26,
  hours: 2.5,
  money: 41.4,
  coats: 3,
  smell: 2,
  toughness: 4,
  dust: 0.5,
  misfits: 0,
};

test('what a painter looks at first: days, work, paint, coats', () => {
  assert.deepEqual(words.figures(COST), [
    { name: 'days to hanging', value: '3.3' },
    { name: 'labour', value: '2 h 30 min' },
    { name: 'paint', value: '€41' },
    { name: 'coats', value: '3' },
  ]);
  assert.equal(words.figures({ ...COST, coats: 1 }).at(-1)?.name, 'coat');
  assert.equal(words.figures({ ...COST, days: Infinity })[0]?.value, 'never');
});

test('how much more than the best, each in words of its own', () => {
  const more: [keyof Weights, number, string][] = [
    ['money', 14, '€14 more paint'],
    ['days', 0.5, '12 h longer'],
    ['days', Infinity, 'won’t dry'],
    ['hours', 0.75, '45 min more work'],
    ['dust', 2, '2 h more sanding'],
    ['toughness', 2, '2 less tough'],
    ['coats', 1, '1 more coat'],
    ['coats', 2, '2 more coats'],
    ['risk', 2, '2 more risks'],
    ['smell', 1, '1 more smelly product'],
  ];
  for (const [criterion, amount, said] of more) assert.equal(words.more(criterion, amount), said);
  assert.equal(costWords('GBP').value('money', 9.6), '£10');
  assert.equal(words.value('toughness', 4), '4/5');
  assert.equal(words.value('risk', 0), 'none');
});

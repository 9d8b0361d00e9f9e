import assert from 'node:assert/strict';
import { test } from 'node:test';
import { EXTERIOR, job, on, TRIM } from '../fixtures/example-recipes.ts';
import { EXAMPLES, type Example } from '../fixtures/rule-examples.ts';
import { ground } from '../fixtures/surfaces.ts';
import { judgeRecipe } from './judge.ts';
import { SOURCES } from './rule.ts';
import { RULES } from './rules/registry.ts';
import type { Recipe } from './system-coat.ts';

const fired = ([given, built]: Example, id: string): boolean =>
  judgeRecipe(job, [given], built).findings.some(({ rule }) => rule.id === id);

for (const rule of RULES) {
  test(`rule ${rule.id} fires where it should and not beside it`, () => {
    const known = EXAMPLES[rule.id];
    assert.ok(known, 'every rule has its two examples');
    assert.equal(fired(known.fires, rule.id), true, 'fires');
    assert.equal(fired(known.beside, rule.id), false, 'beside');
  });
}

test('every rule says why, what would lift it and what it rests on, in a sentence, and once', () => {
  assert.ok(RULES.length >= 60);
  assert.equal(new Set(RULES.map(({ id }) => id)).size, RULES.length);
  assert.equal(new Set(RULES.map(({ reason }) => reason)).size, RULES.length);
  for (const { id, reason, fixText, source } of RULES) {
    assert.match(reason, /^[A-Z].*\.$/, id);
    assert.match(fixText, /^[A-Z].*\.$/, id);
    assert.ok(source in SOURCES, id);
  }
  assert.deepEqual(Object.keys(EXAMPLES).sort(), RULES.map(({ id }) => id).sort());
});

test('only the face that looks outside is judged by the weather', () => {
  const door = ground({}, { exposure: { front: 'outside', back: 'inside' } });
  const weather = judgeRecipe(job, [door], on(TRIM)).findings.find(({ rule }) => rule.id === 'inside-product-outside');
  assert.deepEqual(weather?.faces, ['front']);
  const split: Recipe = {
    ...on(TRIM),
    coats: { front: on(`prime-bond-wb ${EXTERIOR}`).coats.front, back: on(TRIM).coats.back },
  };
  assert.equal(judgeRecipe(job, [door], split).level, 'permitted');
});

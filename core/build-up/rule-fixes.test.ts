import assert from 'node:assert/strict';
import { test } from 'node:test';
import { EXTERIOR, gloss, job, on, TRIM } from '../fixtures/example-recipes.ts';
import { EXAMPLES, type Example } from '../fixtures/rule-examples.ts';
import { ground, OUTSIDE } from '../fixtures/surfaces.ts';
import { judgeRecipe } from './judge.ts';
import type { Rule } from './rule.ts';
import { RULES } from './rules/registry.ts';
import { situations } from './situation.ts';
import type { Recipe } from './system-coat.ts';

const ruleOf = (id: string): Rule => RULES.find((rule) => rule.id === id)!;
const fires = ([given, built]: Example, id: string): boolean =>
  judgeRecipe(job, [given], built).findings.some(({ rule }) => rule.id === id);

/** What the recipe becomes when a rule mends it wherever it fires, coat by coat; null where the shelf can't. */
function mended([given, built]: Example, rule: Rule): Recipe | null {
  let recipe: Recipe = built;
  for (let times = 0; times < 12; times++) {
    const next: Recipe = { ...recipe, coats: { ...recipe.coats } };
    const firing = situations(job, given, recipe).filter((situation) => rule.fires(situation));
    if (firing.length === 0) break;
    if (!firing.every((situation) => rule.autoFix?.(next, situation))) return null;
    recipe = next;
  }
  return recipe;
}

for (const rule of RULES.filter(({ autoFix }) => autoFix !== undefined)) {
  test(`what mends ${rule.id} lifts it`, () => {
    const [given, built] = EXAMPLES[rule.id]!.fires;
    const before = structuredClone(built);
    const recipe = mended([given, built], rule);
    assert.ok(recipe, 'the default shelf has what it takes');
    assert.equal(fires([given, recipe], rule.id), false);
    assert.deepEqual(built, before, 'the recipe of before stays as it was');
  });
}

test('what mends forbids nothing that was permitted before', () => {
  for (const rule of RULES) {
    if (rule.autoFix === undefined) continue;
    const [given, built] = EXAMPLES[rule.id]!.fires;
    const forbidden = (recipe: Recipe): string[] =>
      judgeRecipe(job, [given], recipe).findings.flatMap(({ rule: found }) =>
        found.severity === 'forbidden' ? [found.id] : [],
      );
    const recipe = mended([given, built], rule);
    const before = forbidden(built);
    // To prime spots outside an inside primer may do; to lay another coat may come upon the limit of coats: neither forbids.
    assert.deepEqual(
      recipe && forbidden(recipe).filter((id) => !before.includes(id)),
      [],
      `${rule.id} lets something else fail`,
    );
  }
});

test('a wash takes the gentlest cleaner, and in its place what others did that it does as well', () => {
  const greasy = ground({ contamination: 'grease' });
  const recipe = mended([greasy, on(TRIM)], ruleOf('grease'))!;
  assert.deepEqual(recipe.cleaning, [{ product: 'alkaline-wash', rinsed: true }]);
  const waxed = ground({ contamination: 'wax' });
  const wiped = mended([waxed, on(TRIM)], ruleOf('wax-or-silicone'))!;
  assert.deepEqual(
    wiped.cleaning.map(({ product }) => product),
    ['solvent-wipe', 'no-rinse-wash'],
    'wax goes before the wash',
  );
  const mouldy = ground({ mould: 'mould' }, OUTSIDE);
  const washed = mended([mouldy, on(EXTERIOR)], ruleOf('mould'))!;
  assert.equal(washed.cleaning[0]?.product, 'mould-wash', 'mould before all else');
});

test('four cleanings are enough, and a shelf without a cleaner can’t help', () => {
  const four = Array.from({ length: 4 }, () => ({ product: 'solvent-wipe', rinsed: false }));
  const greasy = ground({ contamination: 'grease' });
  assert.equal(mended([greasy, on(TRIM, { cleaning: four })], ruleOf('mould')) === null, false, 'it does not fire');
  const chalky = ground({ soundness: 'chalks' });
  assert.equal(mended([chalky, on(TRIM, { cleaning: four })], ruleOf('chalk-not-washed')), null);
});

test('what is known to hold lead is mended wet', () => {
  const varnish = { substrate: 'oak', oldCoat: 'varnish' } as const;
  const filled = { grainFill: { product: 'grain-putty', passes: 2 } };
  const rule = ruleOf('grain-filler-on-gloss');
  assert.equal(mended([ground(varnish), on(TRIM, filled)], rule)?.key, 'abrade');
  assert.equal(mended([ground({ ...varnish, lead: 'lead' }), on(TRIM, filled)], rule)?.key, 'wet-abrade');
});

test('another topcoat goes over the last one, beneath a sealer, and no more than twelve coats', () => {
  const once = on('prime-bond-wb enamel-acrylic sealer-wb');
  const recipe = mended([gloss, once], ruleOf('one-topcoat'))!;
  assert.deepEqual(
    recipe.coats.front.map(({ product }) => product),
    ['prime-bond-wb', 'enamel-acrylic', 'enamel-acrylic', 'sealer-wb'],
  );
  assert.deepEqual(recipe.coats.back, recipe.coats.front, 'faces that are alike stay so');
  const full = on([...Array<string>(11).fill('prime-bond-wb'), 'enamel-acrylic'].join(' '));
  assert.equal(mended([gloss, full], ruleOf('one-topcoat')), null);
});

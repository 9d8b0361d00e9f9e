import assert from 'node:assert/strict';
import { test } from 'node:test';
import { applyCommand } from '../job/commands/apply.ts';
import type { Job } from '../job/document/schema.ts';
import { shelfOf } from '../job/queries/shelf.ts';
import { EXTERIOR, gloss, job, on, PLAIN, TRIM, wash as washed } from '../fixtures/example-recipes.ts';
import { SHEENS } from '../shelf/coating.ts';
import { ground, OUTSIDE } from '../fixtures/surfaces.ts';
import {
  anotherTopcoat,
  coatFirst,
  fillerFor,
  keyWith,
  onEach,
  primeFirst,
  rinse,
  seal,
  thinFirst,
  usualCoat,
  usualTool,
  wash,
} from './fixing.ts';
import { situations, type Ground, type Situation } from './situation.ts';
import type { Recipe } from './system-coat.ts';

/** A recipe that may be changed, and the situation that it makes. */
function started(recipe: Recipe, given: Ground = gloss, of: Job = job): [Recipe, Situation] {
  const own = structuredClone(recipe);
  const [situation] = situations(of, given, own);
  assert.ok(situation);
  return [own, situation];
}
const withoutCoatings = (...ids: string[]): Job =>
  ids.reduce<Job>((before, id) => {
    const away = applyCommand(before, 'change-entry', { compartment: 'coatings', id, facts: { archived: true } });
    assert.ok(away.ok, away.ok ? '' : away.message);
    return away.value.job;
  }, job);
const coating = (id: string) => shelfOf(job).coatings.find((entry) => entry.id === id)!;
const products = ({ coats }: Recipe): string[] => coats.front.map(({ product }) => product);
const cleaners = ({ cleaning }: Recipe): string[] => cleaning.map(({ product }) => product);

test('a coat is laid with the tool for its product, and on spots with a brush', () => {
  assert.equal(usualTool(coating('enamel-acrylic')), 'roller');
  assert.equal(usualTool(coating('prime-shellac')), 'brush');
  assert.equal(usualTool(coating('lacquer-2k-wb')), 'spray');
  assert.deepEqual(usualCoat(coating('enamel-acrylic')), {
    product: 'enamel-acrylic',
    tool: 'roller',
    thinning: 0,
    extent: 'all',
  });
  assert.equal(usualCoat(coating('prime-bond-wb'), 'spots').tool, 'brush');
});

test('the gentlest cleaner that takes a soil off is added, and replaces those that take off nothing else', () => {
  const [grease, s] = started(on(TRIM, washed()));
  assert.ok(wash(grease, s, 'grease'));
  const [first] = grease.cleaning;
  const chosen = shelfOf(job).cleaners.find(({ id }) => id === first?.product)!;
  assert.ok(chosen.removes.includes('grease'));
  assert.equal(first?.rinsed, chosen.rinse, 'rinsed as its label says');
  const others = shelfOf(job).cleaners.filter(({ removes, id }) => removes.includes('grease') && id !== chosen.id);
  const weight = (hazards: readonly string[]): number => hazards.filter((hazard) => hazard !== 'caustic').length;
  assert.ok(others.every(({ hazards }) => weight(hazards) >= weight(chosen.hazards)));

  const [again, on2] = started(on(TRIM, washed('no-rinse-wash')));
  assert.ok(wash(again, on2, 'grease'));
  const lesser = shelfOf(job).cleaners.find(({ id }) => id === 'no-rinse-wash')!;
  const isNeeded = lesser.removes.some((soil) => !chosen.removes.includes(soil));
  assert.equal(cleaners(again).includes('no-rinse-wash'), isNeeded);
});

test('of two cleaners of one danger the one without phosphate is taken, and then the one that dries sooner', () => {
  const able = (of: Job): string | undefined => {
    const [recipe, s] = started(on(TRIM, washed()), gloss, of);
    return wash(recipe, s, 'grease') ? cleaners(recipe)[0] : undefined;
  };
  const order: string[] = [];
  let of = job;
  for (let next = able(of); next !== undefined; next = able(of)) {
    order.push(next);
    const away = applyCommand(of, 'change-entry', { compartment: 'cleaners', id: next, facts: { archived: true } });
    assert.ok(away.ok);
    of = away.value.job;
  }
  const found = order.map((id) => shelfOf(job).cleaners.find((entry) => entry.id === id)!);
  assert.ok(order.length >= 2);
  const ranks = found.map(({ hazards, residue, dryHours }) => [
    hazards.filter((hazard) => hazard !== 'caustic').length,
    residue === 'phosphate' ? 1 : 0,
    dryHours,
  ]);
  const sorted = ranks.toSorted(([a = 0, b = 0, c = 0], [d = 0, e = 0, f = 0]) => a - d || b - e || c - f);
  assert.deepEqual(ranks, sorted);
});

test('mould is cleaned off first, wax next, and then the rest; a fifth cleaner is one too many', () => {
  const [recipe, s] = started(on(TRIM, washed('alkaline-wash+rinsed')));
  assert.ok(wash(recipe, s, 'wax'));
  assert.ok(wash(recipe, s, 'mould'));
  const removes = cleaners(recipe).map((id) => shelfOf(job).cleaners.find((entry) => entry.id === id)!.removes);
  assert.ok(removes[0]?.includes('mould'));
  assert.ok(removes[1]?.includes('wax') && !removes[1].includes('mould'));
  assert.equal(cleaners(recipe).at(-1), 'alkaline-wash');
  const [full, s2] = started(on(TRIM, washed('no-rinse-wash', 'alkaline-wash', 'phosphate-wash', 'white-vinegar')));
  assert.ok(!wash(full, s2, 'mould'));
  assert.equal(full.cleaning.length, 4, 'and nothing was changed');
});

test('a residue is rinsed off where there is one, and nothing else', () => {
  const [recipe, s] = started(on(TRIM, washed('phosphate-wash', 'no-rinse-wash')));
  assert.ok(rinse(recipe, s, ({ residue }) => residue === 'phosphate'));
  assert.deepEqual(
    recipe.cleaning.map(({ rinsed }) => rinsed),
    [true, false],
  );
});

test('a key is the whole recipe’s, a coat that of the faces that get the same', () => {
  const [recipe] = started(on(TRIM));
  assert.ok(keyWith(recipe, 'abrade'));
  assert.equal(recipe.key, 'abrade');
  const ownBack = on(TRIM);
  ownBack.coats = { ...ownBack.coats, back: on(PLAIN).coats.back };
  const half = structuredClone(ownBack);
  const [front, back] = situations(job, ground({}, { exposure: { front: 'outside', back: 'inside' } }), half);
  assert.ok(front && back);
  assert.ok(coatFirst(half, back, usualCoat(coating('prime-shellac'))));
  assert.deepEqual(products(half), TRIM.split(' '), 'the front stays');
  assert.equal(half.coats.back[0]?.product, 'prime-shellac');
  assert.ok(!onEach(half, front, () => null), 'what can’t be changed is told');
});

test('spots are primed with the primer that suits and is dry soonest', () => {
  const [recipe, s] = started(on(PLAIN));
  assert.ok(primeFirst(recipe, s, 'spots', ({ blocksStains }) => blocksStains));
  const [first] = recipe.coats.front;
  assert.equal(first?.extent, 'spots');
  const able = shelfOf(job).coatings.filter(
    ({ role, blocksStains, exposure }) => role === 'primer' && blocksStains && exposure !== 'outside',
  );
  assert.equal(coating(first.product).hours.recoat, Math.min(...able.map(({ hours }) => hours.recoat)));
  assert.ok(!primeFirst(recipe, s, 'spots', () => false));
});

test('outside a primer for rooms is laid on spots only, and only where its tin allows that', () => {
  const outside = ground({}, OUTSIDE);
  const spotted = shelfOf(job).coatings.filter(
    ({ role, exposure, spotsOutside }) => role === 'primer' && exposure === 'inside' && spotsOutside,
  );
  assert.ok(spotted.length > 0);
  const isSpotted = ({ id }: { id: string }): boolean => spotted.some((entry) => entry.id === id);
  const [recipe, s] = started(on(EXTERIOR), outside);
  assert.ok(primeFirst(recipe, s, 'spots', isSpotted));
  const [edges, s2] = started(on(EXTERIOR), outside);
  assert.ok(!primeFirst(edges, s2, 'edges', isSpotted));
});

test('one topcoat more lies upon the last, under a sealer; twelve coats are the most', () => {
  const [recipe, s] = started(on(`${TRIM} sealer-wb`));
  assert.ok(anotherTopcoat(recipe, s));
  assert.deepEqual(products(recipe), [...TRIM.split(' '), 'enamel-acrylic', 'sealer-wb']);
  const [bare, s2] = started(on('prime-bond-wb'));
  assert.ok(!anotherTopcoat(bare, s2), 'there is none to lay again');
  const [most, s3] = started(on(Array(11).fill('enamel-acrylic').join(' ')));
  assert.ok(anotherTopcoat(most, s3));
  assert.equal(most.coats.front.length, 12);
  assert.ok(!anotherTopcoat(most, s3));
});

test('a face is sealed with what stands there and has the sheen that is wanted', () => {
  const [recipe, s] = started(on(PLAIN));
  assert.ok(seal(recipe, s));
  assert.deepEqual(products(recipe), [...PLAIN.split(' '), 'sealer-wb']);
  const sealers = shelfOf(job).coatings.filter(({ role }) => role === 'sealer');
  for (const sheen of SHEENS) {
    const [own, at] = started(on(PLAIN), ground({}, { sheen }));
    assert.equal(
      seal(own, at),
      sealers.some(({ sheens }) => sheens.includes(sheen)),
      sheen,
    );
  }
  const [none, s2] = started(on(PLAIN), gloss, withoutCoatings(...sealers.map(({ id }) => id)));
  assert.ok(!seal(none, s2), 'what is put away seals nothing');
});

test('the first coat alone is thinned', () => {
  const [recipe, s] = started(on(TRIM));
  assert.ok(thinFirst(recipe, s, 10));
  assert.deepEqual(
    recipe.coats.front.map(({ thinning }) => thinning),
    [10, 0, 0],
  );
  const [empty] = started({ ...on(TRIM), coats: { front: [], back: [] } });
  assert.ok(!thinFirst(empty, s, 10));
});

test('a filler for rooms fills nothing that looks outside', () => {
  const inside = started(on(TRIM))[1];
  const outside = started(on(EXTERIOR), ground({}, { exposure: { front: 'outside', back: 'inside' } }))[1];
  const isForRooms = ({ exposure }: { exposure: string }): boolean => exposure === 'inside';
  assert.ok(fillerFor(inside, isForRooms));
  assert.equal(fillerFor(outside, isForRooms), undefined);
  assert.equal(fillerFor(outside, () => true)?.exposure, 'both');
});

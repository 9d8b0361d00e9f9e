import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DEFAULT_COATINGS } from '../shelf/default-coatings.ts';
import { keysOf, suitsPriming, toolOf, type PrimerWay } from './schools.ts';

const coating = (id: string) => DEFAULT_COATINGS.find((entry) => entry.id === id)!;
const all: PrimerWay = { coating: coating('prime-bond-wb'), extent: 'all' };
const spots: PrimerWay = { coating: coating('prime-shellac'), extent: 'spots' };

test('a school of keying has its ways', () => {
  assert.deepEqual(keysOf('sand'), ['abrade', 'wet-abrade']);
  assert.deepEqual(keysOf('degloss'), ['degloss']);
  assert.deepEqual(keysOf('bond'), ['none']);
});

test('a school of tools has its tool', () => {
  assert.deepEqual((['brush', 'brush-and-roll', 'roll', 'spray'] as const).map(toolOf), [
    'brush',
    'roller',
    'roller',
    'spray',
  ]);
});

test('a school of priming takes its own pairs of primer and topcoat, and no others', () => {
  const suits = (school: Parameters<typeof suitsPriming>[0], primer: PrimerWay, topcoat: string) =>
    suitsPriming(school, primer, coating(topcoat));
  for (const primer of [null, all, spots]) assert.ok(suits(null, primer, 'enamel-acrylic'));
  assert.deepEqual(
    [null, all, spots].map((primer) => suits('always', primer, 'enamel-acrylic')),
    [false, true, false],
  );
  assert.deepEqual(
    [null, all, spots].map((primer) => suits('spots', primer, 'enamel-acrylic')),
    [false, false, true],
  );
  assert.deepEqual(
    [null, all].map((primer) => suits('two-in-one', primer, 'enamel-acrylic')),
    [coating('enamel-acrylic').selfPriming, false],
  );
  assert.equal(suits('two-in-one', null, 'enamel-alkyd-wb'), false, 'it is not made for that');
  assert.deepEqual(
    ['mineral-matt', 'ext-acrylic-vinyl', 'enamel-acrylic'].map((topcoat) => suits('self-priming', null, topcoat)),
    [true, true, false],
  );
  assert.equal(suits('self-priming', all, 'mineral-matt'), false);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { buildUp, TestJob } from '../fixtures/jobs.ts';
import { coatStack, isChosen, totalFilm } from './coat-stack.ts';

const { job } = new TestJob();
const GLOSS = { substrate: 'softwood', oldCoat: 'oil-gloss' } as const;

test('a cross-section lies in the order in which it is seen, from the top', () => {
  const layers = coatStack(job, GLOSS, buildUp('enamel-acrylic'), 'front');
  assert.deepEqual(
    layers.map((layer) => [layer.kind, layer.name, layer.detail]),
    [
      ['coat', 'Trim enamel, acrylic, coat 2', '32 µm dry, 91 µm wet'],
      ['coat', 'Trim enamel, acrylic, coat 1', '32 µm dry, 91 µm wet'],
      ['coat', 'Bonding primer, waterborne', '35 µm dry, 97 µm wet'],
      ['existing', 'Oil gloss', 'deglossed'],
      ['substrate', 'Softwood', ''],
    ],
  );
  assert.equal(totalFilm(layers), 99);
});

test('bare wood has no old coat, thinning makes the wet film thicker, and a face shows its own coats', () => {
  const outside = { product: 'ext-acrylic', tool: 'brush', thinning: 10, extent: 'all' } as const;
  const built = { ...buildUp('enamel-acrylic'), faceCoats: { back: [outside] } };
  const layers = coatStack(job, { ...GLOSS, oldCoat: 'bare' }, built, 'back');
  assert.deepEqual(
    layers.map((layer) => layer.kind),
    ['coat', 'substrate'],
  );
  // 40 µm dry of 37% solids is 108.1 µm, a tenth more with the water in it.
  assert.equal(layers[0]?.detail, '40 µm dry, 119 µm wet');
});

test('a product that is not on the shelf is shown as missing, not left out', () => {
  const built = {
    ...buildUp('enamel-acrylic'),
    coats: [{ product: 'gone', tool: 'brush', thinning: 0, extent: 'all' } as const],
  };
  assert.match(coatStack(job, GLOSS, built, 'front')[0]?.detail ?? '', /not on this shelf/);
});

test('what fills the grain lies between coats and wood, and what is on spots counts for no film', () => {
  const spot = { product: 'prime-shellac', tool: 'brush', thinning: 0, extent: 'spots' } as const;
  const usual = buildUp('enamel-acrylic');
  const built = {
    ...usual,
    key: 'abrade' as const,
    grainFill: { product: 'grain-putty', passes: 2 },
    preservative: 'wood-preservative',
    coats: [spot, ...usual.coats],
  };
  const layers = coatStack(job, { substrate: 'oak', oldCoat: 'bare' }, built, 'front');
  assert.deepEqual(
    layers.slice(-3).map(({ kind, name, detail }) => [kind, name, detail]),
    [
      ['coat', 'Stain-blocking primer, shellac, on spots', layers.at(-3)?.detail],
      ['fill', 'Grain filler', '2 passes'],
      ['substrate', 'Oak or ash', 'keyed with 180–240, preserved'],
    ],
  );
  assert.equal(totalFilm(layers), 99);
  const once = coatStack(job, GLOSS, { ...built, grainFill: { product: 'grain-putty', passes: 1 } }, 'front');
  assert.deepEqual(
    once.slice(-3).map(({ detail }) => detail),
    ['1 pass', 'keyed with 180–240', 'preserved'],
  );
});

test('coats of one product are counted by where they go', () => {
  const at = (extent: 'all' | 'spots') => ({ product: 'prime-bond-wb', tool: 'brush', thinning: 0, extent }) as const;
  const layers = coatStack(
    job,
    GLOSS,
    { ...buildUp('enamel-acrylic'), coats: [at('spots'), at('all'), at('all')] },
    'front',
  );
  assert.deepEqual(
    layers.slice(0, 3).map(({ name }) => name),
    [
      'Bonding primer, waterborne, coat 2',
      'Bonding primer, waterborne, coat 1',
      'Bonding primer, waterborne, on spots',
    ],
  );
});

test('a build-up without a coat is not chosen yet', () => {
  const made = new TestJob().door('d').coated('enamel-acrylic');
  const [group] = made.job.groups;
  assert.ok(isChosen(group));
  assert.ok(group && !isChosen({ ...group, buildUp: { ...group.buildUp, coats: [] } }));
  assert.ok(group && !isChosen({ ...group, buildUp: null }));
  assert.ok(!isChosen(undefined));
});

test('a tinted primer says so, and is drawn in its tint', () => {
  const built = buildUp('enamel-acrylic');
  const coats = built.coats.map((coat, index) => (index === 0 ? { ...coat, tint: '#5c5d5d' } : coat));
  const layers = coatStack(job, GLOSS, { ...built, coats }, 'front');
  assert.deepEqual(
    layers.filter(({ tint }) => tint !== null).map(({ name, tint }) => [name, tint]),
    [['Bonding primer, waterborne, tinted grey', '#5c5d5d']],
  );
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import { buildUp, TestJob } from '../testing/jobs.ts';
import { coatStack, totalFilm } from './coat-stack.ts';

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
  // 40 µm dry of 37 % solids is 108.1 µm, a tenth more with the water in it.
  assert.equal(layers[0]?.detail, '40 µm dry, 119 µm wet');
});

test('a product that is not on the shelf is shown as missing, not left out', () => {
  const built = {
    ...buildUp('enamel-acrylic'),
    coats: [{ product: 'gone', tool: 'brush', thinning: 0, extent: 'all' } as const],
  };
  assert.match(coatStack(job, GLOSS, built, 'front')[0]?.detail ?? '', /not on this job’s shelf/);
});

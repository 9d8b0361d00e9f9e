import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { enoughFor } from './enough-for.ts';
import { productNeeds, type ProductNeed } from './litres.ts';

const made = new TestJob().door('a').door('b').door('c').coated();
const enamel = productNeeds(made.job).find(({ product }) => product === 'enamel-acrylic')!;
const leaving = (leftOver: number, of: ProductNeed = enamel): Pick<ProductNeed, 'uses' | 'tins'> => ({
  uses: of.uses,
  tins: { ...of.tins, best: { ...of.tins.best, leftOver } },
});
const doorLitres = enamel.uses
  .filter(({ piece, number }) => piece.id === 'a' && number === 3)
  .reduce((sum, { litres }) => sum + litres, 0);

test('the rest is told as area and as whole pieces, in the order of the walk', () => {
  const rest = enoughFor(leaving(2.5 * doorLitres));
  assert.deepEqual(rest?.marks, ['D-01', 'D-02']);
  const [use] = enamel.uses;
  assert.ok(Math.abs(rest!.area - (2.5 * doorLitres * use!.area) / use!.litres) < 1e-9);
  assert.deepEqual([rest?.tool, rest?.litres], ['roller', 2.5 * doorLitres]);
});

test('next to nothing is enough for nothing; just enough for a door is', () => {
  assert.equal(enoughFor(leaving(0.049)), null);
  assert.deepEqual(enoughFor(leaving(0.05))?.marks, []);
  assert.deepEqual(enoughFor(leaving(doorLitres))?.marks, ['D-01']);
});

test('a door too large for the rest is passed over for a smaller one behind it', () => {
  const mixed = new TestJob()
    .door('large', { shape: { width: 1200, height: 2400, thickness: 40 } })
    .door('small', { shape: { width: 500, height: 1400, thickness: 40 } })
    .coated();
  const need = productNeeds(mixed.job).find(({ product }) => product === 'enamel-acrylic')!;
  const small = need.uses
    .filter(({ piece, number }) => piece.id === 'small' && number === 3)
    .reduce((sum, { litres }) => sum + litres, 0);
  assert.deepEqual(enoughFor(leaving(small * 1.01, need))?.marks, ['D-02']);
});

test('the area goes by the tool that most is put on with, and not by what bare grain drinks', () => {
  const coat = (tool: 'brush' | 'spray') => ({ product: 'ext-acrylic', tool, thinning: 0, extent: 'all' }) as const;
  const sprayed = new TestJob()
    .door('a')
    .coated('ext-acrylic', { coats: [coat('brush'), coat('spray'), coat('spray')] });
  const need = productNeeds(sprayed.job)[0]!;
  assert.equal(enoughFor(leaving(1, need))?.tool, 'spray');
  const surface = { substrate: 'oak', existing: 'bare', condition: 'sound' } as const;
  const oak = productNeeds(new TestJob().door('a', { surface }).coated().job)[0]!;
  const plain = productNeeds(new TestJob().door('a').coated().job)[0]!;
  assert.ok(Math.abs(enoughFor(leaving(1, oak))!.area - enoughFor(leaving(1, plain))!.area) < 1e-9);
});

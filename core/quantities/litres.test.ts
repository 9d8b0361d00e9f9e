import assert from 'node:assert/strict';
import { test } from 'node:test';
import { TestJob } from '../fixtures/jobs.ts';
import { besidePieces, productNeeds } from './litres.ts';

/** One flush door 826 × 2040 × 40: both faces 3.37008 m², three edges (2·2040 + 826)·40 = 0.19624 m². */
const AREA = 3.37008 + 0.19624;

test('litres of a door worked by hand', () => {
  const [primer, enamel] = productNeeds(new TestJob().door('d1').coated().job);
  assert.equal(primer?.product, 'prime-bond-wb');
  // 10 · 36 / 35 m²/L, 92% on the door, 0.1 L in the tray, at least 0.1 L in reserve.
  const onDoor = AREA / (360 / 35) / 0.92;
  assert.ok(Math.abs((primer?.litres ?? 0) - (onDoor + 0.1 + 0.1)) < 1e-9);
  assert.deepEqual(primer?.tins.best.tins, [0.75]);
  const twoCoats = (2 * AREA) / (350 / 32) / 0.92;
  assert.ok(Math.abs((enamel?.litres ?? 0) - (twoCoats + 0.2 + 0.1)) < 1e-9);
  assert.deepEqual(
    enamel?.coats.map((coat) => coat.number),
    [2, 3],
  );
});

test('a face with other coats draws from other tins', () => {
  const inside = { product: 'enamel-acrylic', tool: 'roller', thinning: 0, extent: 'all' } as const;
  const outside = { product: 'ext-acrylic', tool: 'brush', thinning: 0, extent: 'all' } as const;
  const job = new TestJob()
    .door('d1')
    .coated('enamel-acrylic', { coats: [inside, inside], faceCoats: { back: [outside] } }).job;
  const needs = productNeeds(job);
  const area = (product: string): number =>
    needs.find((need) => need.product === product)?.coats.reduce((sum, coat) => sum + coat.area, 0) ?? 0;
  assert.ok(Math.abs(area('ext-acrylic') - 1.68504) < 1e-9);
  assert.ok(Math.abs(area('enamel-acrylic') - 2 * (1.68504 + 0.19624)) < 1e-9);
});

test('bare open grain drinks more on the first coat only', () => {
  const surface = { substrate: 'oak', existing: 'bare', condition: 'sound' } as const;
  const plain = productNeeds(new TestJob().door('d1').coated('enamel-acrylic').job);
  const oak = productNeeds(new TestJob().door('d1', { surface }).coated('enamel-acrylic').job);
  const onPieces = (needs: typeof plain, index: number): number =>
    needs[index]?.coats.reduce((sum, coat) => sum + coat.litres, 0) ?? 0;
  assert.ok(Math.abs(onPieces(oak, 0) / onPieces(plain, 0) - 1.15) < 1e-9);
  assert.equal(onPieces(oak, 1), onPieces(plain, 1));
});

test('no grain drinks where it is painted, filled, or not open', () => {
  const litres = (substrate: 'oak' | 'softwood', existing: 'bare' | 'oil-gloss', grainFill = false): number => {
    const filled = grainFill ? { grainFill: { product: 'grain-putty', passes: 2 } } : {};
    const made = new TestJob().door('d1', { surface: { substrate, existing, condition: 'sound' } });
    return productNeeds(made.coated('enamel-acrylic', filled).job)[0]!.coats[0]!.litres;
  };
  const usual = litres('softwood', 'oil-gloss');
  assert.equal(litres('oak', 'oil-gloss'), usual);
  assert.equal(litres('softwood', 'bare'), usual);
  assert.equal(litres('oak', 'bare', true), usual);
  assert.ok(litres('oak', 'bare') > usual);
});

test('what is sprayed takes more or less by the gun; brush and roller do not care', () => {
  const sprayed = new TestJob().door('d1').coated('enamel-acrylic', {
    coats: [{ product: 'enamel-acrylic', tool: 'spray', thinning: 0, extent: 'all' }],
  });
  const onDoor = (gun: 'low-pressure' | 'airless' | 'conventional', test: TestJob): number =>
    productNeeds(test.tell('change-mixing', { gun }).job)[0]!.coats.reduce((sum, { litres }) => sum + litres, 0);
  const low = onDoor('low-pressure', sprayed);
  assert.ok(Math.abs(low - AREA / (350 / 32) / 0.65) < 1e-9);
  assert.ok(Math.abs(onDoor('airless', sprayed) / low - 65 / 75) < 1e-9);
  assert.ok(Math.abs(onDoor('conventional', sprayed) / low - 65 / 40) < 1e-9);
  const rolled = new TestJob().door('d1').coated();
  assert.equal(onDoor('conventional', rolled), onDoor('airless', rolled));
});

test('what gets no paint, or a product that the shelf does not have, takes none', () => {
  const gone = { product: 'gone', tool: 'roller', thinning: 0, extent: 'all' } as const;
  const kept = { ...gone, product: 'enamel-acrylic' } as const;
  assert.deepEqual(productNeeds(new TestJob().door('d').coated('x', { coats: [gone] }).job), []);
  const oneFace = new TestJob()
    .door('d', { scope: { faces: ['front'], edges: [] } })
    .coated('x', { coats: [gone, kept] });
  const [need, ...others] = productNeeds(oneFace.job);
  assert.deepEqual(others, []);
  assert.deepEqual(
    need?.uses.map(({ face, number }) => [face, number]),
    [['front', 2]],
  );
  assert.deepEqual(productNeeds(new TestJob().door('d').job), [], 'nothing is chosen');
});

test('thinner is a share of what goes on, and spots take a tenth of it', () => {
  const coat = { product: 'enamel-acrylic', tool: 'roller', thinning: 10, extent: 'all' } as const;
  const [thinned] = productNeeds(new TestJob().door('d').coated('x', { coats: [coat] }).job);
  const onDoor = AREA / (350 / 32) / 0.92;
  assert.ok(Math.abs((thinned?.thinner ?? 0) - onDoor / 10) < 1e-9);
  const spots = { ...coat, product: 'prime-bond-wb', thinning: 0, extent: 'spots' } as const;
  const primer = productNeeds(new TestJob().door('d').coated('x', { coats: [spots, coat] }).job)[0];
  assert.ok(Math.abs((primer?.coats[0]?.area ?? 0) - AREA / 10) < 1e-9);
});

test('bare oak drinks more of the first coat all over, unless its grain is filled', () => {
  const oak = { substrate: 'oak', existing: 'bare', condition: 'sound' } as const;
  const factors = (facts: object) =>
    productNeeds(new TestJob().door('d', { surface: oak }).coated('enamel-acrylic', facts).job).flatMap(({ uses }) =>
      uses.filter(({ face }) => face === 'back').map(({ number, surfaceFactor }) => [number, surfaceFactor]),
    );
  assert.deepEqual(factors({}), [
    [1, 1.15],
    [2, 1],
    [3, 1],
  ]);
  assert.deepEqual(factors({ grainFill: { product: 'grain-putty', passes: 2 } })[0], [1, 1]);
  assert.deepEqual(factors({ grainFill: { product: 'grain-putty', passes: 2, onlyFace: 'front' } })[0], [1, 1.15]);
});

test('reserve is a twentieth and a tenth of a litre at least, and each session leaves something in its tool', () => {
  const roller = { tool: 'roller' } as const;
  assert.deepEqual(besidePieces(1, [roller]), { residue: 0.1, reserve: 0.1 });
  assert.deepEqual(besidePieces(10, [roller, roller]), { residue: 0.2, reserve: 0.5 });
  assert.deepEqual(besidePieces(0, []), { residue: 0, reserve: 0.1 });
});

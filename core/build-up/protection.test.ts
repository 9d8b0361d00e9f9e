import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { BuildUp } from '../job/document/group-schema.ts';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { dangersOf } from './protection.ts';

const dangers = (facts: Partial<BuildUp>, piece = {}, topcoat = 'enamel-acrylic') =>
  new Map(
    dangersOf(new TestJob().door('d', { surface: NEW, ...piece }).coated(topcoat, facts).job).map((danger) => [
      danger.id,
      danger,
    ]),
  );
const NEW = { substrate: 'softwood', existing: 'waterborne-matt', condition: 'sound' } as const;
const coat = (product: string, tool: 'brush' | 'roller' | 'spray' = 'brush') =>
  ({ product, tool, thinning: 0, extent: 'all' }) as const;

test('every part of a build-up that carries a hazard is told with its name', () => {
  const from = (facts: Partial<BuildUp>, id: string) => dangers(facts).get(id as never)?.from.length ?? 0;
  assert.equal(from({ cleaning: [{ product: 'solvent-wipe', rinsed: false }] }, 'solvent'), 1, 'a cleaner');
  assert.equal(from({ coats: [coat('prime-shellac')] }, 'solvent'), 1, 'a coat');
  assert.equal(from({ faceCoats: { back: [coat('prime-shellac')] } }, 'solvent'), 1, 'a coat of the back');
  assert.equal(from({ preservative: 'water-repellent' }, 'biocide'), 1, 'a preservative');
  assert.equal(from({ fillers: ['epoxy-2k'] }, 'hardener'), 1, 'a filler');
  assert.equal(from({ grainFill: { product: 'grain-putty', passes: 2 } }, 'dust'), 1, 'a grain filler');
});

test('dry sanding makes dust and a gun mist; wet sanding and a brush do not', () => {
  assert.ok(dangers({ key: 'abrade' }).get('dust')?.from.includes('dry sanding'));
  assert.ok(!dangers({ key: 'wet-abrade' }).get('dust')?.from.includes('dry sanding'));
  assert.ok(dangers({ coats: [coat('enamel-acrylic', 'spray')] }).has('spray-mist'));
  assert.ok(!dangers({ coats: [coat('enamel-acrylic')] }).has('spray-mist'));
});

test('old paint is taken to hold lead until it is known that it does not, and that is said where it is', () => {
  const old = dangers({}, { surface: DOOR.surface });
  assert.ok(old.get('lead-dust')?.from[0]?.includes('may contain lead'));
  assert.equal(old.get('lead-dust')?.groups.length, 1);
  assert.ok(!dangers({}, { surface: { ...NEW, existing: 'bare' } }).has('lead-dust'));
});

test('a danger is told once, with every group that it comes to; without a choice there is none', () => {
  const two = new TestJob()
    .door('a', { surface: NEW })
    .door('b', { surface: { ...NEW, substrate: 'oak' } })
    .coated('enamel-acrylic', { coats: [coat('prime-shellac'), coat('prime-shellac')] });
  const solvent = dangersOf(two.job).find(({ id }) => id === 'solvent');
  assert.deepEqual([solvent?.from.length, solvent?.groups.length], [1, 2]);
  assert.deepEqual(dangersOf(new TestJob().door('a').job), []);
});

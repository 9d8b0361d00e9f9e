import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { FoundId } from '../pieces/found.ts';
import { EXISTING_COAT_IDS, SUBSTRATE_IDS } from '../pieces/substrate.ts';
import { testsFor, type Asked } from './surface-tests.ts';

const SOFTWOOD: Asked = {
  substrate: 'softwood',
  oldCoat: 'oil-gloss',
  isOutside: false,
  yearBuilt: 1950,
  hasEdges: true,
  isWall: false,
  isDamp: false,
};
const questions = (more: Partial<Asked> = {}): FoundId[] =>
  testsFor({ ...SOFTWOOD, ...more }).map(({ found }) => found);
const asks = (found: FoundId, more: Partial<Asked> = {}): boolean => questions(more).includes(found);

test('what may be greasy is always asked about; what lies on it only where something does', () => {
  for (const substrate of SUBSTRATE_IDS) {
    for (const oldCoat of EXISTING_COAT_IDS) {
      const found = questions({ substrate, oldCoat });
      assert.ok(found.includes('contamination'));
      for (const question of ['soundness', 'old-colour'] as const)
        assert.equal(found.includes(question), oldCoat !== 'bare', `${question} on ${substrate}, ${oldCoat}`);
    }
  }
});

test('which coat it is need not be asked of a factory’s, nor of bare wood', () => {
  assert.ok(asks('old-coat'));
  assert.ok(asks('old-coat', { oldCoat: 'unknown' }));
  assert.ok(!asks('old-coat', { oldCoat: 'factory-finish' }));
  assert.ok(!asks('old-coat', { oldCoat: 'bare' }));
});

test('lead is asked about in what was built before the ban, or when nobody knows', () => {
  assert.ok(asks('lead'));
  assert.ok(asks('lead', { yearBuilt: null }));
  assert.ok(!asks('lead', { yearBuilt: 2015 }));
  assert.ok(!asks('lead', { oldCoat: 'bare' }), 'there is no old paint');
});

test('stains are asked about where wood or plaster bleeds, edges where wood or laminate is coated and has some', () => {
  const bleeds = SUBSTRATE_IDS.filter((substrate) => asks('stains', { substrate }));
  assert.deepEqual([...bleeds].sort(), ['oak', 'plaster', 'softwood']);
  const edged = SUBSTRATE_IDS.filter((substrate) => asks('edges', { substrate }));
  assert.deepEqual([...edged].sort(), ['laminate', 'mdf', 'oak', 'softwood']);
  assert.ok(!asks('edges', { hasEdges: false }));
  assert.ok(!asks('edges', { oldCoat: 'bare' }));
});

test('mould is asked about outside, and on walls', () => {
  assert.ok(!asks('mould'));
  assert.ok(asks('mould', { isOutside: true }));
  assert.ok(asks('mould', { isWall: true }));
});

test('damp is asked about in wood outside or bare, and in bare plaster', () => {
  assert.ok(!asks('moisture'), 'paint keeps wood dry inside');
  assert.ok(asks('moisture', { isOutside: true }));
  assert.ok(asks('moisture', { oldCoat: 'bare' }));
  assert.ok(asks('moisture', { substrate: 'plaster', oldCoat: 'bare' }));
  assert.ok(!asks('moisture', { substrate: 'plaster', isOutside: true }));
  for (const substrate of ['metal', 'vinyl', 'laminate'] as const)
    assert.ok(!asks('moisture', { substrate, oldCoat: 'bare', isOutside: true }), substrate);
});

test('what is supposed until somebody has looked is a result of that test, the careful one for lead', () => {
  for (const surfaceTest of testsFor({ ...SOFTWOOD, isOutside: true })) {
    if (surfaceTest.judgedAs !== null) assert.ok(surfaceTest.judgedAs in surfaceTest.shows, surfaceTest.found);
    assert.ok(surfaceTest.minutes > 0 && surfaceTest.steps.length > 0 && surfaceTest.whileUnknown.length > 0);
  }
  assert.equal(testsFor(SOFTWOOD).find(({ found }) => found === 'lead')?.judgedAs, 'lead');
});

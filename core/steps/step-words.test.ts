import assert from 'node:assert/strict';
import { test } from 'node:test';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { pieceSteps } from './piece-steps.ts';
import { hazardsOf } from './step-hazards.ts';
import { runWords, stepWords } from './step-words.ts';
import type { PieceStep } from './step.ts';

const made = new TestJob().door('d').coated();
const stepsOf = (test: TestJob): readonly PieceStep[] => pieceSteps(test.job, test.job.pieces[0]!);
const step = (id: string, of: TestJob = made): PieceStep => stepsOf(of).find((each) => each.id === `d/${id}`)!;
const coat = (extent: 'spots' | 'edges', product = 'prime-bond-wb') =>
  ({ product, tool: 'brush', thinning: 0, extent }) as const;

test('a coat is named by its number, its product and the faces that it goes on', () => {
  assert.equal(stepWords(step('coat-1/back')), 'First coat: bonding primer, back');
  assert.match(stepWords(step('coat-2/front')), /^Turn, then second coat: trim enamel, front and edges$/);
});

test('spots and edges are said, and a face that gets no paint is not', () => {
  const spots = new TestJob()
    .door('d')
    .coated('enamel-acrylic', { coats: [coat('spots'), coat('edges', 'prime-fill-wb')] });
  const words = stepsOf(spots).map(stepWords);
  assert.ok(
    words.some((each) => /^First coat: bonding primer, on spots of /.test(each)),
    words.join(' | '),
  );
  assert.ok(
    words.some((each) => /, edges$/.test(each)),
    words.join(' | '),
  );
  const front = new TestJob().door('d', { scope: { ...DOOR.scope, faces: ['front'] } }).coated();
  assert.equal(stepWords(step('coat-1/front', front)), 'First coat: bonding primer, front and edges');
});

test('coats beyond the eighth are counted in figures', () => {
  const painted = step('coat-1/back');
  const numbered = (number: number): string => stepWords({ ...painted, coat: { ...painted.coat!, number } });
  assert.match(numbered(8), /^Eighth coat/);
  assert.match(numbered(9), /^9th coat/);
});

test('what stays in place is masked, with its hardware only where it has some', () => {
  const fixed = new TestJob().door('d', { comesOff: false }).coated();
  const mask = stepsOf(fixed).find(({ operation }) => operation === 'mask')!;
  const bare = { ...mask, piece: { ...mask.piece, hardware: [] } };
  assert.notEqual(stepWords(mask), stepWords(bare));
  assert.equal(stepWords(bare), 'Mask');
});

test('what was begun before goes on; a run of nothing says nothing', () => {
  const run = { steps: [step('coat-1/back')] };
  assert.equal(runWords(run, { goesOn: true }), 'Continue: first coat: bonding primer, back');
  assert.equal(runWords(run, { goesOn: false }), 'First coat: bonding primer, back');
  assert.equal(runWords({ steps: [] }, { goesOn: false }), '');
});

test('lead dust is a hazard of what disturbs old paint that may contain lead, and of nothing else', () => {
  const old = new TestJob()
    .tell('change-site', { yearBuilt: 1920 })
    .door('d')
    .coated('enamel-acrylic', { key: 'abrade' });
  const leaded = stepsOf(old)
    .filter((each) => hazardsOf(old.job, each).some(({ name }) => /lead/i.test(name)))
    .map(({ id }) => id);
  assert.deepEqual(leaded, ['d/abrade']);
  const tested = old.tell('add-finding', {
    entry: { ...FOUND, groupId: old.job.groups[0]!.id },
  });
  assert.ok(stepsOf(tested).every((each) => !hazardsOf(tested.job, each).some(({ name }) => /lead/i.test(name))));
});
const FOUND = {
  id: 'f',
  found: 'lead',
  result: 'none',
  reading: null,
  hex: null,
  at: '2027-03-01T08:00',
  where: '',
  photoId: null,
  note: '',
} as const;

test('a gun adds its mist, and each hazard is named once', () => {
  const sprayed = new TestJob().door('d').coated('enamel-oil', {
    coats: [{ product: 'enamel-oil', tool: 'spray', thinning: 0, extent: 'all' }],
  });
  const of = (test: TestJob): string[] =>
    hazardsOf(
      test.job,
      stepsOf(test).find(({ coat: laid }) => laid !== null)!,
    ).map(({ name }) => name);
  const rolled = new TestJob().door('d').coated('enamel-oil', {
    coats: [{ product: 'enamel-oil', tool: 'roller', thinning: 0, extent: 'all' }],
  });
  assert.ok(of(sprayed).length === of(rolled).length + 1, `${of(sprayed).join()} against ${of(rolled).join()}`);
  assert.equal(new Set(of(sprayed)).size, of(sprayed).length);
});

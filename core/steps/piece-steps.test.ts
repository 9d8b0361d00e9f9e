import assert from 'node:assert/strict';
import { test } from 'node:test';
import { buildUp, TestJob } from '../testing/jobs.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Job } from '../job/document/schema.ts';
import { isPlannable, pieceSteps } from './piece-steps.ts';

const namesOf = (job: Job): string[] => pieceSteps(job, job.pieces[0]!).map(({ id }) => id.replace(/^d\//, ''));
const roller = (product: string) => ({ product, tool: 'roller', thinning: 0, extent: 'all' }) as const;

test('one face a drying period: back, turn, front, and denib between coats', () => {
  const { job } = new TestJob().door('d').coated();
  assert.deepEqual(namesOf(job), [
    'take-off',
    'wash',
    'degloss',
    'coat-1/back',
    'coat-1/front',
    'denib-2',
    'coat-2/back',
    'coat-2/front',
    'denib-3',
    'coat-3/back',
    'coat-3/front',
    'rehang',
  ]);
  const steps = pieceSteps(job, job.pieces[0]!);
  assert.deepEqual(
    steps.filter(({ turned }) => turned).map(({ id }) => id),
    ['d/coat-1/front', 'd/coat-2/front', 'd/coat-3/front'],
  );
  assert.equal(new Set(steps.map(({ id }) => id)).size, steps.length, 'ids are stable and its own');
});

test('both faces on points are one pass, unless the faces take different products', () => {
  const made = new TestJob().door('d').coated().tell('change-planning', { turning: 'both-on-points' });
  assert.deepEqual(
    namesOf(made.job).filter((name) => name.startsWith('coat')),
    ['coat-1/back+front', 'coat-2/back+front', 'coat-3/back+front'],
  );
  const outside = {
    ...buildUp('enamel-acrylic'),
    faceCoats: { back: [roller('prime-ext-wb'), roller('ext-acrylic')] },
  };
  made.tell('choose-build-up', { groupId: made.job.groups[0]!.id, buildUp: outside, chosenFor: null });
  assert.deepEqual(
    namesOf(made.job).filter((name) => name.startsWith('coat')),
    ['coat-1/back', 'coat-1/front', 'coat-2/back', 'coat-2/front', 'coat-3/front'],
    'the back has one coat less',
  );
});

test('in place: masked instead of taken off, both faces at once, refitted at the end', () => {
  const { job } = new TestJob().door('d', { comesOff: false }).coated('enamel-acrylic', { key: 'none', cleaning: [] });
  assert.deepEqual(namesOf(job), [
    'mask',
    'coat-1/back+front',
    'denib-2',
    'coat-2/back+front',
    'denib-3',
    'coat-3/back+front',
    'refit',
  ]);
});

test('only what is in scope is painted; edges go with the front', () => {
  const coatsOf = (scope: Job['pieces'][number]['scope']): string[] =>
    namesOf(new TestJob().door('d', { scope }).coated().job).filter((name) => name.startsWith('coat-1'));
  assert.deepEqual(coatsOf({ faces: ['back'], edges: [] }), ['coat-1/back']);
  assert.deepEqual(coatsOf({ faces: [], edges: ['lock'] }), ['coat-1/front']);
  assert.deepEqual(coatsOf({ faces: ['back'], edges: ['lock'] }), ['coat-1/back', 'coat-1/front']);
});

test('without a build-up, without coats or without scope there is nothing to plan', () => {
  const plannable = (made: TestJob): boolean => isPlannable(made.job, made.job.pieces[0]!);
  assert.equal(plannable(new TestJob().door('d')), false);
  assert.equal(plannable(new TestJob().door('d').coated('enamel-acrylic', { coats: [] })), false);
  assert.equal(plannable(new TestJob().door('d', { scope: { faces: [], edges: [] } }).coated()), false);
  assert.deepEqual(namesOf(new TestJob().door('d').job), []);
});

test('moulding is planted after keying, holes are filled and drilled before the first coat, and glue and filler dry', () => {
  const made = new TestJob()
    .tell('add-pieces', { ids: ['m'], kind: 'moulded-door', piece: usualPiece('moulded-door', 'room-1') })
    .coated()
    .tell('fill-holes', { ids: ['m'], count: 4 })
    .tell('add-drilling', {
      ids: ['m'],
      drilling: { id: 'a', name: 'pull', on: 'front', x: 60, y: 900, centres: 160, upright: true, diameter: 5 },
    });
  const steps = pieceSteps(made.job, made.job.pieces[0]!);
  assert.deepEqual(steps.map(({ operation }) => operation).slice(0, 7), [
    'take-off',
    'wash',
    'degloss',
    'plant',
    'fill',
    'drill',
    'coat',
  ]);
  const of = (operation: string) => steps.find((step) => step.operation === operation);
  // One rectangle on both faces: 12 minutes each, left overnight; filler is sanded after two hours.
  assert.deepEqual([of('plant')?.minutes, of('plant')?.dryHours], [24, 12]);
  assert.deepEqual([of('fill')?.minutes, of('fill')?.dryHours], [2 * 3 + 4 * 1.5, 2]);
  assert.equal(of('drill')?.minutes, 4);
});

test('the water of a wash dries before anything else touches it', () => {
  const { job } = new TestJob().door('d').coated();
  const [wash] = pieceSteps(job, job.pieces[0]!).filter(({ operation }) => operation === 'wash');
  assert.ok((wash?.dryHours ?? 0) > 0);
});

test('kept steps follow what they are made from: build-up, turning, a tin’s own figures, the piece itself', () => {
  const made = new TestJob().door('d').coated();
  const [group] = made.job.groups;
  const stepsNow = () => pieceSteps(made.job, made.job.pieces[0]!);
  const before = stepsNow();
  made.tell('rename-job', { name: 'Another name' });
  assert.equal(stepsNow(), before, 'what has no part in them leaves them as they are');

  made.tell('choose-build-up', {
    groupId: group!.id,
    buildUp: { ...buildUp('enamel-oil'), key: 'none' },
    chosenFor: null,
  });
  assert.ok(!stepsNow().some(({ operation }) => operation === 'degloss'));
  assert.equal(stepsNow().findLast(({ coat }) => coat)?.coat?.coating.id, 'enamel-oil');

  made.tell('change-planning', { turning: 'both-on-points' });
  assert.ok(!stepsNow().some(({ turned }) => turned));

  const enamel = stepsNow().findLast(({ coat }) => coat)?.coat?.coating;
  made.tell('add-entry', { compartment: 'coatings', entry: { ...enamel!, recoatMax: 77 } });
  assert.equal(stepsNow().findLast(({ coat }) => coat)?.coat?.coating.recoatMax, 77);

  const minutes = stepsNow().reduce((sum, step) => sum + step.minutes, 0);
  made.tell('change-pieces', { ids: ['d'], facts: {}, shape: { height: 2300 } });
  assert.ok(stepsNow().reduce((sum, step) => sum + step.minutes, 0) > minutes);
});

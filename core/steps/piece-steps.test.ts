import assert from 'node:assert/strict';
import { test } from 'node:test';
import { buildUp, TestJob } from '../fixtures/jobs.ts';
import { usualPiece } from '../job/document/usual-piece.ts';
import type { Job } from '../job/document/schema.ts';
import { stepWords } from './step-words.ts';
import { awaitedStage, isCoat } from './wetness/current-coats.ts';
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

test('in place, one side at a time: all coats of the back, then, once that can be touched, all of the front', () => {
  const made = new TestJob().door('d', { comesOff: false, oneSideAtATime: true });
  const { job } = made.coated('enamel-acrylic', { key: 'none', cleaning: [] });
  assert.deepEqual(namesOf(job), [
    'mask',
    'coat-1/back',
    'denib-2/back',
    'coat-2/back',
    'denib-3/back',
    'coat-3/back',
    'coat-1/front',
    'denib-2/front',
    'coat-2/front',
    'denib-3/front',
    'coat-3/front',
    'refit',
  ]);
  const steps = pieceSteps(job, job.pieces[0]!);
  const [lastOfBack, firstOfFront] = ['d/coat-3/back', 'd/coat-1/front'].map((id) => steps.find((s) => s.id === id)!);
  assert.ok(isCoat(lastOfBack!));
  assert.equal(awaitedStage(lastOfBack, firstOfFront!), 'handle');
  assert.match(stepWords(firstOfFront!), /^Other side: first coat/);
  const denibbed = (coated: Job): number =>
    pieceSteps(coated, coated.pieces[0]!).reduce(
      (sum, { operation, minutes }) => sum + (operation === 'denib' ? minutes : 0),
      0,
    );
  const atOnce = new TestJob().door('d', { comesOff: false }).coated('enamel-acrylic', { key: 'none', cleaning: [] });
  assert.ok(Math.abs(denibbed(job) - denibbed(atOnce.job)) < 1e-9, 'as much is denibbed either way');
});

test('grain is filled, and pores are opened, on the face that was chosen', () => {
  const surface = { substrate: 'oak', existing: 'varnish', condition: 'sound' } as const;
  const minutes = (operation: string, onlyFace?: 'front' | 'back'): number => {
    const grainFill = { product: 'grain-putty', passes: 2, ...(onlyFace ? { onlyFace } : {}) };
    const { job } = new TestJob().door('d', { surface }).coated('enamel-acrylic', { key: 'abrade', grainFill });
    return pieceSteps(job, job.pieces[0]!).reduce(
      (sum, step) => sum + (step.operation === operation ? step.minutes : 0),
      0,
    );
  };
  for (const operation of ['grain-fill', 'abrade']) {
    assert.ok(minutes(operation, 'front') > minutes(operation, 'back'), 'edges go with the front');
    assert.ok(minutes(operation, 'front') < minutes(operation));
  }
  assert.ok(Math.abs(minutes('grain-fill', 'front') + minutes('grain-fill', 'back') - minutes('grain-fill')) < 1e-9);
});

test('bare faces and edges that get no paint are preserved where that is stated', () => {
  const outside = { exposure: { front: 'outside', back: 'outside' }, scope: { faces: ['front'], edges: [] } } as const;
  const preserved = (existing: 'bare' | 'oil-gloss', preservesRest: boolean): number => {
    const surface = { substrate: 'softwood', existing, condition: 'sound' } as const;
    const facts = { ...outside, scope: { faces: ['front' as const], edges: [] }, surface, preservesRest };
    const { job } = new TestJob().door('d', facts).coated('ext-acrylic', { preservative: 'water-repellent' });
    return pieceSteps(job, job.pieces[0]!).find(({ operation }) => operation === 'preserve')?.minutes ?? 0;
  };
  const face = 4.5 * 0.826 * 2.04;
  const edges = 4.5 * 2 * (0.826 + 2.04) * 0.04;
  const near = (one: number, other: number): void => assert.ok(Math.abs(one - other) < 1e-6, `${one}, not ${other}`);
  near(preserved('bare', false), face);
  near(preserved('bare', true), 2 * face + edges);
  near(preserved('oil-gloss', true), face + edges);
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

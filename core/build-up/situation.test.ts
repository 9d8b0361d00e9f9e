import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Coat } from '../job/document/coat-schema.ts';
import { TestJob, type DOOR } from '../fixtures/jobs.ts';
import { job, on, TRIM } from '../fixtures/example-recipes.ts';
import { ground } from '../fixtures/surfaces.ts';
import { groundsOf, situations } from './situation.ts';
import { buildUpOf, recipeOf, sameCoats } from './system-coat.ts';

const doors = (...scopes: Partial<typeof DOOR>[]): TestJob =>
  scopes.reduce<TestJob>((made, facts, index) => made.door(`d${index}`, facts), new TestJob());
const grounds = (made: TestJob) => groundsOf(made.job, made.job.groups[0]!);

test('a face is painted that is in scope; edges alone are painted with the front', () => {
  const facesOf = (scope: typeof DOOR.scope) => grounds(doors({ scope }))[0]?.faces;
  assert.deepEqual(facesOf({ faces: ['back'], edges: [] }), ['back']);
  assert.deepEqual(facesOf({ faces: ['back'], edges: ['top'] }), ['front', 'back']);
  assert.deepEqual(facesOf({ faces: [], edges: ['top'] }), ['front']);
  assert.equal(facesOf({ faces: [], edges: [] }), undefined);
});

test('edges are open that are not in scope, and there are none where none is painted', () => {
  const [some] = grounds(doors({ scope: { faces: ['front'], edges: ['hinge'] } }));
  assert.deepEqual([some?.hasEdges, some?.hasOpenEdges], [true, true]);
  const [none] = grounds(doors({ scope: { faces: ['front'], edges: [] } }));
  assert.deepEqual([none?.hasEdges, none?.hasOpenEdges], [false, true]);
  const [all] = grounds(doors({ scope: { faces: ['front'], edges: ['hinge', 'lock', 'top', 'bottom'] } }));
  assert.equal(all?.hasOpenEdges, false);
});

test('pieces that are alike to the rules are judged once', () => {
  assert.equal(grounds(doors({}, {}, {})).length, 1);
  assert.equal(grounds(doors({}, { fireRated: true })).length, 2);
  assert.equal(grounds(doors({}, { scope: { faces: ['front'], edges: [] } })).length, 2);
});

test('faces that get the same in the same air are one situation, others each their own', () => {
  const facesOf = (given: ReturnType<typeof ground>, recipe = on(TRIM)) =>
    situations(job, given, recipe).map(({ faces }) => faces.join('+'));
  assert.deepEqual(facesOf(ground()), ['front+back']);
  assert.deepEqual(facesOf(ground({}, { exposure: { front: 'outside', back: 'inside' } })), ['front', 'back']);
  assert.deepEqual(facesOf(ground({}, { colours: { front: '#efece2', back: '#222222' } })), ['front', 'back']);
  assert.deepEqual(facesOf(ground({}, { faces: ['back'] })), ['back']);
  const twice = { ...on(TRIM), coats: { front: on(TRIM).coats.front, back: on(TRIM).coats.front.slice(1) } };
  assert.deepEqual(facesOf(ground(), twice), ['front', 'back']);
});

test('what lies on a face is told by role and extent; what the shelf does not have is left out', () => {
  const written = 'prime-shellac@spots prime-fill-wb@edges prime-bond-wb enamel-acrylic enamel-acrylic sealer-wb';
  const [s] = situations(job, ground(), on(written));
  const ids = (list: readonly { id: string }[]): string => list.map(({ id }) => id).join();
  assert.equal(ids(s!.spotPrimers), 'prime-shellac');
  assert.equal(ids(s!.edgePrimers), 'prime-fill-wb');
  assert.equal(ids(s!.primers), 'prime-bond-wb');
  assert.equal(ids(s!.topcoats), 'enamel-acrylic,enamel-acrylic');
  assert.deepEqual([s!.hasSealer, s!.first?.id], [true, 'prime-bond-wb']);
  const gone = { ...on(TRIM), coats: { front: [{ ...on(TRIM).coats.front[0]!, product: 'gone' }], back: [] } };
  const [empty] = situations(job, ground({}, { faces: ['front'] }), gone);
  assert.deepEqual([empty?.coats.length, empty?.first, empty?.hasSealer], [0, undefined, false]);
});

test('a piece is of outdoors where one of its painted faces is', () => {
  const door = ground({}, { exposure: { front: 'outside', back: 'inside' } });
  assert.deepEqual(
    situations(job, door, on(TRIM)).map(({ isOutdoorPiece }) => isOutdoorPiece),
    [true, true],
  );
  assert.ok(!situations(job, { ...door, faces: ['back'] }, on(TRIM))[0]?.isOutdoorPiece);
});

test('coats are the same that are the same on the face: edges go with the front', () => {
  const [first, second] = on(TRIM).coats.front as [Coat, Coat];
  const edges: Coat = { ...first, extent: 'edges' };
  assert.ok(sameCoats([edges, first], [first]));
  assert.ok(!sameCoats([first], [first, second]));
  for (const facts of [{ product: 'x' }, { tool: 'spray' }, { thinning: 5 }, { extent: 'spots' }] as const) {
    assert.ok(!sameCoats([first], [{ ...first, ...facts }]), JSON.stringify(facts));
  }
});

test('a recipe becomes a build-up and comes back; the back is written by itself only where it differs', () => {
  const alike = buildUpOf(on(TRIM), ['front', 'back']);
  assert.deepEqual(alike.faceCoats, {});
  assert.deepEqual(recipeOf(alike), on(TRIM));
  const split = { ...on(TRIM), coats: { front: on(TRIM).coats.front, back: on(TRIM).coats.back.slice(1) } };
  assert.deepEqual(recipeOf(buildUpOf(split, ['front', 'back'])), split);
  assert.deepEqual(buildUpOf(split, ['front']).faceCoats, {}, 'nobody paints the back');
  assert.deepEqual(buildUpOf(split, ['back']).coats, split.coats.back);
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { DOOR, TestJob } from '../fixtures/jobs.ts';
import { definitionOf, PIECE_KINDS } from '../pieces/registry.ts';
import { FACE_IDS, type EdgeId, type FaceId } from '../pieces/elevation.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import { areaWithFace, coatedArea, takeOff } from './take-off.ts';

const [A_DOOR] = new TestJob().door('d').job.pieces;
const pieceOf = (kind: Piece['kind'], scope: Piece['scope']): Piece => ({
  ...A_DOOR!,
  kind,
  shape: { ...definitionOf(kind).presets[0]!.shape } as Piece['shape'],
  scope,
});
const total = (piece: Piece): number => takeOff(piece).reduce((sum, { area }) => sum + area, 0);

for (const kind of PIECE_KINDS) {
  const faceIds = FACE_IDS.filter((id) => definitionOf(kind).faceNames[id] !== undefined);
  const edgeIds = definitionOf(kind)
    .elevation(definitionOf(kind).presets[0]!.shape)
    .edges.map(({ id }) => id);

  test(`${kind}: what is painted with the front and with the back adds up to what is painted`, () => {
    fc.assert(
      fc.property(fc.subarray<FaceId>(faceIds), fc.subarray<EdgeId>(edgeIds), (faces, edges) => {
        const piece = pieceOf(kind, { faces, edges });
        assert.ok(Math.abs(areaWithFace(piece, 'front') + areaWithFace(piece, 'back') - total(piece)) < 1e-12);
        assert.deepEqual(
          takeOff(piece)
            .map(({ part }) => part)
            .sort(),
          [...faces, ...edges].sort(),
        );
      }),
    );
  });
}

test('an edge out of scope takes exactly its own area away', () => {
  const all = pieceOf('flush-door', DOOR.scope);
  const without = { ...all, scope: { ...DOOR.scope, edges: ['hinge', 'lock'] as EdgeId[] } };
  const { width, thickness } = all.shape as { width: number; thickness: number };
  assert.ok(Math.abs(total(all) - total(without) - (width * thickness) / 1e6) < 1e-12);
});

test('a coat covers all of a face, a tenth of it for spots, or with the front its edges alone', () => {
  const door = pieceOf('flush-door', DOOR.scope);
  const parts = Object.fromEntries(takeOff(door).map(({ part, area }) => [part, area]));
  const edges = parts['hinge']! + parts['lock']! + parts['top']!;
  assert.equal(coatedArea(door, 'back', 'all'), parts['back']);
  assert.ok(Math.abs(coatedArea(door, 'front', 'all') - parts['front']! - edges) < 1e-12);
  assert.ok(Math.abs(coatedArea(door, 'back', 'spots') - parts['back']! / 10) < 1e-12);
  assert.ok(Math.abs(coatedArea(door, 'front', 'edges') - edges) < 1e-12);
  assert.equal(coatedArea(door, 'back', 'edges'), 0);
});

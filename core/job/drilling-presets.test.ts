import assert from 'node:assert/strict';
import { test } from 'node:test';
import { PIECE_KINDS } from '../pieces/registry.ts';
import { drillingFault, holesOf, usualDrillings } from './drilling-presets.ts';
import { sketchOf, usualPiece } from './document/usual-piece.ts';

const front = sketchOf(
  'cabinet-door',
  usualPiece('cabinet-door', 'room-1', {
    shape: { width: 447, height: 1245, thickness: 18, style: 'slab', stile: 65, topRail: 65, bottomRail: 65 },
  }),
  'C-01',
);
const pull = { name: 'pull', on: 'front', x: 397, y: 130, centres: 160, upright: true, diameter: 5 } as const;

test('two holes lie half their centre distance from the middle, one on it', () => {
  assert.deepEqual(holesOf(pull), [
    [397, 50],
    [397, 210],
  ]);
  assert.deepEqual(holesOf({ ...pull, upright: false }), [
    [317, 130],
    [477, 130],
  ]);
  assert.deepEqual(holesOf({ ...pull, centres: 0 }), [[397, 130]]);
});

test('a hole that would run off the piece is refused, with where it lies', () => {
  assert.equal(drillingFault(front, pull, 'metric'), null);
  assert.match(
    drillingFault(front, { ...pull, upright: false }, 'metric') ?? '',
    /The 5 mm hole at 477 from the left, 130 from the top runs off the front \(447 × 1245 mm\)\./,
  );
  assert.match(
    drillingFault(front, { ...pull, y: 82 }, 'metric') ?? '',
    /The 5 mm hole at 397 from the left, 2 from the top runs off the front \(447 × 1245 mm\)\./,
  );
  // Into an edge 18 mm thick a bore of 25 mm does not go.
  assert.match(
    drillingFault(front, { ...pull, on: 'edge', x: 9, centres: 0, diameter: 25 }, 'metric') ?? '',
    /The 25 mm hole at 9 from the left, 130 from the top runs off the edge \(18 × 1245 mm\)\./,
  );
});

test('usual holes lie whole on every kind that is drilled', () => {
  for (const kind of PIECE_KINDS) {
    const piece = sketchOf(kind, usualPiece(kind, 'room-1'), 'X-01');
    if (!['flush-door', 'panelled-door', 'cabinet-door', 'drawer-front'].includes(kind)) continue;
    for (const holes of usualDrillings(piece))
      assert.equal(drillingFault(piece, holes, 'metric'), null, `${kind} ${holes.name}`);
  }
});

import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { sketchOf, usualPiece } from '../../../core/job/document/usual-piece.ts';
import type { Room } from '../../../core/job/document/room-schema.ts';
import { PIECE_KINDS } from '../../../core/pieces/registry.ts';
import { thumbSize } from '../../drawing/elevation/thumb-size.ts';
import { GAP, MIN_WIDTH, wallRows } from './wall-rows.ts';

const room = (id: string): Room => ({
  id,
  name: id,
  climateId: 'house',
  maxOff: null,
  zonesAtOnce: null,
  bearing: null,
  tasks: [],
});

test('every piece hangs once, in its room and order, and no row is wider than the wall or lower than its drawings', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ kind: fc.constantFrom(...PIECE_KINDS), roomId: fc.constantFrom('a', 'b') }), {
        maxLength: 40,
      }),
      fc.integer({ min: 300, max: 1400 }),
      (stated, width) => {
        const pieces = stated.map(({ kind, roomId }, index) => ({
          ...sketchOf(kind, usualPiece(kind, roomId), ''),
          id: `${index}`,
        }));
        const rows = wallRows({ rooms: [room('a'), room('b')], pieces }, width);
        for (const id of ['a', 'b']) {
          const hung = rows.flatMap((row) => (row.kind === 'pieces' && row.room.id === id ? row.placed : []));
          assert.deepEqual(
            hung.map(({ piece }) => piece.id),
            pieces.filter(({ roomId }) => roomId === id).map((piece) => piece.id),
          );
        }
        for (const row of rows) {
          if (row.kind !== 'pieces') continue;
          const sizes = row.placed.map(({ piece, mmPerPixel }) => thumbSize(piece, mmPerPixel));
          const wide = sizes.reduce((sum, size) => sum + Math.max(MIN_WIDTH, size.width) + GAP, -GAP);
          assert.ok(wide <= width + 1e-6, `${wide} in ${width}`);
          assert.ok(sizes.every(({ height }) => height < row.height));
        }
      },
    ),
    { numRuns: 60 },
  );
});

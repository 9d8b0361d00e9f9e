import assert from 'node:assert/strict';
import { test } from 'node:test';
import { weightOf } from '../job/queries/pieces.ts';
import { sketchOf, usualPiece } from '../job/document/usual-piece.ts';
import { definitionOf, PIECE_KINDS } from '../pieces/registry.ts';
import type { StatedPiece } from '../job/document/piece-schema.ts';
import { takeOff } from './take-off.ts';
import { areaAccount, weightAccount } from './piece-account.ts';

/** The sum of an account’s lines; “less” subtracts. */
function summed(lines: readonly string[], unit: string): number {
  let sum = 0;
  for (const line of lines)
    for (const part of line.split(', ')) {
      const figure = Number(new RegExp(`([\\d.]+) ${unit}`).exec(part)?.[1] ?? 0);
      sum += part.startsWith('less ') ? -figure : figure;
    }
  return sum;
}

for (const kind of PIECE_KINDS) {
  test(`${kind}: the accounts of its area and of its weight come to both`, () => {
    for (const { shape } of definitionOf(kind).presets) {
      const piece = sketchOf(kind, usualPiece(kind, 'room', { shape: shape as StatedPiece['shape'] }), 'A1');
      const area = takeOff(piece).reduce((sum, part) => sum + part.area, 0);
      const lines = areaAccount(piece, 'metric');
      assert.ok(Math.abs(summed(lines, 'm²') - area) < 0.006 * (1 + lines.length * 3), `${lines.join(' ')} – ${area}`);
      const weight = weightOf(piece);
      const parts = weightAccount(piece, 'metric');
      assert.ok(Math.abs(summed(parts, 'kg\\.') - weight) <= 0.5 * parts.length, `${parts.join(' ')} – ${weight}`);
    }
  });
}

import { elevationOf } from '../../../core/job/queries/pieces.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { shownPart } from './shown-part.ts';

/** What a drawing needs of a piece. */
export type Drawn = Pick<Piece, 'kind' | 'shape' | 'scope'>;

/** Blank around a thumb's face, in mm. */
export const THUMB_MARGIN = 8;

/** Size of a piece's thumb in px at a scale. */
export function thumbSize(piece: Drawn, mmPerPixel: number): { width: number; height: number } {
  const [face] = elevationOf(piece).faces;
  if (!face) return { width: 0, height: 0 };
  const wide = shownPart(face).width;
  return { width: (wide + 2 * THUMB_MARGIN) / mmPerPixel, height: (face.height + 2 * THUMB_MARGIN) / mmPerPixel };
}

/** Px that a thumb in a row of unlike pieces takes at most. */
const MAX_SIZE = { width: 150, height: 118 };

/** The scale in mm per px at which a piece fits a row of unlike pieces; small ones are not blown up. */
export function thumbScale(piece: Drawn): number {
  const { width, height } = thumbSize(piece, 1);
  return Math.max(8, width / MAX_SIZE.width, height / MAX_SIZE.height);
}

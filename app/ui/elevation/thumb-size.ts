import { elevationOf } from '../../../core/job/queries.ts';
import type { Piece } from '../../../core/job/piece-schema.ts';
import { shownPart } from './shown-part.ts';

/** Blank around a thumb's face, in mm. */
export const THUMB_MARGIN = 8;

/** Size of a piece's thumb in px at a scale. */
export function thumbSize(piece: Piece, mmPerPixel: number): { width: number; height: number } {
  const [face] = elevationOf(piece).faces;
  if (!face) return { width: 0, height: 0 };
  const wide = shownPart(face).width;
  return { width: (wide + 2 * THUMB_MARGIN) / mmPerPixel, height: (face.height + 2 * THUMB_MARGIN) / mmPerPixel };
}

import { inset, outlineArea, rectangle, type Box } from './elevation.ts';

/**
 * A profile that runs around inside a sight line and is mitred at its corners: a raised panel's bevel, a panel moulding,
 * the moulding beside a pane. `width` is its projection on the face in mm, `girth` what a strip laid over it measures.
 */
export interface Relief {
  width: number;
  girth: number;
}

/** A plain slope, `width` mm wide in projection and `depth` mm deep. */
export const slope = (width: number, depth: number): Relief => ({ width, girth: Math.hypot(width, depth) });

/**
 * What a mitred relief around the inside of a box adds to its flat area, in mm². A mitred frame is as long in the mean
 * as its middle line, so that its area grows as its girth does.
 */
export function reliefExcess(box: Box, { width, girth }: Relief): number {
  const ring = outlineArea(rectangle(box)) - outlineArea(rectangle(inset(box, width)));
  return width === 0 ? 0 : ring * (girth / width - 1);
}

import { inset, outlineArea, rectangle } from './elevation.ts';
/** A plain slope, `width` mm wide in projection and `depth` mm deep. */
export const slope = (width, depth) => ({ width, girth: Math.hypot(width, depth) });
/**
 * What a mitred relief around the inside of a box adds to its flat area, in mm². A mitred frame is as long in the mean
 * as its middle line, so that its area grows as its girth does.
 */
export function reliefExcess(box, { width, girth }) {
  const ring = outlineArea(rectangle(box)) - outlineArea(rectangle(inset(box, width)));
  return width === 0 ? 0 : ring * (girth / width - 1);
}

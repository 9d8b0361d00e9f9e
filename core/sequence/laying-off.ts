import type { Point } from '../pieces/elevation.ts';
import { boundsOf, middleOf, type Stroke } from './stroke.ts';

/** An arrow on a sheet, in mm. */
export interface Arrow {
  from: Point;
  to: Point;
}

/** How much of a stroke its arrow runs along. */
const LONG = 0.6;

/**
 * The last strokes of the brush on an element: along the grain, towards what is painted already and wet, so that the lap
 * is laid off into it. Where nothing is, or on both sides, upwards on what stands, so that the film does not sag, and to
 * the right on what lies.
 */
export function layingOff(stroke: Stroke, wetBefore: readonly Stroke[]): Arrow {
  const { x, y, width, height } = boundsOf(stroke.outline);
  const [middleX, middleY] = [x + width / 2, y + height / 2];
  const isUpright = stroke.grain === 'none' ? height >= width : stroke.grain === 'vertical';
  const towards = wetBefore
    .map(({ outline }) => middleOf(outline))
    .reduce((sum, [otherX, otherY]) => sum + Math.sign(isUpright ? otherY - middleY : otherX - middleX), 0);
  const direction = towards === 0 ? (isUpright ? -1 : 1) : Math.sign(towards);
  const half = ((isUpright ? height : width) * LONG * direction) / 2;
  return isUpright
    ? { from: [middleX, middleY - half], to: [middleX, middleY + half] }
    : { from: [middleX - half, middleY], to: [middleX + half, middleY] };
}

/** Short arrows out of the corners of a panel or a pane: no edge of the brush scrapes paint off. */
export function outOfCorners(stroke: Stroke): Arrow[] {
  const { x, y, width, height } = boundsOf(stroke.outline);
  const reach = Math.min(width, height) * 0.22;
  const corners: [Point, number, number][] = [
    [[x, y], 1, 1],
    [[x + width, y], -1, 1],
    [[x + width, y + height], -1, -1],
    [[x, y + height], 1, -1],
  ];
  return corners.map(([[cornerX, cornerY], right, down]) => ({
    from: [cornerX + right * reach * 0.2, cornerY + down * reach * 0.2],
    to: [cornerX + right * reach, cornerY + down * reach],
  }));
}

import type { Point } from '../pieces/elevation.ts';
import { boundsOf, type Bounds, type Stroke } from './stroke.ts';

/** The line on the sheet of the first along which two strokes lap, in mm: where their bounds touch or overlap. */
export function lapLine(one: Stroke, other: Stroke): readonly [Point, Point] {
  const onFace = one.role === 'edge' ? other : one;
  const edge = one.role === 'edge' ? one : other.role === 'edge' ? other : null;
  if (edge) return besideEdge(boundsOf(onFace.outline), boundsOf(edge.outline), onFace.sheet === edge.sheet);
  const [a, b] = [boundsOf(one.outline), boundsOf(other.outline)];
  const left = Math.max(a.x, b.x);
  const right = Math.min(a.x + a.width, b.x + b.width);
  const top = Math.max(a.y, b.y);
  const bottom = Math.min(a.y + a.height, b.y + b.height);
  const isAcross = right - left >= bottom - top;
  const isInside = right - left > 1 && bottom - top > 1;
  // A field inside its moulding laps all around: the lower side stands for it.
  if (isInside)
    return [
      [left, bottom],
      [right, bottom],
    ];
  return isAcross
    ? [
        [left, (top + bottom) / 2],
        [right, (top + bottom) / 2],
      ]
    : [
        [(left + right) / 2, top],
        [(left + right) / 2, bottom],
      ];
}

/** Along the side of a face on which an edge is unfolded; seen from the back it lies on the other one. */
function besideEdge(face: Bounds, edge: Bounds, isSameSheet: boolean): readonly [Point, Point] {
  const isUpright = edge.height >= edge.width;
  if (isUpright) {
    const isLeft = edge.x < face.x === isSameSheet;
    const x = isLeft ? face.x : face.x + face.width;
    return [
      [x, face.y],
      [x, face.y + face.height],
    ];
  }
  const y = edge.y < face.y ? face.y : face.y + face.height;
  return [
    [face.x, y],
    [face.x + face.width, y],
  ];
}

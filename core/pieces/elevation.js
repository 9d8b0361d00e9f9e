import { lapsOf } from './laps.ts';
export const GRAINS = ['vertical', 'horizontal', 'none'];
export const FACE_IDS = ['front', 'back'];
export const EDGE_IDS = ['hinge', 'lock', 'top', 'bottom', 'left', 'right', 'joints'];
/** Square millimetres as square metres. */
export const squareMetres = (squareMillimetres) => squareMillimetres / 1_000_000;
/** The outline of an upright rectangle. */
export function rectangle([x, y, width, height]) {
  return [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ];
}
/** A box made smaller by `by` mm on every side. */
export const inset = ([x, y, width, height], by) => [x + by, y + by, width - 2 * by, height - 2 * by];
/** Area of a closed outline in mm², by the shoelace formula. */
export function outlineArea(outline) {
  let twice = 0;
  outline.forEach(([x, y], index) => {
    const [nextX, nextY] = outline[(index + 1) % outline.length] ?? [x, y];
    twice += x * nextY - nextX * y;
  });
  return Math.abs(twice) / 2;
}
/** An element from its outline; flat and of vertical grain unless told otherwise. */
export function element({ id, name, part, outline, holes = [], grain, excess, cutIn }) {
  const drawn = outlineArea(outline) - holes.reduce((sum, hole) => sum + outlineArea(hole), 0);
  return {
    id,
    name,
    part,
    outline,
    holes,
    projectedArea: squareMetres(drawn),
    developedArea: squareMetres(drawn + (excess ?? 0)),
    cutIn: cutIn ?? 0,
    grain: grain ?? 'vertical',
  };
}
/** A face of these elements and unpainted parts, with the laps between its elements. */
export function faceOf(id, width, height, parts) {
  return {
    id,
    width,
    height,
    elements: parts.elements,
    unpainted: parts.unpainted ?? [],
    laps: lapsOf(parts.elements),
  };
}

import { squareMetres, type Edge, type EdgeId } from './elevation.ts';

/** The four edges of a board: two upright ones and top and bottom. */
export function boardEdges(
  width: number,
  height: number,
  thickness: number,
  upright: readonly [EdgeId, EdgeId],
): Edge[] {
  const edge = (id: EdgeId, length: number): Edge => ({
    id,
    length,
    thickness,
    area: squareMetres(length * thickness),
  });
  return [edge(upright[0], height), edge(upright[1], height), edge('top', width), edge('bottom', width)];
}

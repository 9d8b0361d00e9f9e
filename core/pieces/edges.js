import { squareMetres } from './elevation.ts';
/** The four edges of a board: two upright ones and top and bottom. */
export function boardEdges(width, height, thickness, upright) {
  const edge = (id, length) => ({
    id,
    length,
    thickness,
    area: squareMetres(length * thickness),
  });
  return [edge(upright[0], height), edge(upright[1], height), edge('top', width), edge('bottom', width)];
}

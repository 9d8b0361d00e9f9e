import { edgeFaceOf, elevationOf, isFixedPiece } from '../job/queries/pieces.ts';
import { kept } from '../units/kept.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Extent } from '../job/document/coat-schema.ts';
import type { EdgeId, FaceId } from '../pieces/elevation.ts';

/** The painted area of one face or edge of a piece, in m², developed. */
export interface PaintedPart {
  part: FaceId | EdgeId;
  area: number;
}

/** Areas of every face and edge in scope, from the piece's own geometry: every coat asks for them. */
export const takeOff = kept(
  (piece: Piece): readonly PaintedPart[] => {
    const { faces, edges } = elevationOf(piece);
    return [
      ...faces
        .filter((face) => piece.scope.faces.includes(face.id))
        .map((face) => ({
          part: face.id,
          area: face.elements.reduce((sum, element) => sum + element.developedArea, 0),
        })),
      ...edges
        .filter((edge) => piece.scope.edges.includes(edge.id))
        .map((edge) => ({ part: edge.id, area: edge.area })),
    ];
  },
  { isFixed: isFixedPiece },
);

/** m² of a piece that are painted with one face: the face itself, and the edges with theirs. */
export function areaWithFace(piece: Piece, face: FaceId): number {
  return takeOff(piece)
    .filter(({ part }) => part === face || (face === edgeFaceOf(piece) && part !== 'front' && part !== 'back'))
    .reduce((sum, { area }) => sum + area, 0);
}

/** Share of a face that spots of bare wood, filler and stains usually make up: a default. */
export const SPOT_SHARE = 0.1;

/** m² of a piece that one coat covers on a face: all of it, its spots, or, with the face of the edges, those alone. */
export function coatedArea(piece: Piece, face: FaceId, extent: Extent): number {
  if (extent === 'all') return areaWithFace(piece, face);
  if (extent === 'spots') return SPOT_SHARE * areaWithFace(piece, face);
  if (face !== edgeFaceOf(piece)) return 0;
  return takeOff(piece)
    .filter(({ part }) => part !== 'front' && part !== 'back')
    .reduce((sum, { area }) => sum + area, 0);
}

/** m² of faces and edges that get no paint and are preserved, where that is stated. */
export function restPreserved(piece: Piece): number {
  if (!piece.preservesRest) return 0;
  const { faces, edges } = elevationOf(piece);
  const whole = [
    ...faces.flatMap(({ elements }) => elements.map(({ developedArea }) => developedArea)),
    ...edges.map(({ area }) => area),
  ].reduce((sum, area) => sum + area, 0);
  return whole - takeOff(piece).reduce((sum, { area }) => sum + area, 0);
}

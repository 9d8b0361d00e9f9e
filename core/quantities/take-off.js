import { elevationOf } from '../job/queries.ts';
/** Areas of every face and edge in scope, from the piece's own geometry. */
export function takeOff(piece) {
  const { faces, edges } = elevationOf(piece);
  return [
    ...faces
      .filter((face) => piece.scope.faces.includes(face.id))
      .map((face) => ({ part: face.id, area: face.elements.reduce((sum, element) => sum + element.developedArea, 0) })),
    ...edges.filter((edge) => piece.scope.edges.includes(edge.id)).map((edge) => ({ part: edge.id, area: edge.area })),
  ];
}
/** m² of a piece that are painted with one face: the face itself, and the edges with the front. */
export function areaWithFace(piece, face) {
  return takeOff(piece)
    .filter(({ part }) => part === face || (face === 'front' && part !== 'back'))
    .reduce((sum, { area }) => sum + area, 0);
}

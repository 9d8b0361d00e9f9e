import { elevationOf } from '../job/queries.ts';
import type { Piece } from '../job/piece-schema.ts';
import type { Painter, Tool } from '../job/schema.ts';
import type { Face, FaceId } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import { takeOff } from './take-off.ts';

/** How much longer than a professional each takes. */
const SKILL_FACTOR: Readonly<Record<Painter['skill'], number>> = { 'first-timer': 3, steady: 1.5, professional: 1 };

/** Minutes at a professional's pace; starting values, until the painter's own log replaces them. */
const MINUTES = {
  washPerM2: 2.5,
  washLeast: 2,
  abradeFlatPerM2: 2.5,
  abradeProfiledPerM2: 5,
  deglossPerM2: 1.5,
  denibPerM2: 1.2,
  brushFlatPerM2: 4.5,
  brushProfiledPerM2: 8,
  rollPerM2: 2.8,
  sprayPerM2: 0.9,
  edgePerMetre: 1.6,
  turn: 1,
  reAbradePerM2: 2.5,
} as const;

/** The crew's mean factor: work is planned before anybody knows whose hands it falls to. */
export function crewFactor(crew: readonly Pick<Painter, 'skill'>[]): number {
  return crew.reduce((sum, painter) => sum + SKILL_FACTOR[painter.skill], 0) / Math.max(1, crew.length);
}

/** m² of a face that are flat, and that are profiled: panels with bevel or moulding. */
function flatAndProfiled(face: Face): { flat: number; profiled: number } {
  const sum = { flat: 0, profiled: 0 };
  for (const element of face.elements) {
    const profiled = element.developedArea > element.projectedArea + 1e-9;
    sum[profiled ? 'profiled' : 'flat'] += element.developedArea;
  }
  return sum;
}

const paintedArea = (piece: Piece): number => takeOff(piece).reduce((sum, { area }) => sum + area, 0);

const facesInScope = (piece: Piece): Face[] =>
  elevationOf(piece).faces.filter((face) => piece.scope.faces.includes(face.id));

/** Minutes to wash and rinse a piece. */
export function washMinutes(piece: Piece): number {
  return Math.max(MINUTES.washLeast, MINUTES.washPerM2 * paintedArea(piece));
}

/** Minutes to abrade or degloss a piece, faces and edges. */
export function keyMinutes(piece: Piece, key: 'abrade' | 'degloss'): number {
  if (key === 'degloss') return MINUTES.deglossPerM2 * paintedArea(piece);
  const faces = facesInScope(piece).map(flatAndProfiled);
  const edges = takeOff(piece).filter(({ part }) => part !== 'front' && part !== 'back');
  return (
    faces.reduce(
      (sum, { flat, profiled }) => sum + flat * MINUTES.abradeFlatPerM2 + profiled * MINUTES.abradeProfiledPerM2,
      0,
    ) + edges.reduce((sum, { area }) => sum + area * MINUTES.abradeFlatPerM2, 0)
  );
}

/** Minutes to denib a piece between coats. */
export function denibMinutes(piece: Piece): number {
  return MINUTES.denibPerM2 * paintedArea(piece);
}

/** Minutes to abrade a face again when its recoat window has closed. */
export function reAbradeMinutes(piece: Piece): number {
  return MINUTES.reAbradePerM2 * paintedArea(piece);
}

/** Minutes to turn a piece over. */
export const TURN_MINUTES = MINUTES.turn;

/** Minutes to put one coat on a face, with the edges when it is the front. */
export function coatMinutes(piece: Piece, face: FaceId, tool: Tool): number {
  const { faces, edges } = elevationOf(piece);
  const drawn = faces.find((candidate) => candidate.id === face && piece.scope.faces.includes(face));
  const { flat, profiled } = drawn ? flatAndProfiled(drawn) : { flat: 0, profiled: 0 };
  const edgeMetres =
    face === 'front'
      ? edges.filter((edge) => piece.scope.edges.includes(edge.id)).reduce((sum, edge) => sum + edge.length / 1000, 0)
      : 0;
  if (tool === 'spray') return (flat + profiled) * MINUTES.sprayPerM2 + edgeMetres * MINUTES.sprayPerM2 * 0.1;
  const perFlat = tool === 'roller' ? MINUTES.rollPerM2 : MINUTES.brushFlatPerM2;
  return flat * perFlat + profiled * MINUTES.brushProfiledPerM2 + edgeMetres * MINUTES.edgePerMetre;
}

/** Minutes to take the hardware off and bag it, and to rehang or refit. */
export function hardwareMinutes(piece: Piece): { takeOff: number; rehang: number } {
  return definitionOf(piece.kind).pace;
}

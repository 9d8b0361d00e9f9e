import { elevationOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat, Extent } from '../job/document/coat-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Key } from '../job/document/group-schema.ts';
import type { Painter } from '../job/document/crew-schema.ts';
import type { Application } from '../job/document/stroke-schema.ts';
import { FACE_IDS, type Element, type Face, type FaceId, type Part } from '../pieces/elevation.ts';
import type { Preparation } from '../pieces/definition.ts';
import { FILLER_HOURS } from '../pieces/filler.ts';
import { definitionOf } from '../pieces/registry.ts';
import type { Filler } from '../shelf/filler.ts';
import { NO_WORK, workMinutes, workOf } from './paint-work.ts';
import { coatedArea, SPOT_SHARE, takeOff } from './take-off.ts';

/** How much longer than a professional each takes. */
export const SKILL_FACTOR: Readonly<Record<Painter['skill'], number>> = {
  'first-timer': 3,
  steady: 1.5,
  professional: 1,
};

/** Minutes at a professional's pace; starting values, until the painter's own log replaces them. */
const MINUTES = {
  washPerM2: 2.5,
  washLeast: 2,
  abradeFlatPerM2: 2.5,
  abradeProfiledPerM2: 5,
  deglossPerM2: 1.5,
  denibPerM2: 1.2,
  fillAHole: 1.5,
  dentsPerM2: 2,
  drillAHole: 2,
  maskPerMetre: 1.2,
  turn: 1,
  reAbradePerM2: 2.5,
  grainFillPerM2: 9,
  /** Brushed on as a flat is. */
  preservePerM2: 4.5,
  /** Wet abrasive clogs less and is wiped more. */
  wetAbradeTimes: 1.3,
  /** Getting to a spot, beside painting it. */
  spotsAFace: 1.5,
} as const;

/** The crew's mean factor: work is planned before anybody knows whose hands it falls to. */
export function crewFactor(crew: readonly Pick<Painter, 'skill'>[]): number {
  return crew.reduce((sum, painter) => sum + SKILL_FACTOR[painter.skill], 0) / Math.max(1, crew.length);
}

/** m² of elements that are flat, and that are profiled: panels with bevel or moulding, what turns away from the face. */
function flatAndProfiled(elements: readonly Element[]): { flat: number; profiled: number } {
  const sum = { flat: 0, profiled: 0 };
  for (const element of elements) {
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
export function keyMinutes(piece: Piece, key: Exclude<Key, 'none'>): number {
  if (key === 'wet-abrade') return MINUTES.wetAbradeTimes * keyMinutes(piece, 'abrade');
  if (key === 'degloss') return MINUTES.deglossPerM2 * paintedArea(piece);
  const { flat, profiled } = abradedAreas(piece);
  return flat * MINUTES.abradeFlatPerM2 + profiled * MINUTES.abradeProfiledPerM2;
}

/** Minutes to denib a piece after a coat of such an extent. */
export function denibMinutes(piece: Piece, extent: Extent): number {
  const area = FACE_IDS.reduce((sum, face) => sum + coatedArea(piece, face, extent), 0);
  return MINUTES.denibPerM2 * area;
}

/** Minutes for one pass of grain filler over a piece, sanded off again. */
export function grainFillMinutes(piece: Piece): number {
  return MINUTES.grainFillPerM2 * paintedArea(piece);
}

/** Minutes to brush preservative onto a piece. */
export function preserveMinutes(piece: Piece): number {
  return MINUTES.preservePerM2 * paintedArea(piece);
}

/** Minutes to abrade a face again when its recoat window has closed. */
export function reAbradeMinutes(piece: Piece): number {
  return MINUTES.reAbradePerM2 * paintedArea(piece);
}

/** Minutes to turn a piece over. */
export const TURN_MINUTES = MINUTES.turn;

/** Minutes to put one coat on a face: with the edges when it is the front, on its spots, or on its edges alone. */
export function coatMinutes(piece: Piece, face: FaceId, { tool, extent }: Pick<Coat, 'tool' | 'extent'>): number {
  const { faces, edges } = elevationOf(piece);
  if (extent === 'spots') {
    return MINUTES.spotsAFace + SPOT_SHARE * coatMinutes(piece, face, { tool, extent: 'all' });
  }
  const elements =
    extent === 'edges'
      ? []
      : (faces.find((candidate) => candidate.id === face && piece.scope.faces.includes(face))?.elements ?? []);
  const edgeMetres =
    face === 'front'
      ? edges.filter((edge) => piece.scope.edges.includes(edge.id)).reduce((sum, edge) => sum + edge.length / 1000, 0)
      : 0;
  const application = usualApplication(tool);
  return (
    elements.reduce((sum, element) => sum + workMinutes(workOf(element), application), 0) +
    workMinutes({ ...NO_WORK, edge: edgeMetres }, application)
  );
}

/** How a tool is used where nobody has chosen otherwise: a roller leaves profiles and lines to the brush. */
export const usualApplication = (tool: Tool): Application => (tool === 'roller' ? 'profiles-brushed' : tool);

/** Minutes to take the hardware off and bag it, and to rehang or refit. */
export function hardwareMinutes(piece: Piece): { takeOff: number; rehang: number } {
  return definitionOf(piece.kind).pace;
}

/** Elements whose outline is masked where they meet wall, floor or tread. */
const MASKED_PARTS: ReadonlySet<Part> = new Set(['run', 'frame', 'area']);

/** Minutes to take furniture off what is painted in place and to mask it: by the metre where it meets the wall. */
export function maskMinutes(piece: Piece): number {
  return definitionOf(piece.kind).pace.takeOff + maskedMetres(piece) * MINUTES.maskPerMetre;
}

/** Metres along which a piece meets wall, floor or tread. */
export function maskedMetres(piece: Piece): number {
  return facesInScope(piece)
    .flatMap((face) => face.elements)
    .reduce((sum, { part, cutIn }) => sum + (MASKED_PARTS.has(part) ? cutIn / 1000 : 0), 0);
}

/** m² of a piece in scope that are flat, edges among them, and that are profiled. */
export function abradedAreas(piece: Piece): { flat: number; profiled: number } {
  const faces = facesInScope(piece).map((face) => flatAndProfiled(face.elements));
  const edges = takeOff(piece).filter(({ part }) => part !== 'front' && part !== 'back');
  return {
    flat: [...faces.map(({ flat }) => flat), ...edges.map(({ area }) => area)].reduce((sum, area) => sum + area, 0),
    profiled: faces.reduce((sum, { profiled }) => sum + profiled, 0),
  };
}

/**
 * Work before the first coat: what the shape asks for, then old holes and dents filled and new holes drilled. With a
 * filler of the build-up it takes that one's hours to dry, and dents are filled as well.
 */
export function preparationOf(piece: Piece, filler: Filler | null): Preparation[] {
  const { preparation } = definitionOf(piece.kind);
  const asked = preparation?.(piece.shape) ?? [];
  const filled = asked.find(({ operation }) => operation === 'fill');
  const dents = filler === null ? 0 : Math.ceil(MINUTES.dentsPerM2 * paintedArea(piece));
  const fill: Preparation = {
    operation: 'fill',
    minutes: (filled?.minutes ?? 0) + (piece.filledHoles + dents) * MINUTES.fillAHole,
    dryHours: Math.max(filled?.dryHours ?? 0, piece.filledHoles + dents > 0 ? (filler?.dryHours ?? FILLER_HOURS) : 0),
  };
  const holes = piece.drillings.reduce((sum, { centres }) => sum + (centres > 0 ? 2 : 1), 0);
  return [
    ...asked.filter(({ operation }) => operation !== 'fill'),
    ...(fill.minutes > 0 ? [fill] : []),
    ...(holes > 0 ? [{ operation: 'drill' as const, minutes: holes * MINUTES.drillAHole, dryHours: 0 }] : []),
  ];
}

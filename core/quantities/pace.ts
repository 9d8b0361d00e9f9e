import { edgeFaceOf, elevationOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Coat, Extent } from '../job/document/coat-schema.ts';
import type { Tool } from '../shelf/tools.ts';
import type { Key } from '../job/document/group-schema.ts';
import type { Painter } from '../job/document/crew-schema.ts';
import type { Application } from '../job/document/stroke-schema.ts';
import { FACE_IDS, type Edge, type Element, type Face, type FaceId } from '../pieces/elevation.ts';
import type { MaskedLines, Preparation } from '../pieces/definition.ts';
import type { ResultOf } from '../pieces/found.ts';
import { longerWords } from '../units/comparison.ts';
import { FILLER_HOURS } from '../pieces/filler.ts';
import { definitionOf, hasTrait } from '../pieces/registry.ts';
import type { Filler, Fills } from '../shelf/filler.ts';
import { shareOf, sumOfWork, workMinutes, workOf, workOfEdge, type PaintWork } from './paint-work.ts';
import { areaWithFace, coatedArea, restPreserved, SPOT_SHARE, takeOff } from './take-off.ts';

/** How much longer than a professional each takes. */
export const SKILL_FACTOR: Readonly<Record<Painter['skill'], number>> = {
  'first-timer': 3,
  steady: 1.5,
  professional: 1,
};

/** Minutes at a professional's pace; starting values, until the painter's own log replaces them. */
const MINUTES = {
  washPerM2: 1.8,
  washLeast: 2,
  /** A small piece is picked up, laid down and turned, whatever its size: what a face takes at least. */
  washAFace: 1.5,
  abradeAFace: 1.5,
  deglossAFace: 0.75,
  denibAFace: 0.75,
  /** Grease is washed off until the water stays clear. */
  washGreaseTimes: 1.5,
  /** Walls and ceilings: with a wide sponge, from the floor or a platform. */
  washWallPerM2: 1,
  /** Keying, with the dust wiped off. */
  abradeFlatPerM2: 2.4,
  abradeProfiledPerM2: 5,
  /** Old paint that lets go: scraped and filled by its m², feathered along its edges. */
  scrapePerM2: 14,
  featherPerMetre: 0.6,
  spotFillPerM2: 10,
  dustOffPerM2: 0.8,
  dustOffLeast: 1,
  caulkPerMetre: 0.4,
  puttyPerMetre: 2.5,
  repairAPiece: 8,
  deglossPerM2: 1.5,
  denibPerM2: 0.9,
  /** A hole of old hardware is filled twice; a dent once. */
  fillAHole: 1.5,
  fillADent: 0.75,
  dentsPerM2: 1,
  drillAHole: 2,
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

/** How much longer abrading takes through a closed skin, until the pores are open to a grain filler. */
export const OPEN_PORES_TIMES = 6.5;

/** The crew's mean factor: work is planned before anybody knows whose hands it falls to. */
export function crewFactor(crew: readonly Pick<Painter, 'skill'>[]): number {
  return crew.reduce((sum, painter) => sum + SKILL_FACTOR[painter.skill], 0) / Math.max(1, crew.length);
}

/** The crew's pace against a professional's, in words: “25% longer than a professional”. */
export function crewPaceWords(crew: readonly Pick<Painter, 'skill'>[]): string {
  const factor = crewFactor(crew);
  if (factor === 1) return 'a professional’s pace';
  return factor < 2
    ? `${longerWords(factor)} than a professional`
    : `${Math.round(factor * 10) / 10} times a professional’s minutes`;
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

/** Minutes to wash and rinse a piece; longer where it is greasy. */
export function washMinutes(piece: Piece, contamination: ResultOf<'contamination'>): number {
  const perM2 = hasTrait(piece.kind, 'wall') ? MINUTES.washWallPerM2 : MINUTES.washPerM2;
  const aFace = MINUTES.washAFace * facesInScope(piece).length;
  const times = contamination === 'grease' ? MINUTES.washGreaseTimes : 1;
  return times * Math.max(MINUTES.washLeast, aFace, perM2 * paintedArea(piece));
}

/**
 * Minutes to abrade or degloss a piece, faces and edges. Faces in `opened`, with their edges, are abraded until a grain
 * filler finds open pores under varnish or paint.
 */
export function keyMinutes(piece: Piece, key: Exclude<Key, 'none'>, opened: readonly FaceId[] = []): number {
  if (key === 'wet-abrade') return MINUTES.wetAbradeTimes * keyMinutes(piece, 'abrade', opened);
  const faces = FACE_IDS.filter((face) => areaWithFace(piece, face) > 0);
  return faces.reduce((sum, face) => {
    if (key === 'degloss')
      return sum + Math.max(MINUTES.deglossAFace, MINUTES.deglossPerM2 * areaWithFace(piece, face));
    const { flat, profiled } = abradedWith(piece, face);
    const times = opened.includes(face) ? OPEN_PORES_TIMES : 1;
    const minutes = flat * MINUTES.abradeFlatPerM2 + profiled * MINUTES.abradeProfiledPerM2;
    return sum + Math.max(MINUTES.abradeAFace, times * minutes);
  }, 0);
}

/** Share of a face from which paint has to come off where it lets go: a default. */
export const LOOSE_SHARE = 0.25;
/** Metres of edge around a m² of loose paint, in patches as large as two hands. */
const EDGE_OF_LOOSE = 8;

/** Minutes to scrape, feather and fill a piece whose paint lets go, by the m² of it that are loose, and to dust it off. */
export function loosePaintMinutes(piece: Piece): {
  scrape: number;
  feather: number;
  spotFill: number;
  dustOff: number;
} {
  const area = paintedArea(piece);
  const loose = LOOSE_SHARE * area;
  return {
    scrape: MINUTES.scrapePerM2 * loose,
    feather: MINUTES.featherPerMetre * EDGE_OF_LOOSE * loose,
    spotFill: MINUTES.spotFillPerM2 * loose,
    dustOff: Math.max(MINUTES.dustOffLeast, MINUTES.dustOffPerM2 * area),
  };
}

/** Minutes to denib faces of a piece after a coat of such an extent. */
export function denibMinutes(piece: Piece, extent: Extent, faces: readonly FaceId[] = FACE_IDS): number {
  const areas = faces.map((face) => coatedArea(piece, face, extent)).filter((area) => area > 0);
  return areas.reduce((sum, area) => sum + Math.max(MINUTES.denibAFace, MINUTES.denibPerM2 * area), 0);
}

/** Minutes for one pass of grain filler over faces of a piece and the edges that go with them, sanded off again. */
export function grainFillMinutes(piece: Piece, faces: readonly FaceId[] = FACE_IDS): number {
  return MINUTES.grainFillPerM2 * faces.reduce((sum, face) => sum + areaWithFace(piece, face), 0);
}

/** Minutes to brush preservative onto a piece: what is painted and bare, and what stays bare where that is stated. */
export function preserveMinutes(piece: Piece, isBare: boolean): number {
  return MINUTES.preservePerM2 * ((isBare ? paintedArea(piece) : 0) + restPreserved(piece));
}

/** Minutes to abrade a face again when its recoat window has closed. */
export function reAbradeMinutes(piece: Piece): number {
  return MINUTES.reAbradePerM2 * paintedArea(piece);
}

/** Minutes to carry a loose piece to where it is painted, and to where it dries. */
export const HANDLING_MINUTES = 0.75;

/** Minutes to turn a piece over. */
export const TURN_MINUTES = MINUTES.turn;

/** The elements of a face, and the edges that go with it, onto which a coat of such an extent goes; of spots all of them. */
function coatedParts(
  piece: Piece,
  face: FaceId,
  extent: Extent,
): { elements: readonly Element[]; edges: readonly Edge[] } {
  const { faces, edges } = elevationOf(piece);
  return {
    elements:
      extent === 'edges'
        ? []
        : (faces.find((candidate) => candidate.id === face && piece.scope.faces.includes(face))?.elements ?? []),
    edges: face === edgeFaceOf(piece) ? edges.filter((edge) => piece.scope.edges.includes(edge.id)) : [],
  };
}

/** What there is to paint on a face for one coat of such an extent; for spots, their share of it. */
export function coatPaintWork(piece: Piece, face: FaceId, extent: Extent): PaintWork {
  const { elements, edges } = coatedParts(piece, face, extent);
  const whole = sumOfWork([...elements.map(workOf), ...edges.map(workOfEdge)]);
  return extent === 'spots' ? shareOf(whole, SPOT_SHARE) : whole;
}

/** Minutes to put one coat on a face: with the edges when it is the front, on its spots, or on its edges alone. */
export function coatMinutes(piece: Piece, face: FaceId, { tool, extent }: Pick<Coat, 'tool' | 'extent'>): number {
  if (extent === 'spots') {
    return MINUTES.spotsAFace + SPOT_SHARE * coatMinutes(piece, face, { tool, extent: 'all' });
  }
  const { elements, edges } = coatedParts(piece, face, extent);
  const application = usualApplication(tool);
  return (
    elements.reduce((sum, element) => sum + workMinutes(workOf(element), application), 0) +
    edges.reduce((sum, edge) => sum + workMinutes(workOfEdge(edge), application), 0)
  );
}

/** How a tool is used where nobody has chosen otherwise: a roller leaves profiles and lines to the brush. */
export const usualApplication = (tool: Tool): Application => (tool === 'roller' ? 'profiles-brushed' : tool);

/** Minutes to take a piece off with its hardware, to rehang it, and to take off or put back what is in the way in place. */
export function hardwareMinutes({ kind }: Piece): { takeOff: number; rehang: number; inPlace: number } {
  return definitionOf(kind).pace;
}

/** m² of a face in scope that are flat, the edges that go with it among them, and that are profiled. */
function abradedWith(piece: Piece, face: FaceId): { flat: number; profiled: number } {
  const { flat, profiled } = flatAndProfiled(facesInScope(piece).find(({ id }) => id === face)?.elements ?? []);
  return { flat: flat + coatedArea(piece, face, 'edges'), profiled };
}

/** m² of a piece in scope that are flat, edges among them, and that are profiled. */
export function abradedAreas(piece: Piece): { flat: number; profiled: number } {
  const faces = FACE_IDS.map((face) => abradedWith(piece, face));
  return {
    flat: faces.reduce((sum, { flat }) => sum + flat, 0),
    profiled: faces.reduce((sum, { profiled }) => sum + profiled, 0),
  };
}

/** Work before the first coat, with the filler that it takes where it takes one. */
export type PreparationWork = Preparation & { filler: Filler | null };

/** What each kind of filler takes on a piece; grain is filled by passes. Nothing where the piece has none of it. */
const FILLING: Readonly<
  Record<Exclude<Fills, 'grain'>, (piece: Piece) => { operation: Preparation['operation']; minutes: number }>
> = {
  holes: (piece) => ({
    operation: 'fill',
    minutes: Math.ceil(MINUTES.dentsPerM2 * paintedArea(piece)) * MINUTES.fillADent,
  }),
  repair: () => ({ operation: 'fill', minutes: MINUTES.repairAPiece }),
  joints: (piece) => ({
    operation: 'caulk',
    minutes: MINUTES.caulkPerMetre * caulkedMetres(piece),
  }),
  putty: (piece) => ({ operation: 'putty', minutes: (MINUTES.puttyPerMetre * (linesOf(piece).glass ?? 0)) / 1000 }),
};

const linesOf = ({ kind, shape }: Piece): MaskedLines => definitionOf(kind).lines?.(shape) ?? {};

/** m of joint that are caulked on a piece: along the wall, and not along the floor. */
export const caulkedMetres = (piece: Piece): number => {
  const { wall = 0, floor = 0 } = linesOf(piece);
  return (wall - floor) / 1000;
};

/**
 * Work before the first coat: what the shape asks for, old holes filled, then what each filler of the build-up is for,
 * and new holes drilled. Old holes take the first filler that is for holes, and dry by its hours.
 */
export function preparationOf(piece: Piece, fillers: readonly Filler[]): PreparationWork[] {
  const { preparation } = definitionOf(piece.kind);
  const asked = preparation?.(piece.shape) ?? [];
  const filled = asked.find(({ operation }) => operation === 'fill');
  const forHoles = fillers.find(({ fills }) => fills === 'holes') ?? null;
  const ofShape = { minutes: filled?.minutes ?? 0, dryHours: filled?.dryHours ?? 0 };
  const dents = forHoles === null ? 0 : FILLING.holes(piece).minutes;
  const inHoles = piece.filledHoles * MINUTES.fillAHole + dents;
  const fill: PreparationWork = {
    operation: 'fill',
    minutes: ofShape.minutes + inHoles,
    dryHours: Math.max(ofShape.dryHours, inHoles > 0 ? (forHoles?.dryHours ?? FILLER_HOURS) : 0),
    filler: forHoles,
  };
  const others = fillers.flatMap((filler): PreparationWork[] => {
    if (filler.fills === 'grain' || filler.fills === 'holes') return [];
    const work = FILLING[filler.fills](piece);
    return work.minutes > 0 ? [{ ...work, dryHours: filler.dryHours, filler }] : [];
  });
  const holes = piece.drillings.reduce((sum, { centres }) => sum + (centres > 0 ? 2 : 1), 0);
  return [
    ...asked.filter(({ operation }) => operation !== 'fill').map((work) => ({ ...work, filler: null })),
    ...(fill.minutes > 0 ? [fill] : []),
    ...others,
    ...(holes > 0
      ? [{ operation: 'drill' as const, minutes: holes * MINUTES.drillAHole, dryHours: 0, filler: null }]
      : []),
  ];
}

import { elevationOf, TWO_PEOPLE_FROM, weightOf } from '../job/queries/pieces.ts';
import type { Piece } from '../job/document/piece-schema.ts';
import type { Job } from '../job/document/schema.ts';
import type { EdgeId, FaceId, Point } from '../pieces/elevation.ts';
import { definitionOf } from '../pieces/registry.ts';
import { boundsOf } from './stroke.ts';

/** One thing that is done with a loose piece around a coat, and what it lies on meanwhile. */
export interface HandlingStep {
  does: string;
  why: string;
  /** Which face is up after it; null where nothing is said of it. */
  up: FaceId | null;
  /** Whether what lies below is wet. */
  isWetBelow: boolean;
}

/** How a piece is laid, held and turned while a coat goes around it. */
export interface Handling {
  steps: readonly HandlingStep[];
  /** Where points stand under it, in mm on the face that lies down. */
  points: readonly Point[];
  /** Where it is held while it is turned, in mm on its front, and in words. */
  holds: readonly Point[];
  holdWords: string;
  /** kg. */
  weight: number;
  isForTwo: boolean;
}

/**
 * A board on two supports sags least when they stand at this share of its length from each end (the Bessel points,
 * 0.2203).
 */
const MIN_SAG = 0.2203;

/** How a loose piece is handled; null for one that is painted where it is. */
export function handlingOf(piece: Piece, turning: Job['planning']['turning']): Handling | null {
  if (!piece.comesOff) return null;
  const { faces, edges } = elevationOf(piece);
  const [front] = faces;
  if (!front) return null;
  const names = definitionOf(piece.kind).faceNames;
  const [frontName, backName] = [names.front, names.back ?? 'back'];
  const bare = edges.map(({ id }) => id).filter((id) => !piece.scope.edges.includes(id));
  const isBoth = piece.scope.faces.length === 2;
  const weight = weightOf(piece);
  const isForTwo = weight > TWO_PEOPLE_FROM;
  const held = heldEdges(
    bare,
    edges.map(({ id }) => id),
  );
  return {
    steps: isBoth
      ? turning === 'one-face'
        ? oneFace(frontName, backName)
        : bothOnPoints(frontName, backName)
      : [
          {
            does: `Lay it on stands, ${piece.scope.faces[0] === 'back' ? backName : frontName} up, and paint it.`,
            why: 'The side underneath stays as it is.',
            up: piece.scope.faces[0] ?? 'front',
            isWetBelow: false,
          },
        ],
    points: pointsUnder(piece),
    holds: held.map((id) => middleOfEdge(id, front)),
    holdWords: `${isForTwo ? 'Two people, one at each end: h' : 'H'}old it by ${held
      .map((id) => definitionOf(piece.kind).edgeNames[id] ?? id)
      .join(' and ')}${bare.length > 0 ? ' (not painted)' : ' (painted last)'}.`,
    weight,
    isForTwo,
  };
}

function oneFace(front: string, back: string): HandlingStep[] {
  return [
    {
      does: `Lay it ${front} down on stands, and paint the ${back}.`,
      why: `The ${front} is bare or dry, so stands won’t mark it.`,
      up: 'back',
      isWetBelow: false,
    },
    {
      does: 'Leave it until dry enough to handle.',
      why: 'Turn it too soon and the stands will mark it.',
      up: 'back',
      isWetBelow: false,
    },
    {
      does: `Turn it onto the stands. Paint the ${front} and the edges.`,
      why: `The ${back} is dry enough, and shows less if a stand marks it.`,
      up: 'front',
      isWetBelow: false,
    },
    {
      does: 'Check both arrises of every edge for runs.',
      why: 'Runs over an arris show on the far face.',
      up: 'front',
      isWetBelow: false,
    },
  ];
}

function bothOnPoints(front: string, back: string): HandlingStep[] {
  return [
    {
      does: `Lay it ${front} down on stands, and paint the ${back}.`,
      why: `The ${front} is bare or dry.`,
      up: 'back',
      isWetBelow: false,
    },
    {
      does: `Turn it at once by its edges onto the stands. Paint the ${front} and the edges.`,
      why: `The ${back} is wet on the stands: they leave small pits.`,
      up: 'front',
      isWetBelow: true,
    },
    {
      does: 'Leave it until dry enough to handle. Touch in the pits when denibbing.',
      why: 'The next coat fills them. In the last coat they stay.',
      up: 'front',
      isWetBelow: true,
    },
  ];
}

/** Two edges that face each other: the ones without paint, or else the short ones, which are painted last. */
function heldEdges(bare: readonly EdgeId[], all: readonly EdgeId[]): EdgeId[] {
  const pairs: [EdgeId, EdgeId][] = [
    ['top', 'bottom'],
    ['hinge', 'lock'],
    ['left', 'right'],
  ];
  const free = pairs.find((pair) => pair.every((id) => bare.includes(id)));
  if (free) return free;
  const usual = pairs.find((pair) => pair.every((id) => all.includes(id)));
  return usual ?? all.slice(0, 2);
}

function middleOfEdge(id: EdgeId, { width, height }: { width: number; height: number }): Point {
  switch (id) {
    case 'top':
      return [width / 2, 0];
    case 'bottom':
      return [width / 2, height];
    case 'lock':
    case 'right':
      return [width, height / 2];
    default:
      return [0, height / 2];
  }
}

/** Four points at the places of least sag; on a framed piece under its stiles, where no moulding lies on them. */
function pointsUnder(piece: Piece): Point[] {
  const [front] = elevationOf(piece).faces;
  if (!front) return [];
  const { width, height } = front;
  const stiles = front.elements
    .filter(({ part }) => part === 'stile')
    .map(({ outline }) => boundsOf(outline))
    .map(({ x, width: wide }) => x + wide / 2)
    .sort((one, other) => one - other);
  const isUpright = height >= width;
  const [near, far] =
    stiles.length >= 2
      ? [stiles[0] ?? 0, stiles.at(-1) ?? width]
      : isUpright
        ? [width * 0.2, width * 0.8]
        : [width * MIN_SAG, width * (1 - MIN_SAG)];
  const [high, low] =
    isUpright || stiles.length >= 2 ? [height * MIN_SAG, height * (1 - MIN_SAG)] : [height * 0.2, height * 0.8];
  return [
    [near, high],
    [far, high],
    [near, low],
    [far, low],
  ];
}

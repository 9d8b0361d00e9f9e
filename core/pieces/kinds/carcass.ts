import { z } from 'zod';
import { dimension, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import { impliedBy, type PieceDefinition } from '../definition.ts';
import { perimeter, rectangle, type Box, type Element, type Face } from '../elevation.ts';
import { element, faceOf } from '../face.ts';
import { OPENING } from '../fills/opening.ts';
import { framedParts, framingFault, type Framing } from '../framed.ts';
import { counts } from '../phrases.ts';
import { KEEP_OFF } from '../while-wet.ts';

const SIZE = {
  width: [150, 3000],
  height: [150, 2800],
  depth: [80, 900],
} as const;
const FRAME = {
  stile: [15, 150],
  topRail: [15, 200],
  crossRail: [15, 200],
  bottomRail: [15, 250],
  muntin: [15, 150],
} as const;

const schema = z.lazy(() =>
  z.object({
    ...within(SIZE),
    ...within(FRAME),
    columns: z.number().int().min(1).max(6),
    rowShares: z.array(z.number().positive().max(1000)).min(1).max(8),
    shelves: z.number().int().min(0).max(12),
    ends: z.number().int().min(0).max(2),
  }),
);
type Carcass = z.infer<typeof schema>;

const framing = (shape: Carcass): Framing => ({ ...shape, fill: () => OPENING });

const board = (id: string, name: string, box: Box): Element =>
  element({ id, name, part: 'side', outline: rectangle(box), grain: box[3] >= box[2] ? 'vertical' : 'horizontal' });

/** The outside unfolded: face frame, with the ends that show to its left and right. */
function outside(shape: Carcass): Face {
  const { width, height, depth, ends } = shape;
  const left = ends > 0 ? depth : 0;
  const { elements, unpainted } = framedParts(framing(shape), { origin: [left, 0] });
  const sides = [
    ...(ends > 0 ? [board('end-left', 'left end', [0, 0, depth, height])] : []),
    ...(ends > 1 ? [board('end-right', 'right end', [left + width, 0, depth, height])] : []),
  ];
  return faceOf('front', width + ends * depth, height, { elements: [...elements, ...sides], unpainted });
}

/** mm around the openings of the face frame. */
const openingLines = (shape: Carcass): number =>
  outside(shape).unpainted.reduce((sum, { outline }) => sum + perimeter(outline), 0);

/** The inside unfolded: left side, back and right side, with top, bottom and both sides of every shelf below each other. */
function inside(shape: Carcass): Face {
  const { width, height, depth, shelves } = shape;
  const level = [
    'top, inside',
    'bottom, inside',
    ...Array.from({ length: shelves }, (_unused, index) => [
      `shelf ${index + 1}, top`,
      `shelf ${index + 1}, underside`,
    ]).flat(),
  ];
  const elements = [
    board('inside-left', 'left side, inside', [0, 0, depth, height]),
    board('inside-back', 'back', [depth, 0, width, height]),
    board('inside-right', 'right side, inside', [depth + width, 0, depth, height]),
    ...level.map((name, index) => board(`level-${index + 1}`, name, [depth, height + index * depth, width, depth])),
  ];
  const below = level.length * depth;
  return faceOf('back', width + 2 * depth, height + below, {
    elements,
    unpainted: [
      { id: 'beside-left', why: 'open', outline: rectangle([0, height, depth, below]) },
      { id: 'beside-right', why: 'open', outline: rectangle([depth + width, height, depth, below]) },
    ],
  });
}

const BOOKCASE = { width: 900, height: 1800, depth: 300, columns: 1, rowShares: [1], shelves: 4 };

/** A cupboard's box with its face frame, usually painted in place; both faces are drawn unfolded. */
export const carcass: PieceDefinition<Carcass> = {
  id: 'carcass',
  name: 'Carcass with face frame',
  plural: 'Carcasses with face frame',
  markLetter: 'K',
  work: () => 'cabinets',
  schema,
  fields: [
    ...fieldsOf(SIZE, { width: 'Width', height: 'Height', depth: 'Depth' }, { main: true }),
    dimension('columns', 'Openings across', [1, 6], { unit: 'count', main: true }),
    dimension('rowShares', 'Heights of the openings, from the top', [1, 8], { unit: 'shares', main: true }),
    dimension('shelves', 'Shelves inside', [0, 12], { unit: 'count', main: true }),
    dimension('ends', 'Visible ends', [0, 2], { unit: 'count', main: true }),
    ...fieldsOf(FRAME, {
      stile: 'Stile',
      topRail: 'Top rail',
      crossRail: 'Cross rails',
      bottomRail: 'Bottom rail',
      muntin: 'Muntin',
    }),
  ],
  presets: [
    {
      name: 'Base, two openings',
      shape: {
        width: 1000,
        height: 760,
        depth: 560,
        stile: 45,
        topRail: 40,
        crossRail: 30,
        bottomRail: 50,
        muntin: 40,
        columns: 2,
        rowShares: [2, 5],
        shelves: 1,
        ends: 1,
      },
    },
  ],
  fault: (shape, units) => {
    const message = framingFault(framing(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({ faces: [outside(shape), inside(shape)], edges: [] }),
  faceNames: { front: 'outside', back: 'inside' },
  edgeNames: {},
  lessSeen: 'back',
  schools: ['inside-out', 'panels-rails-stiles'],
  whileWet: KEEP_OFF,
  staysUnpainted: ['runners, hinge plates and shelf pins', 'where drawers slide'],
  hardware: ({ shelves }) => (shelves > 0 ? [{ name: 'shelf pin', count: shelves * 4 }] : []),
  madeOf: ({ width, height, depth, shelves }) => [
    boardOf('board', 2 * depth + width, height, 18),
    boardOf('board', width, depth, 18, 2 + shelves),
  ],
  usualScope: { faces: ['front'], edges: [] },
  closesOpening: false,
  comesOff: 'rarely',
  traits: ['handled'],
  pace: { takeOff: 12, rehang: 18, inPlace: 1 },
  lines: (shape) => ({
    wall: 2 * (shape.width + shape.height) + shape.ends * 2 * shape.depth,
    openings: openingLines(shape),
  }),
  cautions: [],
  typed: {
    implied: impliedBy(['bookcase', 'bookshelves'], { allOver: true }),
    words: {
      carcass: {},
      'carcass with face frame': {},
      'face frame': {},
      cabinet: {},
      'cabinet box': {},
      'base unit': {},
      'wall unit': {},
      'kitchen unit': {},
      vanity: {},
      'vanity unit': {},
      island: {},
      'kitchen island': {},
      bookcase: BOOKCASE,
      bookshelves: BOOKCASE,
    },
    sizes: sizesAsTyped('width', 'height', 'depth'),
    lengths: [],
    phrases: [counts('shelves', ['shelf', 'shelves'], '2 shelves'), counts('ends', ['end', 'ends'], '1 end')],
  },
};

import { formatLength } from '../../units/length.ts';
import { z } from 'zod';
import { choice, dimension, fieldsOf } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import { impliedBy, type PieceDefinition } from '../definition.ts';
import { faceOf } from '../face.ts';
import { counts, measured, says } from '../phrases.ts';
import { baysOf, railingParts, spindlesNeeded } from '../railing-bays.ts';

const RAILS = {
  handrailWidth: [20, 200],
  handrailDepth: [15, 200],
  bottomRailWidth: [0, 200],
  bottomRailDepth: [0, 200],
} as const;
const schema = z.lazy(() =>
  z.object({
    length: z.number().min(300).max(60_000),
    height: z.number().min(300).max(1600),
    spindles: z.number().int().min(0).max(600),
    section: z.enum(['square', 'round', 'turned']),
    spindle: z.number().min(8).max(120),
    newels: z.number().int().min(0).max(60),
    newel: z.number().min(30).max(250),
    newelHeight: z.number().min(300).max(2500),
    ...within(RAILS),
    underBottomRail: z.number().min(0).max(400),
    largestGap: z.number().min(40).max(300),
  }),
);
type Railing = z.infer<typeof schema>;

const OPEN_AIR_WORDS = ['porch rail', 'porch railing', 'deck rail', 'deck railing', 'balcony railing'];

const BOTTOM_RAIL = { bottomRailWidth: 60, bottomRailDepth: 40 };
/** A handrail by itself, on brackets along a wall. */
const HANDRAIL = { spindles: 0, newels: 0, bottomRailWidth: 0, bottomRailDepth: 0 };

/** From newel to newel, in mm, where nobody counted the newels. */
const USUAL_BAY = 2850;

/** Rails, spindles and newels along a stair or gallery; every member is painted all round. */
export const railing: PieceDefinition<Railing> = {
  id: 'railing',
  name: 'Railing',
  plural: 'Railings',
  markLetter: 'R',
  work: () => 'rails',
  trade: () => 'joinery',
  schema,
  fields: [
    dimension('length', 'Length', [300, 60_000], { main: true }),
    dimension('height', 'Height above floor', [300, 1600], { main: true }),
    dimension('spindles', 'Spindles', [0, 600], { unit: 'count', main: true }),
    choice('section', 'Spindle shape', { square: 'square', round: 'round', turned: 'turned' }),
    dimension('spindle', 'Spindle, side or diameter', [8, 120], { main: true }),
    dimension('newels', 'Newels', [0, 60], { unit: 'count', main: true }),
    dimension('newel', 'Newel, side', [30, 250]),
    dimension('newelHeight', 'Newel, height', [300, 2500]),
    ...fieldsOf(RAILS, {
      handrailWidth: 'Handrail, wide',
      handrailDepth: 'Handrail, deep',
      bottomRailWidth: 'Bottom rail, wide',
      bottomRailDepth: 'Bottom rail, deep',
    }),
    dimension('underBottomRail', 'Under the bottom rail', [0, 400]),
    dimension('largestGap', 'Max. gap', [40, 300]),
  ],
  presets: [
    {
      name: 'Square spindles',
      shape: {
        length: 3600,
        height: 900,
        spindles: 27,
        section: 'square',
        spindle: 32,
        newels: 3,
        newel: 90,
        newelHeight: 1100,
        handrailWidth: 60,
        handrailDepth: 50,
        ...BOTTOM_RAIL,
        underBottomRail: 60,
        largestGap: 99,
      },
    },
  ],
  fault: (shape) => {
    const between = shape.height - shape.handrailDepth - shape.bottomRailDepth - shape.underBottomRail;
    if (between < 50)
      return {
        field: 'height',
        message: 'No room for spindles between the rails. Raise the height or lower the rails.',
      };
    if (shape.newelHeight < shape.height)
      return { field: 'newelHeight', message: 'Newels must be at least as high as the handrail.' };
    if (baysOf(shape).some((bay) => bay.clear < 30))
      return { field: 'newels', message: 'Too many newels for this length.' };
    const tight = baysOf(shape).some((bay) => bay.spindles > 0 && bay.gap < 1);
    return tight ? { field: 'spindles', message: 'Too many spindles to fit. Count again.' } : null;
  },
  elevation: (shape) => {
    const { width, height, elements, unpainted } = railingParts(shape);
    return { faces: [faceOf('front', width, height, { elements, unpainted })], edges: [] };
  },
  remarks: (shape, units) => {
    const gaps = baysOf(shape).map(({ gap }) => gap);
    const widest = Math.max(...gaps);
    const told = `gaps of ${formatLength(widest, units)} between spindles`;
    if (widest <= shape.largestGap) return [told];
    return [
      `${told}: over ${formatLength(shape.largestGap, units)}. ${spindlesNeeded(shape)} spindles would fit the limit. Local codes decide.`,
    ];
  },
  faceNames: { front: 'all round' },
  edgeNames: {},
  schools: ['bottom-up', 'handrail-down', 'spindles-then-rails'],
  whileWet: ['Tape off the stair and leave one side to walk. People grab rails without thinking.'],
  staysUnpainted: ['where it meets treads or stone', 'bright brackets'],
  hardware: () => [],
  madeOf: (shape) => [
    boardOf('softwood', shape.length, shape.handrailWidth, shape.handrailDepth),
    boardOf('softwood', shape.length, shape.bottomRailWidth, shape.bottomRailDepth),
    boardOf('softwood', shape.height, shape.spindle, shape.spindle, shape.spindles),
    boardOf('softwood', shape.newelHeight, shape.newel, shape.newel, shape.newels),
  ],
  usualScope: { faces: ['front'], edges: [] },
  closesOpening: false,
  comesOff: 'never',
  traits: ['handled', 'rail'],
  pace: { takeOff: 10, rehang: 0, inPlace: 0 },
  lines: ({ newels, newel, spindles, bottomRailWidth, spindle }) => ({
    wall: newels * 4 * newel + (bottomRailWidth > 0 ? 0 : spindles * 4 * spindle),
  }),
  cautions: ['ladder'],
  typed: {
    words: {
      railing: {},
      balustrade: {},
      banister: {},
      ...Object.fromEntries(OPEN_AIR_WORDS.map((word) => [word, {}])),
      'stair rail': {},
      'stair railing': {},
      handrail: HANDRAIL,
    },
    implied: impliedBy(OPEN_AIR_WORDS, { isOutside: true }),
    sizes: () => null,
    lengths: ['length', 'height'],
    complete: (shape, stated) => {
      const isHandrail = shape.spindles === 0 && !stated.has('spindles');
      // A handrail is on brackets, unless newels are told.
      if (isHandrail && !stated.has('newels')) return shape;
      const length = Number(shape.length);
      const railed = shape.bottomRailWidth === 0 && !isHandrail ? { ...shape, ...BOTTOM_RAIL } : shape;
      const posted = stated.has('newels')
        ? railed
        : { ...railed, newels: Math.max(2, Math.round(length / USUAL_BAY) + 1) };
      return stated.has('spindles') || isHandrail ? posted : { ...posted, spindles: spindlesNeeded(posted as Railing) };
    },
    phrases: [
      counts('spindles', ['spindle', 'spindles', 'baluster', 'balusters', 'picket', 'pickets'], '96 spindles'),
      counts('newels', ['newel', 'newels', 'post', 'posts'], '5 newels'),
      measured(['sq', 'square'], (spindle) => ({ spindle, section: 'square' }), '32 sq'),
      measured(['round', 'dia'], (spindle) => ({ spindle, section: 'round' }), '41 round'),
      measured(['turned'], (spindle) => ({ spindle, section: 'turned' }), '45 turned'),
      says('square', { section: 'square' }),
      says('round', { section: 'round' }),
      says('turned', { section: 'turned' }),
    ],
  },
};

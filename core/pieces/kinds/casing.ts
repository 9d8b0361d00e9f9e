import { formatLength } from '../../units/length.ts';
import { z } from 'zod';
import { choice, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import { casingLengths } from '../casing-lengths.ts';
import type { PieceDefinition } from '../definition.ts';
import { rectangle, squareMetres, type Edge, type Face, type FaceId, type Point } from '../elevation.ts';
import { element, faceOf } from '../face.ts';
import { PROFILE_WORDS } from '../panel-fields.ts';
import { chooses, measures, says } from '../phrases.ts';
import { PROFILE_IDS, profileSection } from '../profiles.ts';

const SIZE = { openingWidth: [300, 5000], openingHeight: [300, 4000] } as const;
const CASING = {
  casingWidth: [20, 300],
  casingThickness: [6, 60],
  reveal: [0, 40],
  lining: [0, 600],
} as const;
const schema = z.lazy(() =>
  z.object({ ...within(SIZE), ...within(CASING), profile: z.enum(PROFILE_IDS), sides: z.enum(['both', 'front']) }),
);
type Casing = z.infer<typeof schema>;

/** Two legs and a head, mitred, around the opening. */
function face(id: FaceId, shape: Casing): Face {
  const { legs, head } = casingLengths(shape);
  const { casingWidth: across } = shape;
  const girth = profileSection(shape.profile, across, shape.casingThickness, 'free').girth;
  const clear = { width: head - 2 * across, height: legs - across };
  const member = (name: string, place: string, outline: Point[], mean: number) =>
    element({
      id: place,
      name,
      part: 'frame',
      outline,
      excess: mean * (girth - across),
      cutIn: mean,
      grain: place === 'head' ? 'horizontal' : 'vertical',
    });
  // A mitred length is as long in the mean as its middle line.
  const leg = legs - across / 2;
  const elements = [
    member(
      'head',
      'head',
      [
        [0, 0],
        [head, 0],
        [head - across, across],
        [across, across],
      ],
      head - across,
    ),
    member(
      'left leg',
      'leg-left',
      [
        [0, 0],
        [across, across],
        [across, legs],
        [0, legs],
      ],
      leg,
    ),
    member(
      'right leg',
      'leg-right',
      [
        [head, 0],
        [head, legs],
        [head - across, legs],
        [head - across, across],
      ],
      leg,
    ),
  ];
  return faceOf(id, head, legs, {
    elements,
    unpainted: [{ id: 'opening', why: 'open', outline: rectangle([across, across, clear.width, clear.height]) }],
  });
}

/** The lining of the opening, with the stop that the door closes against. */
function lining({ openingWidth, openingHeight, lining: thickness }: Casing): Edge[] {
  const edge = (id: 'hinge' | 'lock' | 'top', length: number): Edge => ({
    id,
    length,
    thickness,
    area: squareMetres(length * thickness),
    lies: 'lining',
  });
  return [edge('hinge', openingHeight), edge('lock', openingHeight), edge('top', openingWidth)];
}

/** Around a window, seen from the room. */
const AROUND_A_WINDOW = { openingWidth: 1100, openingHeight: 1200, sides: 'front', lining: 90 };

/** Casing and lining of a door opening. */
export const casing: PieceDefinition<Casing> = {
  id: 'casing',
  features: ['against-wall'],
  name: 'Architrave and lining',
  plural: 'Architraves and linings',
  markLetter: 'A',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: [
    ...fieldsOf(SIZE, { openingWidth: 'Opening, wide', openingHeight: 'Opening, high' }, { main: true }),
    choice('sides', 'Architrave on', { both: 'both sides', front: 'one side' }),
    choice('profile', 'Profile', PROFILE_WORDS),
    ...fieldsOf(
      CASING,
      {
        casingWidth: 'Architrave, wide',
        casingThickness: 'Architrave, thick',
        reveal: 'Reveal',
        lining: 'Lining, deep',
      },
      { main: true },
    ),
  ],
  presets: [
    {
      name: 'Around a door',
      shape: {
        openingWidth: 772,
        openingHeight: 1991,
        casingWidth: 70,
        casingThickness: 18,
        reveal: 6,
        lining: 120,
        profile: 'ogee',
        sides: 'both',
      },
    },
  ],
  fault: () => null,
  elevation: (shape) => ({
    faces: shape.sides === 'both' ? [face('front', shape), face('back', shape)] : [face('front', shape)],
    edges: lining(shape),
  }),
  remarks: (shape, units) => {
    const { legs, head } = casingLengths(shape);
    return [`legs ${formatLength(legs, units)}, head ${formatLength(head, units)} over the long points`];
  },
  faceNames: { front: 'room side', back: 'other side' },
  edgeNames: { hinge: 'hinge jamb', lock: 'lock jamb', top: 'head of the lining' },
  schools: ['casing-then-lining', 'top-down'],
  whileWet: ['Keep the door open until stop and rebate are dry enough to close on.'],
  staysUnpainted: ['hinge leaves and strike plate', 'seals in the stop'],
  hardware: () => [{ name: 'strike plate', count: 1 }],
  madeOf: (shape) => {
    const { legs, head } = casingLengths(shape);
    return [boardOf('softwood', 2 * legs + head, shape.casingWidth, shape.casingThickness)];
  },
  usualScope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top'] },
  closesOpening: false,
  comesOff: 'never',
  traits: [],
  pace: { takeOff: 4, rehang: 2, inPlace: 1 },
  lines: (shape) => {
    const { legs, head } = casingLengths(shape);
    return { wall: (2 * legs + head) * (shape.sides === 'both' ? 2 : 1), fixed: 600 };
  },
  cautions: [],
  typed: {
    words: {
      'architrave and lining': {},
      architrave: {},
      casing: {},
      'door frame': {},
      'door casing': {},
      'door trim': {},
      'door lining': {},
      'door surround': {},
      'door jamb': {},
      'window trim': AROUND_A_WINDOW,
      'window casing': AROUND_A_WINDOW,
      'window architrave': AROUND_A_WINDOW,
    },
    countedBy: 'door',
    sizes: sizesAsTyped('openingWidth', 'openingHeight'),
    lengths: ['casingWidth'],
    phrases: [
      measures('lining', (lining) => ({ lining }), 'lining 120'),
      measures('reveal', (reveal) => ({ reveal }), 'reveal 6'),
      chooses('profile', 'profile', PROFILE_IDS),
      says('one side', { sides: 'front' }),
    ],
  },
};

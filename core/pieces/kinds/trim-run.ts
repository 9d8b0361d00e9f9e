import type { Shape } from '../shape.ts';
import { formatLength } from '../../units/length.ts';
import { z } from 'zod';
import { choice, dimension, fieldsOf } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import { impliedBy, type PieceDefinition } from '../definition.ts';
import { rectangle } from '../elevation.ts';
import { element, faceOf } from '../face.ts';
import { PROFILE_WORDS } from '../panel-fields.ts';
import { chooses, measured, measures, says } from '../phrases.ts';
import { drawnSection, PROFILE_IDS, profileSection, type Section } from '../profiles.ts';
import { KEEP_OFF } from '../while-wet.ts';

const SIZE = {
  length: [50, 500_000],
  height: [5, 1500],
  thickness: [3, 400],
} as const;
const schema = z.lazy(() =>
  z.object({
    ...within(SIZE),
    use: z.enum(['skirting', 'dado', 'cornice', 'casing', 'sill', 'bead', 'plinth', 'stair', 'eaves', 'wainscot']),
    profile: z.enum([...PROFILE_IDS, 'measured', 'drawn']),
    girth: z.number().min(5).max(1500),
    drawn: z.array(z.number().min(-600).max(600)).max(120),
  }),
);
type TrimRun = z.infer<typeof schema>;

/** What a run is, and whether its lower end stands on something. */
const USES = {
  skirting: { name: 'skirting', lowerEnd: 'stands', trade: 'floor-trim' },
  dado: { name: 'dado or picture rail', lowerEnd: 'free', trade: 'high-trim' },
  cornice: { name: 'cornice', lowerEnd: 'free', trade: 'high-trim' },
  casing: { name: 'architrave by the metre', lowerEnd: 'free', trade: 'joinery' },
  sill: { name: 'window board', lowerEnd: 'free', trade: 'joinery' },
  bead: { name: 'bead or strip', lowerEnd: 'free', trade: 'joinery' },
  plinth: { name: 'plinth', lowerEnd: 'stands', trade: 'floor-trim' },
  stair: { name: 'stair string or riser', lowerEnd: 'free', trade: 'joinery' },
  wainscot: { name: 'wainscot', lowerEnd: 'free', trade: 'joinery' },
  eaves: { name: 'fascia or soffit', lowerEnd: 'free', trade: 'joinery' },
} as const;

/** The section as chosen or drawn; one whose girth was measured with a strip is drawn square. */
function section(shape: TrimRun): Section {
  if (shape.profile === 'drawn') return drawnSection(shape.drawn);
  const id = shape.profile === 'measured' ? 'square' : shape.profile;
  const cut = profileSection(id, shape.height, shape.thickness, USES[shape.use].lowerEnd);
  return shape.profile === 'measured' ? { ...cut, girth: shape.girth } : cut;
}

const USUAL: TrimRun = {
  length: 10_000,
  height: 145,
  thickness: 18,
  use: 'skirting',
  profile: 'torus',
  girth: 170,
  drawn: [0, 0, 18, 0, 18, 145],
};

const CORNICE: TrimRun = { ...USUAL, use: 'cornice', profile: 'cove', height: 90, thickness: 70 };
const WINDOW_BOARD: TrimRun = { ...USUAL, use: 'sill', profile: 'bullnose', length: 1200, height: 25, thickness: 180 };
const PLINTH: TrimRun = { ...USUAL, use: 'plinth', profile: 'square', length: 3000, height: 150, thickness: 16 };
const STRING: TrimRun = { ...USUAL, use: 'stair', profile: 'square', length: 4000, height: 250, thickness: 30 };
const RISER: TrimRun = { ...USUAL, use: 'stair', profile: 'square', length: 900, height: 180, thickness: 18 };
const WAINSCOT: TrimRun = { ...USUAL, use: 'wainscot', profile: 'square', length: 4000, height: 1000, thickness: 18 };
const EAVES: TrimRun = { ...USUAL, use: 'eaves', profile: 'square', height: 200, thickness: 22 };
const WAINSCOT_WORDS = [
  'wainscot',
  'wainscoting',
  'panelling',
  'paneling',
  'wall panelling',
  'wall paneling',
  'beadboard',
];
const EAVES_WORDS = ['fascia', 'fascia board', 'bargeboard', 'barge board', 'soffit'];
const PICTURE_RAIL: TrimRun = { ...USUAL, use: 'dado', profile: 'ogee', height: 45, thickness: 20 };

/** Below this, in mm, the first size of a run is taken for its height and not for its length. */
const SHORTEST_RUN = 400;

/** `145x18` is height and thickness; `1200x180`, of a board, length and width, with its thickness as a third. */
function sizesOf(lengths: readonly number[]): Shape | null {
  const [first = 0, second = 0, third] = lengths;
  if (lengths.length === 2 && first < SHORTEST_RUN) return { height: first, thickness: second };
  if (lengths.length < 2 || lengths.length > 3) return null;
  return { length: first, height: second, ...(third === undefined ? {} : { thickness: third }) };
}

/** Trim by its length and profile: skirting, rails, cornice, window boards. */
export const trimRun: PieceDefinition<TrimRun> = {
  id: 'trim-run',
  features: ['against-wall'],
  name: 'Trim run',
  plural: 'Trim runs',
  markLetter: 'T',
  work: () => 'joinery',
  trade: ({ use }) => USES[use].trade,
  schema,
  fields: [
    ...fieldsOf(SIZE, { length: 'Length', height: 'Height', thickness: 'Thickness' }, { main: true }),
    choice('use', 'Type', Object.fromEntries(Object.entries(USES).map(([id, { name }]) => [id, name]))),
    choice('profile', 'Profile', { ...PROFILE_WORDS, measured: 'by girth', drawn: 'drawn' }),
    dimension('girth', 'Girth, wall to wall', [5, 1500], { main: true, when: (shape) => shape.profile === 'measured' }),
    {
      key: 'drawn',
      label: 'Profile as drawn',
      unit: 'profile',
      main: true,
      when: (shape) => shape.profile === 'drawn',
    },
  ],
  presets: [
    { name: 'Skirting, torus', shape: USUAL },
    { name: 'Cornice, cove', shape: CORNICE },
    {
      name: 'Window board',
      shape: WINDOW_BOARD,
    },
    { name: 'Picture rail', shape: PICTURE_RAIL },
  ],
  fault: (shape) =>
    shape.profile === 'drawn' && (shape.drawn.length < 4 || section(shape).girth < 5)
      ? { field: 'drawn', message: 'Draw the profile: at least two points, from the wall at the top to the lower end.' }
      : null,
  elevation: (shape) => {
    const run = element({
      id: 'run',
      name: `whole ${USES[shape.use].name}`,
      part: 'run',
      outline: rectangle([0, 0, shape.length, shape.height]),
      excess: shape.length * (section(shape).girth - shape.height),
      cutIn: shape.length * (USES[shape.use].lowerEnd === 'stands' ? 2 : 1),
      grain: 'horizontal',
    });
    return { faces: [faceOf('front', shape.length, shape.height, { elements: [run] })], edges: [] };
  },
  section,
  remarks: (shape, units) => [`girth ${formatLength(section(shape).girth, units)}`],
  faceNames: { front: 'face' },
  edgeNames: {},
  schools: ['length-by-length'],
  whileWet: KEEP_OFF,
  staysUnpainted: ['the back, unless it comes off (a bare back cups)'],
  hardware: () => [],
  madeOf: ({ length, height, thickness }) => [boardOf('softwood', length, height, thickness)],
  usualScope: { faces: ['front'], edges: [] },
  closesOpening: false,
  comesOff: 'never',
  traits: [],
  pace: { takeOff: 5, rehang: 0, inPlace: 0 },
  lines: ({ length, use }) => {
    const floor = USES[use].lowerEnd === 'stands' ? length : 0;
    return { wall: length + floor, floor };
  },
  cautions: [],
  typed: {
    words: {
      'trim run': {},
      trim: {},
      skirting: { use: 'skirting' },
      'skirting board': { use: 'skirting' },
      baseboard: { use: 'skirting' },
      'base board': { use: 'skirting' },
      cornice: CORNICE,
      crown: CORNICE,
      'crown molding': CORNICE,
      'crown moulding': CORNICE,
      coving: CORNICE,
      cove: CORNICE,
      'picture rail': PICTURE_RAIL,
      'dado rail': PICTURE_RAIL,
      'chair rail': PICTURE_RAIL,
      'stair string': STRING,
      'stair stringer': STRING,
      stringer: STRING,
      'stair riser': RISER,
      riser: RISER,
      ...Object.fromEntries(WAINSCOT_WORDS.map((word) => [word, WAINSCOT])),
      ...Object.fromEntries(EAVES_WORDS.map((word) => [word, EAVES])),
      'window board': WINDOW_BOARD,
      'window sill': WINDOW_BOARD,
      'window stool': WINDOW_BOARD,
      'window ledge': WINDOW_BOARD,
      sill: WINDOW_BOARD,
      plinth: PLINTH,
      'toe kick': PLINTH,
      'toe-kick': PLINTH,
      kickboard: PLINTH,
    },
    implied: {
      ...impliedBy(EAVES_WORDS, { isOutside: true, upHigh: true }),
      ...impliedBy(WAINSCOT_WORDS, { madeOf: 'mdf' }),
    },
    sizes: sizesOf,
    lengths: ['length', 'height', 'thickness'],
    // “120 skirting 45 m”: the longer of two is its length, whichever was said first.
    complete: (shape, stated) =>
      stated.has('length') && stated.has('height') && Number(shape.length) < Number(shape.height)
        ? { ...shape, length: Number(shape.height), height: Number(shape.length) }
        : shape,
    phrases: [
      chooses('profile', 'profile', PROFILE_IDS),
      says('chamfered', { profile: 'chamfer' }),
      measured(['high', 'tall', 'wide'], (height) => ({ height }), '120 high'),
      measures('girth', (girth) => ({ girth, profile: 'measured' }), 'girth 171'),
    ],
  },
};

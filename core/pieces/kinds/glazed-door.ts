import { z } from 'zod';
import {
  choice,
  dimension,
  doorHardware,
  DOOR_SIZE,
  doorSizes,
  DOOR_STAYS,
  FRAME_MEMBERS,
  frameMemberFields,
  HUNG,
  sizeFields,
} from '../board-fields.ts';
import { glazedTimber, weightOfParts, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import { impliedBy, type PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { panelFill } from '../fills/panel.ts';
import { framedFace, framingFault, type Framing } from '../framed.ts';
import {
  GLASS_STAYS,
  glassIn,
  glassLine,
  glazing,
  GLAZING_FIELDS,
  glazingOf,
  PANES_PHRASE,
  USUAL_GLAZING,
} from '../glazing-fields.ts';
import { says } from '../phrases.ts';

/** A pair, or a patio door of several leaves, is one piece as wide as its opening. */
const SIZE = { ...DOOR_SIZE, width: [300, 4000] } as const;

const schema = z.lazy(() =>
  z.object({
    ...within(SIZE),
    ...within(FRAME_MEMBERS),
    glazed: z.enum(['full', 'half']),
    midRail: z.number().min(30).max(400),
    ...glazing(),
  }),
);
type GlazedDoor = z.infer<typeof schema>;

const framing = (shape: GlazedDoor): Framing => ({
  ...shape,
  crossRail: shape.midRail,
  muntin: 0,
  columns: 1,
  rowShares: shape.glazed === 'half' ? [6, 5] : [1],
  fill: (row) => (row === 0 ? glazingOf(shape) : panelFill(null)),
});

const madeOf = (shape: GlazedDoor): MaterialVolume[] =>
  glazedTimber(shape.width * shape.height, glassIn(framedFace('front', framing(shape))), shape.thickness);

const USUAL: GlazedDoor = {
  width: 762,
  height: 1981,
  thickness: 44,
  stile: 105,
  topRail: 105,
  bottomRail: 220,
  midRail: 160,
  glazed: 'full',
  ...USUAL_GLAZING,
  paneColumns: 2,
  paneRows: 5,
};

/** A door with panes, over its whole height or above a panel. */
export const glazedDoor: PieceDefinition<GlazedDoor> = {
  id: 'glazed-door',
  features: ['door'],
  name: 'Glazed door',
  plural: 'Glazed doors',
  markLetter: 'D',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: [
    ...sizeFields(SIZE),
    choice('glazed', 'Glass', { full: 'over the whole height', half: 'above a panel' }),
    ...GLAZING_FIELDS,
    ...frameMemberFields(),
    dimension('midRail', 'Middle rail', [30, 400], { when: (shape) => shape.glazed === 'half' }),
  ],
  presets: [
    { name: 'Ten panes', shape: USUAL },
    { name: 'Glass above a panel', shape: { ...USUAL, glazed: 'half', paneColumns: 2, paneRows: 2 } },
  ],
  fault: (shape, units) => {
    const message = framingFault(framing(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [framedFace('front', framing(shape)), framedFace('back', framing(shape))],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['hinge', 'lock']),
  }),
  ...HUNG,
  lines: (shape) => ({ glass: 2 * glassLine(framedFace('front', framing(shape))), fixed: 1000 }),
  schools: ['putty-outwards', 'top-down', 'panels-rails-stiles'],
  staysUnpainted: [GLASS_STAYS, ...DOOR_STAYS],
  hardware: (shape) => doorHardware(shape.height, weightOfParts(madeOf(shape))),
  madeOf,
  traits: ['handled', 'putty'],
  cautions: ['glass'],
  typed: {
    words: {
      'glazed door': {},
      'glass door': {},
      'french door': {},
      'patio door': {},
      'back door': { glazed: 'half', paneColumns: 2, paneRows: 2 },
      'balcony door': {},
      'storm door': {},
    },
    implied: impliedBy(['patio door', 'back door', 'balcony door', 'storm door'], { isOutside: true }),
    sizes: doorSizes,
    lengths: [],
    phrases: [PANES_PHRASE, says('half glazed', { glazed: 'half' }), says('half', { glazed: 'half' })],
  },
};

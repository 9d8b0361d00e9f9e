import { z } from 'zod';
import { choice, fieldsOf, sizeFields, sizesAsTyped } from '../board-fields.ts';
import { glazedTimber, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
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
import { KEEP_OFF } from '../while-wet.ts';

const SIZE = { width: [200, 2000], height: [200, 2400], thickness: [20, 100] } as const;
const MEMBERS = { stile: [20, 150], topRail: [15, 200], bottomRail: [15, 250] } as const;

const schema = z.lazy(() =>
  z.object({
    ...within(SIZE),
    ...within(MEMBERS),
    opens: z.enum(['outwards', 'inwards', 'slides']),
    ...glazing(),
  }),
);
type LooseSash = z.infer<typeof schema>;

const framing = (shape: LooseSash): Framing => ({
  ...shape,
  crossRail: 0,
  muntin: 0,
  columns: 1,
  rowShares: [1],
  fill: () => glazingOf(shape),
});

const madeOf = (shape: LooseSash): MaterialVolume[] =>
  glazedTimber(shape.width * shape.height, glassIn(framedFace('front', framing(shape))), shape.thickness);

const USUAL: LooseSash = {
  width: 500,
  height: 1000,
  thickness: 44,
  stile: 50,
  topRail: 50,
  bottomRail: 60,
  opens: 'outwards',
  ...USUAL_GLAZING,
};

/** A sash out of its frame, painted on the bench; the frame stays in the wall and is a piece of its own. */
export const looseSash: PieceDefinition<LooseSash> = {
  id: 'loose-sash',
  features: ['window'],
  name: 'Loose sash',
  plural: 'Loose sashes',
  markLetter: 'W',
  work: () => 'windows',
  trade: () => 'joinery',
  schema,
  fields: [
    ...sizeFields(SIZE),
    choice('opens', 'Opening', { outwards: 'opens outwards', inwards: 'opens inwards', slides: 'slides' }),
    ...GLAZING_FIELDS,
    ...fieldsOf(MEMBERS, { stile: 'Stile', topRail: 'Top rail', bottomRail: 'Bottom rail' }),
  ],
  presets: [
    { name: 'Four panes', shape: USUAL },
    { name: 'One pane', shape: { ...USUAL, paneColumns: 1, paneRows: 1 } },
  ],
  fault: (shape, units) => {
    const message = framingFault(framing(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [framedFace('front', framing(shape)), framedFace('back', framing(shape))],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['hinge', 'lock']),
  }),
  faceNames: { front: 'inside', back: 'outside' },
  outerFace: 'back',
  edgesWith: ({ opens }) => (opens === 'outwards' ? 'back' : 'front'),
  usuallyOutside: true,
  edgeNames: { hinge: 'hinge edge', lock: 'closing edge', top: 'top edge', bottom: 'bottom edge' },
  schools: ['putty-outwards', 'top-down'],
  whileWet: KEEP_OFF,
  staysUnpainted: [GLASS_STAYS, 'edges that slide on wood', 'hinges, cords and catches'],
  hardware: ({ opens }) =>
    opens === 'slides'
      ? [{ name: 'sash lift', count: 2 }]
      : [
          { name: 'hinge', count: 2 },
          { name: 'hinge screw', count: 12 },
          { name: 'catch', count: 1 },
        ],
  madeOf,
  usualScope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top', 'bottom'] },
  closesOpening: true,
  comesOff: 'usually',
  traits: ['putty'],
  pace: { takeOff: 8, rehang: 12, inPlace: 3 },
  lines: (shape) => ({ glass: 2 * glassLine(framedFace('front', framing(shape))), fixed: 400 }),
  cautions: ['glass'],
  typed: {
    words: {
      'loose sash': {},
      'loose casement': {},
      'window sash': {},
      'casement sash': {},
      'single sash': {},
      'storm window': { paneColumns: 1, paneRows: 1 },
      'sliding loose sash': { opens: 'slides' },
    },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: [
      PANES_PHRASE,
      says('opens inwards', { opens: 'inwards' }),
      says('opens outwards', { opens: 'outwards' }),
      says('slides', { opens: 'slides' }),
    ],
  },
};

import { z } from 'zod';
import {
  BOARD,
  choice,
  cupboardHardware,
  FRAME_MEMBERS,
  frameMemberFields,
  FRONT_SIZE,
  sizeFields,
  sizesAsTyped,
} from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import type { Shape } from '../shape.ts';
import { boardEdges } from '../edges.ts';
import { panelFill } from '../fills/panel.ts';
import { framedFace, framingFault, type Framing } from '../framed.ts';
import { says } from '../phrases.ts';
import { slope } from '../relief.ts';
import { slabFace } from '../slab.ts';

const schema = z.lazy(() =>
  z.object({ ...within(FRONT_SIZE), style: z.enum(['slab', 'framed', 'raised']), ...within(FRAME_MEMBERS) }),
);
type CabinetDoor = z.infer<typeof schema>;

const MEMBERS = { stile: 65, topRail: 65, bottomRail: 65 };
/** The bevel of a raised cupboard panel, in mm. */
const BEVEL = slope(28, 6);

const framing = (shape: CabinetDoor): Framing => ({
  ...shape,
  crossRail: 0,
  muntin: 0,
  columns: 1,
  rowShares: [1],
  fill: () => panelFill(shape.style === 'raised' ? BEVEL : null),
});

/** A cabinet door: a flat slab, or a frame around one flat or raised panel with a slab's back. */
export const cabinetDoor: PieceDefinition<CabinetDoor> = {
  id: 'cabinet-door',
  features: ['door'],
  name: 'Cupboard door',
  plural: 'Cupboard doors',
  markLetter: 'C',
  work: () => 'cabinets',
  schema,
  fields: [
    ...sizeFields(FRONT_SIZE),
    choice('style', 'Front', { slab: 'flat slab', framed: 'framed, flat panel', raised: 'framed, raised panel' }),
    ...frameMemberFields((shape: Shape) => shape.style !== 'slab'),
  ],
  presets: [
    { name: 'Slab', shape: { width: 497, height: 720, thickness: 18, style: 'slab', ...MEMBERS } },
    { name: 'Framed', shape: { width: 497, height: 720, thickness: 20, style: 'framed', ...MEMBERS } },
    { name: 'Raised', shape: { width: 497, height: 720, thickness: 22, style: 'raised', ...MEMBERS } },
  ],
  fault: (shape, units) => {
    const message = shape.style === 'slab' ? null : framingFault(framing(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [
      shape.style === 'slab' ? slabFace('front', shape.width, shape.height) : framedFace('front', framing(shape)),
      slabFace('back', shape.width, shape.height),
    ],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['left', 'right']),
  }),
  ...BOARD,
  lessSeen: 'back',
  schools: ['mouldings-first', 'panels-rails-stiles', 'blocks-from-the-top'],
  staysUnpainted: ['hinge cups and plates', 'bumpers'],
  hardware: ({ height }) => cupboardHardware(height),
  madeOf: ({ width, height, thickness }) => [boardOf('board', width, height, thickness)],
  typed: {
    words: { 'cupboard door': {}, 'cabinet door': {}, 'kitchen door': {}, 'wardrobe door': {}, 'cupboard front': {} },
    severalIn: { word: 'door', rooms: ['kitchen', 'kitchenette', 'pantry', 'scullery', 'wardrobe'], highest: 1500 },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: [
      says('slab', { style: 'slab' }),
      says('framed', { style: 'framed' }),
      says('shaker', { style: 'framed' }),
      says('raised', { style: 'raised' }),
    ],
  },
};

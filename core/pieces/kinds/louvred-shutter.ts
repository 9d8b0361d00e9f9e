import { z } from 'zod';
import {
  BOARD,
  dimension,
  fieldsOf,
  FRAME_MEMBERS,
  frameMemberFields,
  SHUTTER_SIZE,
  sizeFields,
  sizesAsTyped,
} from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { louvreCount, louvreFill } from '../fills/louvres.ts';
import { fieldSizes, framedFace, framingFault, type Framing } from '../framed.ts';
import { counts, measures } from '../phrases.ts';
import { SHUTTER_HARDWARE } from '../shutter-hardware.ts';

const LOUVRES = {
  louvreWidth: [15, 150],
  louvreThickness: [2, 25],
  pitch: [15, 150],
} as const;
const schema = z.lazy(() =>
  z.object({
    ...within(SHUTTER_SIZE),
    ...within(FRAME_MEMBERS),
    crossRail: z.number().min(20).max(200),
    banks: z.number().int().min(1).max(3),
    ...within(LOUVRES),
  }),
);
type LouvredShutter = z.infer<typeof schema>;

const framing = (shape: LouvredShutter): Framing => ({
  ...shape,
  muntin: 0,
  columns: 1,
  rowShares: Array.from({ length: shape.banks }, () => 1),
  fill: () => louvreFill({ width: shape.louvreWidth, thickness: shape.louvreThickness, pitch: shape.pitch }),
});

const slats = (shape: LouvredShutter): number =>
  fieldSizes(framing(shape)).heights.reduce((sum, height) => sum + louvreCount(height, shape.pitch), 0);

const LOUVRED_DOOR = { width: 450, height: 1981, thickness: 28 };

/** A shutter leaf of slats between stiles and rails. */
export const louvredShutter: PieceDefinition<LouvredShutter> = {
  id: 'louvred-shutter',
  features: ['slats'],
  name: 'Louvred shutter',
  plural: 'Louvred shutters',
  markLetter: 'S',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: [
    ...sizeFields(SHUTTER_SIZE),
    dimension('banks', 'Banks of louvres', [1, 3], { unit: 'count', main: true }),
    ...fieldsOf(
      LOUVRES,
      { louvreWidth: 'Louvre, across', louvreThickness: 'Louvre, thick', pitch: 'Louvre to louvre' },
      { main: true },
    ),
    ...frameMemberFields(),
    dimension('crossRail', 'Middle rails', [20, 200]),
  ],
  presets: [
    {
      name: 'Two banks',
      shape: {
        width: 400,
        height: 1400,
        thickness: 32,
        stile: 50,
        topRail: 70,
        crossRail: 70,
        bottomRail: 90,
        banks: 2,
        louvreWidth: 45,
        louvreThickness: 8,
        pitch: 32,
      },
    },
  ],
  fault: (shape, units) => {
    const message = framingFault(framing(shape), units);
    if (message !== null) return { field: 'stile', message };
    return shape.pitch > shape.louvreWidth
      ? { field: 'pitch', message: 'Louvres leave slots. Bring them closer together.' }
      : null;
  },
  elevation: (shape) => ({
    faces: [framedFace('front', framing(shape)), framedFace('back', framing(shape))],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['left', 'right']),
  }),
  remarks: (shape) => [`${slats(shape)} louvres, painted all round`],
  ...BOARD,
  schools: ['louvres-first', 'boards-from-the-top'],
  staysUnpainted: ['hinge pins and their sockets', 'where the tilt rod turns'],
  hardware: () => SHUTTER_HARDWARE,
  madeOf: (shape) => {
    const { stile, topRail, crossRail, bottomRail, banks, width, height } = shape;
    const length = width - 2 * stile;
    const timber = 2 * stile * height + length * (topRail + bottomRail + (banks - 1) * crossRail);
    return [
      boardOf('softwood', timber, 1, shape.thickness),
      boardOf('softwood', length, shape.louvreWidth, shape.louvreThickness, slats(shape)),
    ];
  },
  traits: [],
  pace: { takeOff: 5, rehang: 8, inPlace: 2 },
  lines: () => ({ fixed: 800 }),
  cautions: ['ladder'],
  typed: {
    words: {
      'louvred shutter': {},
      'louvered shutter': {},
      'plantation shutter': {},
      shutter: {},
      'louvred door': LOUVRED_DOOR,
      'louvered door': LOUVRED_DOOR,
      'louvre door': LOUVRED_DOOR,
      'louver door': LOUVRED_DOOR,
    },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: [
      counts('banks', ['bank', 'banks'], '2 banks'),
      measures('pitch', (pitch) => ({ pitch }), 'pitch 32'),
      measures('louvre', (louvreWidth) => ({ louvreWidth }), 'louvre 45'),
    ],
  },
};

import { z } from 'zod';
import { choice, dimension, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { glazedTimber, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { squareMetres, type Edge, type EdgeId, type Face, type FaceId } from '../elevation.ts';
import { faceOf } from '../face.ts';
import { framedParts, framingFault, type Framing } from '../framed.ts';
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
import { counts, says } from '../phrases.ts';
import { windowFrame, WINDOW_FRAME, WINDOW_SIZE } from '../window-frame.ts';
import { OPENED_A_LITTLE } from '../while-wet.ts';

const SASH = {
  stile: [20, 150],
  rail: [20, 200],
  sashThickness: [20, 100],
  seal: [0, 40],
} as const;
const schema = z.lazy(() =>
  z.object({
    ...within(WINDOW_SIZE),
    ...within(WINDOW_FRAME),
    lights: z.number().int().min(1).max(4),
    mullion: z.number().min(10).max(200),
    ...within(SASH),
    opens: z.enum(['outwards', 'inwards']),
    ...glazing(),
  }),
);
type CasementWindow = z.infer<typeof schema>;

const casement = (shape: CasementWindow): Framing => ({
  width: (shape.width - 2 * shape.frame - (shape.lights - 1) * shape.mullion) / shape.lights,
  height: shape.height - shape.frame - shape.sill,
  stile: shape.stile,
  topRail: shape.rail,
  crossRail: 0,
  bottomRail: shape.rail,
  muntin: 0,
  columns: 1,
  rowShares: [1],
  fill: () => glazingOf(shape),
});

function face(id: FaceId, shape: CasementWindow): Face {
  const { frame, mullion, lights } = shape;
  const sash = casement(shape);
  const parts = Array.from({ length: lights }, (_unused, index) =>
    framedParts(sash, {
      origin: [frame + index * (sash.width + mullion), frame],
      id: `light-${index + 1}-`,
      section: index,
      of: lights > 1 ? `casement ${index + 1}` : '',
    }),
  );
  const mullions = Array.from(
    { length: lights - 1 },
    (_unused, index) => frame + sash.width + index * (sash.width + mullion),
  );
  return faceOf(id, shape.width, shape.height, {
    elements: [
      ...parts.flatMap(({ elements }) => elements),
      ...windowFrame(
        shape,
        lights,
        mullions.map((x) => [x, frame, mullion, sash.height]),
      ),
    ],
    unpainted: parts.flatMap(({ unpainted }) => unpainted),
  });
}

/** The edges of all casements together; a seal takes its width of each. */
function edges(shape: CasementWindow): Edge[] {
  const { width, height } = casement(shape);
  const thickness = Math.max(0, shape.sashThickness - shape.seal);
  const lengths: [EdgeId, number][] = [
    ['hinge', height],
    ['lock', height],
    ['top', width],
    ['bottom', width],
  ];
  return lengths.map(([id, length]) => ({
    id,
    length: length * shape.lights,
    thickness,
    area: squareMetres(length * shape.lights * thickness),
  }));
}

/** All casements. */
function madeOf(shape: CasementWindow): MaterialVolume[] {
  const { width, height } = casement(shape);
  return glazedTimber(shape.lights * width * height, glassIn(face('front', shape)), shape.sashThickness);
}

/** A window of hinged casements in a frame with a sill. */
export const casementWindow: PieceDefinition<CasementWindow> = {
  id: 'casement-window',
  features: ['window'],
  name: 'Casement window',
  plural: 'Casement windows',
  markLetter: 'W',
  work: () => 'windows',
  trade: () => 'joinery',
  schema,
  fields: [
    ...fieldsOf(WINDOW_SIZE, { width: 'Width', height: 'Height' }, { main: true }),
    dimension('lights', 'Casements across', [1, 4], { unit: 'count', main: true }),
    choice('opens', 'Opens', { outwards: 'outwards', inwards: 'inwards' }),
    ...GLAZING_FIELDS,
    ...fieldsOf(WINDOW_FRAME, { frame: 'Frame', sill: 'Sill' }),
    dimension('mullion', 'Mullion', [10, 200], { when: (shape) => Number(shape.lights) > 1 }),
    ...fieldsOf(SASH, {
      stile: 'Casement stile',
      rail: 'Casement rails',
      sashThickness: 'Casement thickness',
      seal: 'Seal width',
    }),
  ],
  presets: [
    {
      name: 'Two casements',
      shape: {
        width: 1100,
        height: 1200,
        frame: 50,
        sill: 70,
        lights: 2,
        mullion: 50,
        stile: 50,
        rail: 55,
        sashThickness: 44,
        seal: 10,
        opens: 'outwards',
        ...USUAL_GLAZING,
        paneColumns: 1,
        paneRows: 3,
      },
    },
    {
      name: 'One casement',
      shape: {
        width: 600,
        height: 1000,
        frame: 50,
        sill: 70,
        lights: 1,
        mullion: 50,
        stile: 50,
        rail: 55,
        sashThickness: 44,
        seal: 10,
        opens: 'outwards',
        ...USUAL_GLAZING,
        paneColumns: 2,
        paneRows: 2,
      },
    },
  ],
  fault: (shape, units) => {
    const message = framingFault(casement(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({ faces: [face('front', shape), face('back', shape)], edges: edges(shape) }),
  faceNames: { front: 'inside', back: 'outside' },
  outerFace: 'back',
  // Seen when it stands open: of a casement that opens outwards its edges are the outside paint's.
  edgesWith: ({ opens }) => (opens === 'outwards' ? 'back' : 'front'),
  usuallyOutside: true,
  edgeNames: { hinge: 'hinge edges', lock: 'closing edges', top: 'top edges', bottom: 'bottom edges' },
  schools: ['putty-outwards', 'top-down'],
  whileWet: OPENED_A_LITTLE,
  staysUnpainted: [GLASS_STAYS, 'seals and their groove', 'hinges, stays and catches'],
  hardware: ({ lights }) => [
    { name: 'hinge', count: lights * 2 },
    { name: 'hinge screw', count: lights * 12 },
    { name: 'stay', count: lights },
    { name: 'catch', count: lights },
  ],
  madeOf,
  usualScope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top', 'bottom'] },
  closesOpening: true,
  comesOff: 'rarely',
  traits: ['putty'],
  pace: { takeOff: 8, rehang: 12, inPlace: 4 },
  lines: (shape) => ({
    wall: 2 * (shape.width + shape.height),
    glass: glassLine(face('front', shape)),
    fixed: shape.lights * 600,
  }),
  cautions: ['glass', 'ladder'],
  typed: {
    words: { 'casement window': {}, casement: {}, window: {}, 'bay window': { lights: 3 } },
    sizes: sizesAsTyped('width', 'height'),
    lengths: [],
    phrases: [
      counts('lights', ['light', 'lights', 'casements'], '2 lights'),
      PANES_PHRASE,
      says('opens inwards', { opens: 'inwards' }),
      says('opens outwards', { opens: 'outwards' }),
    ],
  },
};

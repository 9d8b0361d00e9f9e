import { z } from 'zod';
import { fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { glazedTimber, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import type { Shape } from '../shape.ts';
import type { PieceDefinition } from '../definition.ts';
import { squareMetres, type Edge, type Face, type FaceId } from '../elevation.ts';
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
import type { Phrase } from '../phrases.ts';
import { windowFrame, WINDOW_FRAME, WINDOW_SIZE } from '../window-frame.ts';
import { OPENED_A_LITTLE } from '../while-wet.ts';

const SASH = {
  stile: [20, 120],
  topRail: [20, 150],
  meetingRail: [15, 100],
  bottomRail: [30, 200],
  sashThickness: [25, 80],
} as const;
const schema = z.lazy(() =>
  z.object({ ...within(WINDOW_SIZE), ...within(WINDOW_FRAME), ...within(SASH), ...glazing() }),
);
type SashWindow = z.infer<typeof schema>;

/** Upper and lower sash; seen from either side they share the meeting rail's height evenly. */
function sash(shape: SashWindow, which: 'upper' | 'lower'): Framing {
  const { width, height, frame, sill } = shape;
  return {
    width: width - 2 * frame,
    height: (height - frame - sill) / 2,
    stile: shape.stile,
    topRail: which === 'upper' ? shape.topRail : shape.meetingRail,
    crossRail: 0,
    bottomRail: which === 'upper' ? shape.meetingRail : shape.bottomRail,
    muntin: 0,
    columns: 1,
    rowShares: [1],
    fill: () => glazingOf(shape),
  };
}

function face(id: FaceId, shape: SashWindow): Face {
  const { frame } = shape;
  const upper = sash(shape, 'upper');
  const parts = [
    framedParts(upper, { origin: [frame, frame], id: 'upper-', of: 'the upper sash' }),
    framedParts(sash(shape, 'lower'), {
      origin: [frame, frame + upper.height],
      id: 'lower-',
      of: 'the lower sash',
      section: 1,
    }),
  ];
  return faceOf(id, shape.width, shape.height, {
    elements: [...parts.flatMap(({ elements }) => elements), ...windowFrame(shape, 2)],
    unpainted: parts.flatMap(({ unpainted }) => unpainted),
  });
}

/** The sashes' edges that do not slide: the top of the upper and the bottom of the lower one. */
function edges(shape: SashWindow): Edge[] {
  const length = shape.width - 2 * shape.frame;
  const area = squareMetres(length * shape.sashThickness);
  return (['top', 'bottom'] as const).map((id) => ({ id, length, thickness: shape.sashThickness, area }));
}

/** Both sashes. */
function madeOf(shape: SashWindow): MaterialVolume[] {
  const { width, height } = sash(shape, 'upper');
  return glazedTimber(2 * width * height, glassIn(face('front', shape)), shape.sashThickness);
}

const USUAL: SashWindow = {
  width: 1100,
  height: 1700,
  frame: 60,
  sill: 75,
  stile: 50,
  topRail: 50,
  meetingRail: 38,
  bottomRail: 80,
  sashThickness: 45,
  ...USUAL_GLAZING,
};

/** “8 panes”: so many panes in both sashes together, two across. */
const PANES: Phrase = {
  example: '8 panes',
  read: ([number = '', word = '']) => {
    const panes = /^\d{1,2}$/.test(number) && /^panes?$/.test(word) ? Number(number) : 0;
    if (panes === 2) return { taken: 2, shape: { paneColumns: 1, paneRows: 1 } };
    return panes >= 4 && panes % 4 === 0 ? { taken: 2, shape: { paneColumns: 2, paneRows: panes / 4 } } : null;
  },
};

const HUNG_WORDS = ['double hung window', 'double-hung window', 'single hung window', 'single-hung window'];

/** Panes across and down a sash, by their number. */
const PANES_OF_A_SASH: Readonly<Record<string, Shape>> = {
  1: { paneColumns: 1, paneRows: 1 },
  2: { paneColumns: 2, paneRows: 1 },
  3: { paneColumns: 3, paneRows: 1 },
  4: { paneColumns: 2, paneRows: 2 },
  6: { paneColumns: 3, paneRows: 2 },
  8: { paneColumns: 4, paneRows: 2 },
  9: { paneColumns: 3, paneRows: 3 },
  12: { paneColumns: 4, paneRows: 3 },
};

/** “6 over 6”: so many panes in either sash. */
const OVER: Phrase = {
  example: '6 over 6',
  read: ([above = '', word = '', below = '']) => {
    const [, joined = '', joinedBelow = ''] = /^(\d{1,2})(?:\/|-over-)(\d{1,2})$/.exec(above) ?? [];
    if (joined !== '') {
      const shape = PANES_OF_A_SASH[joined];
      return shape !== undefined && joined === joinedBelow ? { taken: 1, shape } : null;
    }
    const shape = PANES_OF_A_SASH[above];
    return shape !== undefined && word === 'over' && above === below ? { taken: 3, shape } : null;
  },
};

/** Two sashes that slide past each other in a box frame. */
export const sashWindow: PieceDefinition<SashWindow> = {
  id: 'sash-window',
  features: ['window'],
  name: 'Sliding sash window',
  plural: 'Sliding sash windows',
  markLetter: 'W',
  work: () => 'windows',
  trade: () => 'joinery',
  schema,
  fields: [
    ...fieldsOf(WINDOW_SIZE, { width: 'Width', height: 'Height' }, { main: true }),
    ...GLAZING_FIELDS.map((field) => (field.key === 'paneRows' ? { ...field, label: 'Panes down, each sash' } : field)),
    ...fieldsOf(WINDOW_FRAME, { frame: 'Box frame', sill: 'Sill' }),
    ...fieldsOf(SASH, {
      stile: 'Sash stile',
      topRail: 'Top rail',
      meetingRail: 'Meeting rails',
      bottomRail: 'Bottom rail',
      sashThickness: 'Sash thickness',
    }),
  ],
  presets: [
    { name: 'Eight panes', shape: USUAL },
    { name: 'Two panes', shape: { ...USUAL, paneColumns: 1, paneRows: 1 } },
  ],
  fault: (shape, units) => {
    const message = framingFault(sash(shape, 'upper'), units) ?? framingFault(sash(shape, 'lower'), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({ faces: [face('front', shape), face('back', shape)], edges: edges(shape) }),
  faceNames: { front: 'inside', back: 'outside' },
  outerFace: 'back',
  usuallyOutside: true,
  edgeNames: { top: 'top of the upper sash', bottom: 'bottom of the lower sash' },
  schools: ['putty-outwards', 'top-down'],
  whileWet: OPENED_A_LITTLE,
  staysUnpainted: [
    'sliding faces: sash sides, pulley stiles, parting beads',
    'cords, pulleys and weights',
    GLASS_STAYS,
  ],
  hardware: () => [
    { name: 'sash fastener', count: 1 },
    { name: 'sash lift', count: 2 },
    { name: 'stop bead screw', count: 12 },
  ],
  madeOf,
  usualScope: { faces: ['front', 'back'], edges: ['top', 'bottom'] },
  closesOpening: true,
  comesOff: 'rarely',
  traits: ['slides', 'putty'],
  pace: { takeOff: 25, rehang: 35, inPlace: 6 },
  lines: (shape) => ({ wall: 2 * (shape.width + shape.height), glass: glassLine(face('front', shape)), fixed: 400 }),
  cautions: ['window-weight', 'glass', 'ladder'],
  typed: {
    words: {
      'sliding sash window': {},
      'sash window': {},
      'sliding sash': {},
      sash: {},
      ...Object.fromEntries(HUNG_WORDS.map((word) => [word, {}])),
    },
    sizes: sizesAsTyped('width', 'height'),
    lengths: [],
    phrases: [PANES, OVER, PANES_PHRASE],
  },
};

import { z } from 'zod';
import { BOARD, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { slabFace } from '../slab.ts';

const SIZE = {
  width: [20, 6000],
  height: [20, 6000],
  thickness: [1, 200],
} as const;
const schema = z.lazy(() => z.object(within(SIZE)));
type FreePanel = z.infer<typeof schema>;

/** A flat panel: for anything that is none of the other kinds. */
export const freePanel: PieceDefinition<FreePanel> = {
  id: 'free-panel',
  name: 'Panel',
  plural: 'Panels',
  markLetter: 'P',
  work: () => 'cabinets',
  schema,
  fields: fieldsOf(SIZE, { width: 'Width', height: 'Height', thickness: 'Thickness' }, { main: true }),
  presets: [{ name: '600 × 800', shape: { width: 600, height: 800, thickness: 18 } }],
  fault: () => null,
  elevation: ({ width, height, thickness }) => ({
    faces: [slabFace('front', width, height), slabFace('back', width, height)],
    edges: boardEdges(width, height, thickness, ['left', 'right']),
  }),
  ...BOARD,
  closesOpening: false,
  schools: ['blocks-from-the-top', 'strips-along-the-grain'],
  staysUnpainted: [],
  hardware: () => [],
  madeOf: ({ width, height, thickness }) => [boardOf('board', width, height, thickness)],
  traits: [],
  pace: { takeOff: 2, rehang: 3, inPlace: 0 },
  lines: ({ width, height }) => ({ wall: 2 * (width + height) }),
  typed: {
    words: {
      panel: {},
      board: {},
      'end panel': { width: 600, height: 760 },
      'side panel': {},
      hatch: { width: 600, height: 600 },
      'loft hatch': { width: 600, height: 600 },
      'access panel': { width: 600, height: 600 },
      'bath panel': { width: 1700, height: 540 },
    },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: [],
  },
};

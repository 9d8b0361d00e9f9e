import { z } from 'zod';
import { BOARD, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { slabFace } from '../slab.ts';

const SIZE = {
  length: [100, 6000],
  depth: [40, 1200],
  thickness: [8, 80],
} as const;
const schema = z.lazy(() => z.object(within(SIZE)));
type Shelf = z.infer<typeof schema>;

/** A shelf, drawn from above with its front edge below. */
export const shelfBoard: PieceDefinition<Shelf> = {
  id: 'shelf-board',
  name: 'Shelf',
  plural: 'Shelves',
  markLetter: 'B',
  work: () => 'cabinets',
  schema,
  fields: fieldsOf(SIZE, { length: 'Length', depth: 'Depth', thickness: 'Thickness' }, { main: true }),
  presets: [{ name: '900 × 250', shape: { length: 900, depth: 250, thickness: 22 } }],
  fault: () => null,
  elevation: ({ length, depth, thickness }) => ({
    faces: [slabFace('front', length, depth), slabFace('back', length, depth)],
    edges: boardEdges(length, depth, thickness, ['left', 'right']),
  }),
  ...BOARD,
  closesOpening: false,
  faceNames: { front: 'top', back: 'underside' },
  lessSeen: 'back',
  edgeNames: { left: 'left end', right: 'right end', top: 'back edge', bottom: 'front edge' },
  usualScope: { faces: ['front', 'back'], edges: ['bottom', 'left', 'right'] },
  traits: ['loaded'],
  pace: { takeOff: 1, rehang: 1, inPlace: 0 },
  lines: ({ length, depth }) => ({ wall: length + 2 * depth }),
  schools: ['blocks-from-the-top', 'strips-along-the-grain'],
  staysUnpainted: ['where pins or brackets touch'],
  hardware: () => [{ name: 'shelf pin', count: 4 }],
  madeOf: ({ length, depth, thickness }) => [boardOf('board', length, depth, thickness)],
  typed: {
    words: { shelf: {}, 'shelf board': {} },
    sizes: sizesAsTyped('length', 'depth', 'thickness'),
    lengths: [],
    phrases: [],
  },
};

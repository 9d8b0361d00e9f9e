import { z } from 'zod';
import { BOARD, FRONT_SIZE, sizeFields, sizesAsTyped } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { slabFace } from '../slab.ts';

const schema = z.lazy(() => z.object(within(FRONT_SIZE)));
type DrawerFront = z.infer<typeof schema>;

/** A flat drawer front; its back stays on the drawer box and is usually left. */
export const drawerFront: PieceDefinition<DrawerFront> = {
  id: 'drawer-front',
  features: ['drawer'],
  name: 'Drawer front',
  plural: 'Drawer fronts',
  markLetter: 'F',
  work: () => 'cabinets',
  schema,
  fields: sizeFields(FRONT_SIZE),
  presets: [{ name: '497 × 213', shape: { width: 497, height: 213, thickness: 18 } }],
  fault: () => null,
  elevation: ({ width, height, thickness }) => ({
    faces: [slabFace('front', width, height), slabFace('back', width, height)],
    edges: boardEdges(width, height, thickness, ['left', 'right']),
  }),
  ...BOARD,
  lessSeen: 'back',
  usualScope: { faces: ['front'], edges: BOARD.usualScope.edges },
  traits: ['handled'],
  pace: { takeOff: 3, rehang: 6, inPlace: 1 },
  schools: ['blocks-from-the-top', 'strips-along-the-grain'],
  staysUnpainted: ['the drawer box and its runners'],
  hardware: ({ width }) => [
    { name: 'pull', count: width > 700 ? 2 : 1 },
    { name: 'fixing screw', count: 4 },
  ],
  madeOf: ({ width, height, thickness }) => [boardOf('board', width, height, thickness)],
  typed: {
    words: { 'drawer front': {}, drawer: {} },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: [],
  },
};

import { z } from 'zod';
import { BOARD, fieldsOf, sizesAsTyped } from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { slabFace } from '../slab.ts';

const SIZE = {
  width: [30, 400],
  height: [30, 400],
  thickness: [1, 30],
} as const;
const schema = z.lazy(() => z.object(within(SIZE)));
type SwitchPlate = z.infer<typeof schema>;

/** The plate of a switch or socket: handled daily, so that it gets a sealer. */
export const switchPlate: PieceDefinition<SwitchPlate> = {
  id: 'switch-plate',
  name: 'Switch plate',
  plural: 'Switch plates',
  markLetter: 'E',
  work: () => 'plates',
  schema,
  fields: fieldsOf(SIZE, { width: 'Width', height: 'Height', thickness: 'Thickness' }, { main: true }),
  presets: [
    { name: 'Single', shape: { width: 86, height: 86, thickness: 9 } },
    { name: 'Double', shape: { width: 147, height: 86, thickness: 9 } },
  ],
  fault: () => null,
  elevation: ({ width, height, thickness }) => ({
    faces: [slabFace('front', width, height)],
    edges: boardEdges(width, height, thickness, ['left', 'right']),
  }),
  ...BOARD,
  closesOpening: false,
  faceNames: { front: 'front' },
  usualScope: { faces: ['front'], edges: BOARD.usualScope.edges },
  usualSurface: () => ({ substrate: 'vinyl', existing: 'factory-finish' }),
  traits: ['handled', 'plate'],
  pace: { takeOff: 2, rehang: 2, inPlace: 1 },
  lines: ({ width, height }) => ({ wall: 2 * (width + height), fixed: width + height }),
  schools: ['blocks-from-the-top'],
  staysUnpainted: ['rockers, sockets and everything behind the plate'],
  hardware: () => [{ name: 'plate screw', count: 2 }],
  madeOf: ({ width, height, thickness }) => [boardOf('plastic', width, height, thickness)],
  cautions: ['electricity'],
  typed: {
    words: { 'switch plate': {}, switch: {}, 'socket plate': {} },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: [],
  },
};

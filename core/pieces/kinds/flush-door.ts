import { z } from 'zod';
import { doorHardware, DOOR_SIZE, doorSizes, DOOR_STAYS, HUNG, sizeFields } from '../board-fields.ts';
import { boardOf, weightOfParts, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { slabFace } from '../slab.ts';

const schema = z.lazy(() => z.object(within(DOOR_SIZE)));
type FlushDoor = z.infer<typeof schema>;

const madeOf = ({ width, height, thickness }: FlushDoor): MaterialVolume[] => [
  boardOf('slab', width, height, thickness),
];

/** A door with two flat faces. */
export const flushDoor: PieceDefinition<FlushDoor> = {
  id: 'flush-door',
  features: ['door'],
  name: 'Flush door',
  plural: 'Flush doors',
  markLetter: 'D',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: sizeFields(DOOR_SIZE),
  presets: [
    { name: '762 × 1981', shape: { width: 762, height: 1981, thickness: 35 } },
    { name: '826 × 2040', shape: { width: 826, height: 2040, thickness: 40 } },
  ],
  fault: () => null,
  elevation: ({ width, height, thickness }) => ({
    faces: [slabFace('front', width, height), slabFace('back', width, height)],
    edges: boardEdges(width, height, thickness, ['hinge', 'lock']),
  }),
  ...HUNG,
  schools: ['blocks-from-the-top', 'strips-along-the-grain'],
  staysUnpainted: DOOR_STAYS,
  hardware: (shape) => doorHardware(shape.height, weightOfParts(madeOf(shape))),
  madeOf,
  typed: {
    words: {
      'flush door': {},
      'plain door': {},
      'flat door': {},
      'hollow core door': {},
      'hollow core': {},
      'slab door': {},
      'closet door': {},
      'side door': {},
      'steel door': {},
      'sliding door': {},
      'sliding closet door': {},
      'sliding wardrobe door': {},
    },
    implied: { 'side door': { isOutside: true }, 'steel door': { madeOf: 'metal' } },
    sizes: doorSizes,
    lengths: [],
    phrases: [],
  },
};

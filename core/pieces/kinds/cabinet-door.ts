import { z } from 'zod';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { framedFace, framingFault } from '../framed.ts';
import { slabFace } from '../slab.ts';
import { boardWeight, DENSITY } from '../board-weight.ts';
import { FRAME_MEMBER_FIELDS, FRAME_MEMBERS, FRONT_SIZE, singlePanel, sizeFields } from '../board-fields.ts';

const schema = z.object({ ...FRONT_SIZE, style: z.enum(['slab', 'framed']), ...FRAME_MEMBERS });
type CabinetDoor = z.infer<typeof schema>;

const MEMBERS = { stile: 65, topRail: 65, bottomRail: 65 };

/** A cabinet door: a flat slab, or a frame around one flat panel with a slab's back. */
export const cabinetDoor: PieceDefinition<CabinetDoor> = {
  id: 'cabinet-door',
  name: 'Cupboard door',
  plural: 'Cupboard doors',
  markLetter: 'C',
  schema,
  fields: [
    ...sizeFields(FRONT_SIZE),
    {
      key: 'style',
      label: 'Front',
      unit: 'choice',
      choices: [
        { value: 'slab', label: 'flat slab' },
        { value: 'framed', label: 'framed panel' },
      ],
      main: true,
    },
    ...FRAME_MEMBER_FIELDS,
  ],
  presets: [
    { name: 'Slab', shape: { width: 497, height: 720, thickness: 18, style: 'slab', ...MEMBERS } },
    { name: 'Framed', shape: { width: 497, height: 720, thickness: 20, style: 'framed', ...MEMBERS } },
  ],
  fault: (shape) => {
    const message = shape.style === 'framed' ? framingFault(singlePanel(shape)) : null;
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [
      shape.style === 'framed' ? framedFace('front', singlePanel(shape)) : slabFace('front', shape.width, shape.height),
      slabFace('back', shape.width, shape.height),
    ],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['left', 'right']),
  }),
  faceNames: { front: 'front', back: 'back' },
  edgeNames: { left: 'left edge', right: 'right edge', top: 'top edge', bottom: 'bottom edge' },
  hardware: ({ height }) => [
    { name: 'cup hinge', count: height > 1600 ? 4 : height > 900 ? 3 : 2 },
    { name: 'hinge screw', count: (height > 1600 ? 4 : height > 900 ? 3 : 2) * 2 },
    { name: 'pull', count: 1 },
    { name: 'bumper', count: 2 },
  ],
  weight: ({ width, height, thickness }) => boardWeight(width, height, thickness, DENSITY.board),
  usualScope: { faces: ['front', 'back'], edges: ['left', 'right', 'top', 'bottom'] },
  pace: { takeOff: 4, rehang: 5 },
};

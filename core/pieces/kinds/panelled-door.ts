import { z } from 'zod';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { framedFace, framingFault, type Framing } from '../framed.ts';
import { boardWeight, DENSITY } from '../board-weight.ts';
import { dimension, DOOR_SIZE, doorHardware, FRAME_MEMBER_FIELDS, FRAME_MEMBERS, sizeFields } from '../board-fields.ts';

const schema = z.object({
  ...DOOR_SIZE,
  ...FRAME_MEMBERS,
  crossRail: z.number().min(30).max(400),
  muntin: z.number().min(20).max(250),
  columns: z.number().int().min(1).max(4),
  rowShares: z.array(z.number().positive().max(1000)).min(1).max(6),
  panel: z.enum(['flat', 'raised', 'moulded']),
  bevelWidth: z.number().min(5).max(120),
  bevelDepth: z.number().min(1).max(25),
});
type PanelledDoor = z.infer<typeof schema>;

/** Girth that a small planted or struck panel moulding adds beyond its flat, in mm. */
const MOULDING_EXCESS = 9;

const framing = (shape: PanelledDoor): Framing => ({
  ...shape,
  bevel: shape.panel === 'raised' ? { width: shape.bevelWidth, depth: shape.bevelDepth } : null,
  mouldingGirth: shape.panel === 'moulded' ? MOULDING_EXCESS : 0,
});

const USUAL: Omit<PanelledDoor, 'columns' | 'rowShares'> = {
  width: 762,
  height: 1981,
  thickness: 35,
  stile: 105,
  topRail: 105,
  crossRail: 105,
  bottomRail: 200,
  muntin: 90,
  panel: 'raised',
  bevelWidth: 40,
  bevelDepth: 8,
};

const weight = ({ width, height, thickness }: PanelledDoor): number =>
  boardWeight(width, height, thickness, DENSITY.softwood);

/** A door of stiles, rails and muntins around panels in any grid. */
export const panelledDoor: PieceDefinition<PanelledDoor> = {
  id: 'panelled-door',
  name: 'Panelled door',
  plural: 'Panelled doors',
  markLetter: 'D',
  schema,
  fields: [
    ...sizeFields(DOOR_SIZE),
    { key: 'columns', label: 'Panels across', unit: 'count', min: 1, max: 4, main: true },
    { key: 'rowShares', label: 'Heights of the rows, from the top', unit: 'shares', min: 1, max: 6, main: true },
    {
      key: 'panel',
      label: 'Panels',
      unit: 'choice',
      choices: [
        { value: 'flat', label: 'flat' },
        { value: 'raised', label: 'raised, bevelled' },
        { value: 'moulded', label: 'flat with moulding' },
      ],
      main: true,
    },
    ...FRAME_MEMBER_FIELDS,
    dimension('crossRail', 'Cross rails', 30, 400),
    dimension('muntin', 'Muntin', 20, 250),
    dimension('bevelWidth', 'Bevel width', 5, 120),
    dimension('bevelDepth', 'Bevel depth', 1, 25),
  ],
  presets: [
    { name: 'Six panels', shape: { ...USUAL, columns: 2, rowShares: [2, 5, 5] } },
    { name: 'Four panels', shape: { ...USUAL, columns: 2, rowShares: [6, 5] } },
    { name: 'Two panels', shape: { ...USUAL, columns: 1, rowShares: [6, 5] } },
  ],
  fault: (shape) => {
    const message = framingFault(framing(shape));
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [framedFace('front', framing(shape)), framedFace('back', framing(shape))],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['hinge', 'lock']),
  }),
  faceNames: { front: 'front', back: 'back' },
  edgeNames: { hinge: 'hinge edge', lock: 'lock edge', top: 'top edge', bottom: 'bottom edge' },
  hardware: (shape) => doorHardware(shape.height, weight(shape)),
  weight,
  usualScope: { faces: ['front', 'back'], edges: ['hinge', 'lock', 'top'] },
  pace: { takeOff: 4, rehang: 9 },
};

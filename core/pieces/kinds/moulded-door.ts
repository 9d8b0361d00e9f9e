import { z } from 'zod';
import {
  choice,
  dimension,
  doorHardware,
  DOOR_SIZE,
  doorSizes,
  DOOR_STAYS,
  fieldsOf,
  HUNG,
  sizeFields,
} from '../board-fields.ts';
import { boardOf, weightOfParts, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { FACE_IDS, inset, rectangle, type Face, type FaceId } from '../elevation.ts';
import { element, faceOf } from '../face.ts';
import { PROFILE_WORDS, plantedRelief } from '../panel-fields.ts';
import { chooses, counts, measures, says } from '../phrases.ts';
import { FILLER_HOURS } from '../filler.ts';
import { mitredRectangles, plantedBoxes, plantingFault } from '../planted-moulding.ts';
import { PROFILE_IDS, PROFILES } from '../profiles.ts';
import { reliefExcess } from '../relief.ts';
import { slabFace } from '../slab.ts';

const MOULDING = { mouldingWidth: [6, 90], mouldingDepth: [3, 40] } as const;
const MARGINS = {
  marginTop: [20, 900],
  marginSide: [20, 500],
  marginBottom: [20, 900],
  between: [20, 500],
} as const;

/** Marking out, four mitres, glue and tape, at a professional's pace. */
const MINUTES_A_RECTANGLE = 12;
/** Wood glue under tape is left overnight. */
const GLUE_HOURS = 12;

const schema = z.lazy(() =>
  z.object({
    ...within(DOOR_SIZE),
    columns: z.number().int().min(1).max(3),
    rowShares: z.array(z.number().positive().max(1000)).min(1).max(4),
    ...within(MARGINS),
    planted: z.enum(['both', 'front']),
    profile: z.enum(PROFILE_IDS),
    ...within(MOULDING),
  }),
);
type MouldedDoor = z.infer<typeof schema>;

const madeOf = ({ width, height, thickness }: MouldedDoor): MaterialVolume[] => [
  boardOf('slab', width, height, thickness),
];

/** The ground around the rectangles, and of each its moulding and the field within. */
function plantedFace(id: FaceId, shape: MouldedDoor): Face {
  const { width, height } = shape;
  const relief = plantedRelief(shape);
  const boxes = plantedBoxes(shape);
  const number = (index: number): string => (boxes.length > 1 ? ` ${index + 1}` : '');
  const mouldings = boxes.map((box, index) =>
    element({
      id: `moulding-${index + 1}`,
      name: `moulding${number(index)}`,
      part: 'moulding',
      outline: rectangle(box),
      holes: [rectangle(inset(box, relief.width))],
      excess: reliefExcess(box, relief),
      cutIn: 4 * (box[2] + box[3]),
    }),
  );
  const fields = boxes.map((box, index) =>
    element({
      id: `field-${index + 1}`,
      name: `field${number(index)}`,
      part: 'panel',
      outline: rectangle(inset(box, relief.width)),
    }),
  );
  const ground = element({
    id: 'ground',
    name: 'ground',
    part: 'slab',
    outline: rectangle([0, 0, width, height]),
    holes: boxes.map(rectangle),
  });
  return faceOf(id, width, height, { elements: [...mouldings, ...fields, ground] });
}

/** A flat door with moulding planted on at constant margins, so that doors of different size look alike. */
export const mouldedDoor: PieceDefinition<MouldedDoor> = {
  id: 'moulded-door',
  features: ['door'],
  name: 'Door with planted moulding',
  plural: 'Doors with planted moulding',
  markLetter: 'D',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: [
    ...sizeFields(DOOR_SIZE),
    dimension('columns', 'Rectangles across', [1, 3], { unit: 'count', main: true }),
    dimension('rowShares', 'Heights of the rectangles, from the top', [1, 4], { unit: 'shares', main: true }),
    choice('planted', 'Planted on', { both: 'both faces', front: 'the front' }),
    ...fieldsOf(MARGINS, {
      marginTop: 'Margin at the top',
      marginSide: 'Margin at the sides',
      marginBottom: 'Margin at the bottom',
      between: 'Between rectangles',
    }),
    choice('profile', 'Moulding', PROFILE_WORDS, { main: false }),
    ...fieldsOf(MOULDING, { mouldingWidth: 'Moulding width', mouldingDepth: 'Moulding stands out' }),
  ],
  presets: [
    { name: 'One rectangle', shape: planted([1], 110) },
    { name: 'Two rectangles', shape: planted([5, 4], 110) },
  ],
  fault: (shape, units) => plantingFault(shape, units),
  elevation: (shape) => ({
    faces: [
      plantedFace('front', shape),
      shape.planted === 'both' ? plantedFace('back', shape) : slabFace('back', shape.width, shape.height),
    ],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['hinge', 'lock']),
  }),
  cuts: (shape) => {
    const moulding = `${PROFILES[shape.profile].name} ${shape.mouldingWidth} × ${shape.mouldingDepth} mm`;
    return (shape.planted === 'both' ? FACE_IDS : (['front'] as const)).flatMap((face) =>
      mitredRectangles(shape).flatMap((sides, index) =>
        sides.map(({ side, length }) => ({
          id: `${face}-${index + 1}-${side}`,
          moulding,
          place: `${face}, rectangle ${index + 1}, ${side}`,
          length,
        })),
      ),
    );
  },
  preparation: (shape) => {
    const rectangles = plantedBoxes(shape).length * (shape.planted === 'both' ? 2 : 1);
    return [
      { operation: 'plant', minutes: rectangles * MINUTES_A_RECTANGLE, dryHours: GLUE_HOURS },
      { operation: 'fill', minutes: rectangles * 3, dryHours: FILLER_HOURS },
    ];
  },
  ...HUNG,
  schools: ['mouldings-first', 'panels-rails-stiles'],
  staysUnpainted: DOOR_STAYS,
  hardware: (shape) => doorHardware(shape.height, weightOfParts(madeOf(shape))),
  madeOf,
  typed: {
    words: { 'door with planted moulding': {}, 'moulded door': {}, 'planted door': {} },
    sizes: doorSizes,
    lengths: [],
    phrases: [
      measures('margin', (mm) => ({ marginTop: mm, marginSide: mm, marginBottom: mm, between: mm }), 'margin 110'),
      chooses('profile', 'profile', PROFILE_IDS),
      says('planted on front', { planted: 'front' }),
      counts('columns', ['across'], '2 across'),
    ],
  },
};

function planted(rowShares: number[], margin: number): MouldedDoor {
  return {
    width: 711,
    height: 1981,
    thickness: 35,
    columns: 1,
    rowShares,
    marginTop: margin,
    marginSide: margin,
    marginBottom: margin,
    between: margin,
    planted: 'both',
    profile: 'ovolo',
    mouldingWidth: 22,
    mouldingDepth: 9,
  };
}

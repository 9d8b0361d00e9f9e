import { z } from 'zod';
import {
  dimension,
  doorHardware,
  DOOR_SIZE,
  doorSizes,
  DOOR_STAYS,
  FRAME_MEMBERS,
  frameMemberFields,
  HUNG,
  sizeFields,
} from '../board-fields.ts';
import { boardOf, weightOfParts, type MaterialVolume } from '../materials.ts';
import { within } from '../bounds.ts';
import { impliedBy, type PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { framedFace, framingFault, type Framing } from '../framed.ts';
import { PANEL_FIELDS, PANEL_PHRASES, panelShape, panelOf, USUAL_PANEL } from '../panel-fields.ts';
import { grid, says, type Phrase } from '../phrases.ts';

const schema = z.lazy(() =>
  z.object({
    ...within(DOOR_SIZE),
    ...within(FRAME_MEMBERS),
    crossRail: z.number().min(30).max(400),
    muntin: z.number().min(20).max(250),
    columns: z.number().int().min(1).max(4),
    rowShares: z.array(z.number().positive().max(1000)).min(1).max(6),
    ...panelShape(),
  }),
);
type PanelledDoor = z.infer<typeof schema>;

const framing = (shape: PanelledDoor): Framing => ({ ...shape, fill: () => panelOf(shape) });

const USUAL: Omit<PanelledDoor, 'columns' | 'rowShares'> = {
  width: 762,
  height: 1981,
  thickness: 35,
  stile: 105,
  topRail: 105,
  crossRail: 105,
  bottomRail: 200,
  muntin: 90,
  ...USUAL_PANEL,
};

/** One leaf of a folding pair. */
const BI_FOLD = { width: 380, columns: 1, rowShares: [6, 5] };

/** Usual grids by the number of panels. */
const GRIDS: Readonly<Record<number, { columns: number; rowShares: number[] }>> = {
  1: { columns: 1, rowShares: [1] },
  2: { columns: 1, rowShares: [6, 5] },
  3: { columns: 1, rowShares: [2, 5, 5] },
  4: { columns: 2, rowShares: [6, 5] },
  5: { columns: 1, rowShares: [1, 1, 1, 1, 1] },
  6: { columns: 2, rowShares: [2, 5, 5] },
  8: { columns: 2, rowShares: [2, 5, 5, 2] },
};

/** “6p” or “6 panel”: the usual grid of so many panels. */
const PANELS: Phrase = {
  example: '6p',
  read: ([first = '', second = '']) => {
    const match = /^(\d)(?:p|-?panel(?:led|s)?)?$/.exec(first);
    const apart = /^\d$/.test(first);
    const shape = match && GRIDS[Number(match[1])];
    if (!shape || (apart && !/^panel(led|s)?$/.test(second))) return null;
    return { taken: apart ? 2 : 1, shape: shape };
  },
};

const madeOf = ({ width, height, thickness }: PanelledDoor): MaterialVolume[] => [
  boardOf('softwood', width, height, thickness),
];

/** A door of stiles, rails and muntins around panels in any grid. */
export const panelledDoor: PieceDefinition<PanelledDoor> = {
  id: 'panelled-door',
  features: ['door'],
  name: 'Panelled door',
  plural: 'Panelled doors',
  markLetter: 'D',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: [
    ...sizeFields(DOOR_SIZE),
    dimension('columns', 'Panels across', [1, 4], { unit: 'count', main: true }),
    dimension('rowShares', 'Heights of the rows, from the top', [1, 6], { unit: 'shares', main: true }),
    ...PANEL_FIELDS,
    ...frameMemberFields(),
    dimension('crossRail', 'Cross rails', [30, 400]),
    dimension('muntin', 'Muntin', [20, 250]),
  ],
  presets: [
    { name: 'Six panels', shape: { ...USUAL, columns: 2, rowShares: [2, 5, 5] } },
    { name: 'Four panels', shape: { ...USUAL, columns: 2, rowShares: [6, 5] } },
    { name: 'Two panels', shape: { ...USUAL, columns: 1, rowShares: [6, 5] } },
  ],
  fault: (shape, units) => {
    const message = framingFault(framing(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [framedFace('front', framing(shape)), framedFace('back', framing(shape))],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['hinge', 'lock']),
  }),
  ...HUNG,
  schools: ['panels-rails-stiles', 'mouldings-first', 'boards-from-the-top'],
  staysUnpainted: DOOR_STAYS,
  hardware: (shape) => doorHardware(shape.height, weightOfParts(madeOf(shape))),
  madeOf,
  typed: {
    words: {
      'panelled door': {},
      'panel door': {},
      door: {},
      'front door': {},
      'entrance door': {},
      'outside door': {},
      'bi-fold door': { ...BI_FOLD },
      'bifold door': { ...BI_FOLD },
      'bi-fold': { ...BI_FOLD },
      bifold: { ...BI_FOLD },
      'pocket door': {},
    },
    implied: impliedBy(['front door', 'entrance door', 'outside door'], { isOutside: true }),
    sizes: doorSizes,
    lengths: [],
    phrases: [
      PANELS,
      ...PANEL_PHRASES,
      grid(
        ['panels'],
        (columns, rows) => ({ columns, rowShares: Array.from({ length: rows }, () => 1) }),
        '2x3 panels',
      ),
      says('shaker', { columns: 1, rowShares: [1], panel: 'flat' }),
    ],
  },
};

import { z } from 'zod';
import {
  BOARD,
  dimension,
  FRAME_MEMBERS,
  frameMemberFields,
  SHUTTER_SIZE,
  sizeFields,
  sizesAsTyped,
} from '../board-fields.ts';
import { boardOf } from '../materials.ts';
import { within } from '../bounds.ts';
import type { PieceDefinition } from '../definition.ts';
import { boardEdges } from '../edges.ts';
import { framedFace, framingFault, type Framing } from '../framed.ts';
import { PANEL_FIELDS, PANEL_PHRASES, panelShape, panelOf, USUAL_PANEL } from '../panel-fields.ts';
import { SHUTTER_HARDWARE } from '../shutter-hardware.ts';

const schema = z.lazy(() =>
  z.object({
    ...within(SHUTTER_SIZE),
    ...within(FRAME_MEMBERS),
    crossRail: z.number().min(20).max(200),
    rowShares: z.array(z.number().positive().max(1000)).min(1).max(6),
    ...panelShape(),
  }),
);
type PanelledShutter = z.infer<typeof schema>;

const framing = (shape: PanelledShutter): Framing => ({ ...shape, muntin: 0, columns: 1, fill: () => panelOf(shape) });

/** A shutter leaf of panels one above the other. */
export const panelledShutter: PieceDefinition<PanelledShutter> = {
  id: 'panelled-shutter',
  name: 'Panelled shutter',
  plural: 'Panelled shutters',
  markLetter: 'S',
  work: () => 'joinery',
  trade: () => 'joinery',
  schema,
  fields: [
    ...sizeFields(SHUTTER_SIZE),
    dimension('rowShares', 'Heights of the panels, from the top', [1, 6], { unit: 'shares', main: true }),
    ...PANEL_FIELDS,
    ...frameMemberFields(),
    dimension('crossRail', 'Cross rails', [20, 200]),
  ],
  presets: [
    {
      name: 'Three panels',
      shape: {
        width: 420,
        height: 1500,
        thickness: 28,
        stile: 60,
        topRail: 60,
        crossRail: 60,
        bottomRail: 80,
        rowShares: [2, 3, 3],
        ...USUAL_PANEL,
        bevelWidth: 25,
        bevelDepth: 6,
      },
    },
  ],
  fault: (shape, units) => {
    const message = framingFault(framing(shape), units);
    return message === null ? null : { field: 'stile', message };
  },
  elevation: (shape) => ({
    faces: [framedFace('front', framing(shape)), framedFace('back', framing(shape))],
    edges: boardEdges(shape.width, shape.height, shape.thickness, ['left', 'right']),
  }),
  ...BOARD,
  schools: ['panels-rails-stiles', 'mouldings-first', 'boards-from-the-top'],
  staysUnpainted: ['hinge leaves and bars'],
  hardware: () => SHUTTER_HARDWARE,
  madeOf: ({ width, height, thickness }) => [boardOf('softwood', width, height, thickness)],
  traits: ['handled'],
  pace: { takeOff: 5, rehang: 8, inPlace: 2 },
  lines: () => ({ fixed: 800 }),
  typed: {
    words: { 'panelled shutter': {}, 'panel shutter': {}, 'inner shutter': {} },
    sizes: sizesAsTyped('width', 'height', 'thickness'),
    lengths: [],
    phrases: PANEL_PHRASES,
  },
};

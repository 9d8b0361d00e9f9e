import { z } from 'zod';
import { dimension, fieldsOf } from './board-fields.ts';
import { within } from './bounds.ts';
import type { ShapeField } from './shape.ts';
import { outlineArea, squareMetres, type Face } from './elevation.ts';
import type { Fill } from './fills/fill.ts';
import { glassFill } from './fills/glass.ts';
import { grid } from './phrases.ts';
import { slope } from './relief.ts';

const BARS = {
  bar: [5, 80],
  glazingWidth: [3, 40],
  glazingDepth: [3, 40],
} as const;

/** Panes and the bars between them, in mm. */
export const glazing = () => ({
  paneColumns: z.number().int().min(1).max(8),
  paneRows: z.number().int().min(1).max(8),
  ...within(BARS),
});
type Glazed = z.infer<z.ZodObject<ReturnType<typeof glazing>>>;

export const USUAL_GLAZING: Glazed = { paneColumns: 2, paneRows: 2, bar: 12, glazingWidth: 10, glazingDepth: 12 };

export const GLAZING_FIELDS: readonly ShapeField[] = [
  dimension('paneColumns', 'Panes across', [1, 8], { unit: 'count', main: true }),
  dimension('paneRows', 'Panes down', [1, 8], { unit: 'count', main: true }),
  ...fieldsOf(BARS, {
    bar: 'Flat of a bar',
    glazingWidth: 'Putty or moulding, width',
    glazingDepth: 'Putty or moulding, depth',
  }),
];

/** “2x3 panes”. */
export const PANES_PHRASE = grid(
  ['pane', 'panes'],
  (paneColumns, paneRows) => ({ paneColumns, paneRows }),
  '2x3 panes',
);

/** What of a pane gets no paint. */
export const GLASS_STAYS = 'glass, except a 2 mm line to seal the putty';

/** The panes of a shape as what a frame holds. */
export const glazingOf = (shape: Glazed): Fill =>
  glassFill({
    columns: shape.paneColumns,
    rows: shape.paneRows,
    bar: shape.bar,
    moulding: slope(shape.glazingWidth, shape.glazingDepth),
  });

/** Mm of the lines along all glass of a face. */
export const glassLine = (face: Face): number =>
  face.elements.reduce((sum, { part, cutIn }) => sum + (part === 'glazing-moulding' ? cutIn : 0), 0);

/** m² of glass in a face. */
export const glassIn = (face: Face): number =>
  face.unpainted
    .filter(({ why }) => why === 'glass')
    .reduce((sum, { outline }) => sum + squareMetres(outlineArea(outline)), 0);

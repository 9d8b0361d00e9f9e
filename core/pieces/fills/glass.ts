import { inset, rectangle, type Box } from '../elevation.ts';
import { element } from '../face.ts';
import { reliefExcess, type Relief } from '../relief.ts';
import { named, type Fill } from './fill.ts';

/** Panes between glazing bars; each pane has a moulding or putty line around it, and its glass gets no paint. */
export interface Glazing {
  columns: number;
  rows: number;
  /** Flat width in mm of a bar between the mouldings of its two panes. */
  bar: number;
  /** The moulding or putty around each pane. */
  moulding: Relief;
}

/** The smallest pane, in mm, that still has glass. */
const MIN_GLASS = 30;

/** Glass with its bars: horizontal bars run through, upright ones stand between them. */
export function glassFill({ columns, rows, bar, moulding }: Glazing): Fill {
  const need = (count: number): number => count * (MIN_GLASS + 2 * moulding.width) + (count - 1) * bar;
  return {
    name: columns * rows > 1 ? 'panes' : 'pane',
    least: { width: need(columns), height: need(rows) },
    parts: (field) => {
      const [left, top, width, height] = field.box;
      const paneWidth = (width - (columns - 1) * bar) / columns;
      const paneHeight = (height - (rows - 1) * bar) / rows;
      const panes = Array.from({ length: rows * columns }, (_unused, index) => {
        const [row, column] = [Math.floor(index / columns), index % columns];
        const box: Box = [left + column * (paneWidth + bar), top + row * (paneHeight + bar), paneWidth, paneHeight];
        return { id: `${field.id}-${index + 1}`, number: index + 1, row, column, box };
      });
      const glassOf = (box: Box): Box => inset(box, moulding.width);
      const mouldings = panes.map((pane) => {
        const [, , glassWidth, glassHeight] = glassOf(pane.box);
        return element({
          id: `glazing-moulding-${pane.id}`,
          name: named(field, panes.length > 1 ? `moulding of pane ${pane.number}` : 'moulding of the pane'),
          part: 'glazing-moulding',
          outline: rectangle(pane.box),
          holes: [rectangle(glassOf(pane.box))],
          excess: reliefExcess(pane.box, moulding),
          cutIn: 2 * (glassWidth + glassHeight),
        });
      });
      const across = Array.from({ length: rows - 1 }, (_unused, index) =>
        element({
          id: `bar-${field.id}-across-${index + 1}`,
          name: named(field, `cross bar ${index + 1}`),
          part: 'glazing-bar',
          outline: rectangle([left, top + (index + 1) * paneHeight + index * bar, width, bar]),
          grain: 'horizontal',
        }),
      );
      const upright = panes
        .filter((pane) => pane.column < columns - 1)
        .map(({ id, number, box: [x, y] }) =>
          element({
            id: `bar-${id}`,
            name: named(field, `bar right of pane ${number}`),
            part: 'glazing-bar',
            outline: rectangle([x + paneWidth, y, bar, paneHeight]),
          }),
        );
      return {
        elements: [...mouldings, ...upright, ...across],
        unpainted: panes.map(({ id, box }) => ({ id: `glass-${id}`, why: 'glass', outline: rectangle(glassOf(box)) })),
      };
    },
  };
}

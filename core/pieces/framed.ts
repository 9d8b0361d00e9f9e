import { capital } from '../units/sentence.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { formatLength } from '../units/length.ts';
import { rectangle, type Box, type Element, type Face, type FaceId, type Point, type Unpainted } from './elevation.ts';
import { element, faceOf } from './face.ts';
import type { Fill } from './fills/fill.ts';

/** A frame of stiles, rails and muntins around fields, sizes in mm. */
export interface Framing {
  width: number;
  height: number;
  /** Width of the two outer uprights. */
  stile: number;
  topRail: number;
  /** Height of each rail between two rows of fields. */
  crossRail: number;
  bottomRail: number;
  /** Width of the uprights between two columns of fields. */
  muntin: number;
  columns: number;
  /** How the height left for fields is shared among the rows, from the top; any positive numbers. */
  rowShares: readonly number[];
  /** What the fields of a row hold, counted from the top. */
  fill(row: number): Fill;
}

/** What is left for fields after stiles, rails and muntins: the sizes of one field of each row, in mm. */
export function fieldSizes(framing: Framing): { width: number; heights: number[] } {
  const { columns, rowShares } = framing;
  const clearWidth = framing.width - 2 * framing.stile - (columns - 1) * framing.muntin;
  const clearHeight =
    framing.height - framing.topRail - framing.bottomRail - (rowShares.length - 1) * framing.crossRail;
  const sum = rowShares.reduce((total, share) => total + share, 0);
  return { width: clearWidth / columns, heights: rowShares.map((share) => (clearHeight * share) / sum) };
}

/** Why the frame can't be made, in the painter's words; null when it can. */
export function framingFault(framing: Framing, units: UnitSystem): string | null {
  const said = (mm: number): string => formatLength(mm, units);
  const { width, heights } = fieldSizes(framing);
  for (const [row, height] of heights.entries()) {
    const { least, name } = framing.fill(row);
    if (width < least.width) {
      return `${capital(name)} needs ${said(Math.ceil(least.width))} – only ${said(Math.max(0, width))} left. Narrow the stiles or use fewer columns.`;
    }
    if (height < least.height) {
      return `${capital(name)} in row ${row + 1} needs ${said(Math.ceil(least.height))} – only ${said(Math.max(0, height))} left. Narrow the rails or use fewer rows.`;
    }
  }
  return null;
}

/** The elements of a frame with its upper left corner at `origin`; `id` keeps several frames of one face apart. */
export function framedParts(
  framing: Framing,
  {
    origin = [0, 0],
    id = '',
    of = '',
    section = 0,
  }: { origin?: Point; id?: string; of?: string; section?: number } = {},
): { elements: Element[]; unpainted: Unpainted[] } {
  const { stile, muntin, topRail, crossRail, columns } = framing;
  const { width: fieldWidth, heights } = fieldSizes(framing);
  const [left, top] = origin;
  const elements: Element[] = [];
  const unpainted: Unpainted[] = [];
  const rows = heights.length;
  const add = (part: 'rail' | 'stile' | 'muntin', name: string, place: string, [x, y, width, height]: Box): void => {
    elements.push(
      element({
        id: `${id}${part}-${place}`,
        name: of ? `${name} of ${of}` : name,
        part,
        outline: rectangle([left + x, top + y, width, height]),
        grain: part === 'rail' ? 'horizontal' : 'vertical',
      }),
    );
  };

  const railWidth = framing.width - 2 * stile;
  add('rail', 'top rail', '0', [stile, 0, railWidth, topRail]);
  let y = topRail;
  heights.forEach((height, row) => {
    for (let column = 0; column < columns; column++) {
      const x = stile + column * (fieldWidth + muntin);
      const place = fieldPlace(row, column, rows, columns);
      const parts = framing
        .fill(row)
        .parts({ id: `${id}${row}-${column}`, place, of, box: [left + x, top + y, fieldWidth, height] });
      elements.push(...parts.elements);
      unpainted.push(...parts.unpainted);
      if (column < columns - 1) {
        const name = rows > 1 ? `muntin of row ${row + 1}` : 'muntin';
        add('muntin', name, `${row}-${column}`, [x + fieldWidth, y, muntin, height]);
      }
    }
    y += height;
    const last = row === rows - 1;
    const railHeight = last ? framing.bottomRail : crossRail;
    add('rail', last ? 'bottom rail' : `cross rail ${row + 1}`, `${row + 1}`, [stile, y, railWidth, railHeight]);
    y += railHeight;
  });
  add('stile', 'left stile', 'left', [0, 0, stile, framing.height]);
  add('stile', 'right stile', 'right', [framing.width - stile, 0, stile, framing.height]);
  const there = elements.filter(({ projectedArea }) => projectedArea > 0);
  return { elements: section === 0 ? there : there.map((element) => ({ ...element, section })), unpainted };
}

/** The parts of a framed face; together they tile it without gap or overlap. */
export const framedFace = (id: FaceId, framing: Framing): Face =>
  faceOf(id, framing.width, framing.height, framedParts(framing));

/** Where a field is among its neighbours: “upper left”, “middle”, “row 3”. */
function fieldPlace(row: number, column: number, rows: number, columns: number): string {
  const across = columns === 1 ? '' : columns === 2 ? (column === 0 ? ' left' : ' right') : ` ${column + 1}`;
  const down =
    rows === 1 ? '' : row === 0 ? 'upper' : row === rows - 1 ? 'lower' : rows === 3 ? 'middle' : `row ${row + 1}`;
  return `${down}${across}`.trim();
}

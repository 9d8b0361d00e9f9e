import { rectangle, squareMetres, type Element, type Face, type FaceId, type Grain } from './elevation.ts';

/** A face of stiles, rails and muntins around panels, sizes in mm. */
export interface Framing {
  width: number;
  height: number;
  /** Width of the two outer uprights. */
  stile: number;
  topRail: number;
  /** Height of each rail between two rows of panels. */
  crossRail: number;
  bottomRail: number;
  /** Width of the uprights between two columns of panels. */
  muntin: number;
  columns: number;
  /** How the height left for panels is shared among the rows, from the top; any positive numbers. */
  rowShares: readonly number[];
  /** A raised panel's mitred bevel inside its sight line; null for a flat panel. */
  bevel: { width: number; depth: number } | null;
  /** Extra girth in mm, beyond the flat, of a moulding run around each panel; 0 without. */
  mouldingGirth: number;
}

/** What is left for panels after stiles, rails and muntins: the sizes of one panel of each row, in mm. */
export function panelSizes(framing: Framing): { width: number; heights: number[] } {
  const { columns, rowShares } = framing;
  const clearWidth = framing.width - 2 * framing.stile - (columns - 1) * framing.muntin;
  const clearHeight =
    framing.height - framing.topRail - framing.bottomRail - (rowShares.length - 1) * framing.crossRail;
  const sum = rowShares.reduce((total, share) => total + share, 0);
  return { width: clearWidth / columns, heights: rowShares.map((share) => (clearHeight * share) / sum) };
}

/** Why the framing can't be drawn, in the painter's words; null when it can. */
export function framingFault(framing: Framing): string | null {
  const { width, heights } = panelSizes(framing);
  const margin = 2 * (framing.bevel?.width ?? 0) + 10;
  if (width < margin) {
    return `Stiles and muntins leave ${Math.max(0, Math.round(width))} mm for a panel; it needs ${margin} mm. Narrow the stiles or take fewer columns.`;
  }
  const lowest = Math.min(...heights);
  if (lowest < margin) {
    return `Rails leave ${Math.max(0, Math.round(lowest))} mm for the lowest panel; it needs ${margin} mm. Lower the rails or take fewer rows.`;
  }
  return null;
}

/** What the slopes of a mitred bevel all round a panel add to its flat area, in mm². */
function bevelExcess(width: number, height: number, bevel: NonNullable<Framing['bevel']>): number {
  const ring = width * height - (width - 2 * bevel.width) * (height - 2 * bevel.width);
  return ring * (Math.hypot(bevel.width, bevel.depth) / bevel.width - 1);
}

/** The panels, rails, stiles and muntins of a framed face; together they tile it without gap or overlap. */
export function framedFace(id: FaceId, framing: Framing): Face {
  const { stile, muntin, topRail, crossRail, columns } = framing;
  const { width: panelWidth, heights } = panelSizes(framing);
  const elements: Element[] = [];
  const laps: [string, string][] = [];
  const rows = heights.length;

  const add = (
    elementId: string,
    name: string,
    part: Element['part'],
    [x, y, width, height]: readonly [number, number, number, number],
    grain: Grain,
  ): void => {
    const flat = width * height;
    const isPanel = part === 'panel';
    const excess = isPanel
      ? (framing.bevel ? bevelExcess(width, height, framing.bevel) : 0) + 2 * (width + height) * framing.mouldingGirth
      : 0;
    elements.push({
      id: elementId,
      name,
      part,
      outline: rectangle(x, y, width, height),
      projectedArea: squareMetres(flat),
      developedArea: squareMetres(flat + excess),
      cutIn: isPanel ? 2 * (width + height) : 0,
      grain,
    });
  };

  const railWidth = framing.width - 2 * stile;
  let y = topRail;
  add('rail-0', 'top rail', 'rail', [stile, 0, railWidth, topRail], 'horizontal');
  heights.forEach((height, row) => {
    for (let column = 0; column < columns; column++) {
      const x = stile + column * (panelWidth + muntin);
      const panel = `panel-${row}-${column}`;
      add(panel, panelName(row, column, rows, columns), 'panel', [x, y, panelWidth, height], 'vertical');
      laps.push([panel, `rail-${row}`], [panel, `rail-${row + 1}`]);
      if (column === 0) laps.push([panel, 'stile-left']);
      if (column === columns - 1) laps.push([panel, 'stile-right']);
      else {
        const bar = `muntin-${row}-${column}`;
        add(
          bar,
          rows > 1 ? `muntin of row ${row + 1}` : 'muntin',
          'muntin',
          [x + panelWidth, y, muntin, height],
          'vertical',
        );
        laps.push([bar, panel], [bar, `panel-${row}-${column + 1}`], [bar, `rail-${row}`], [bar, `rail-${row + 1}`]);
      }
    }
    y += height;
    const last = row === rows - 1;
    const railHeight = last ? framing.bottomRail : crossRail;
    add(
      `rail-${row + 1}`,
      last ? 'bottom rail' : `cross rail ${row + 1}`,
      'rail',
      [stile, y, railWidth, railHeight],
      'horizontal',
    );
    y += railHeight;
  });
  for (const side of ['left', 'right'] as const) {
    const x = side === 'left' ? 0 : framing.width - stile;
    add(`stile-${side}`, `${side} stile`, 'stile', [x, 0, stile, framing.height], 'vertical');
    for (let rail = 0; rail <= rows; rail++) laps.push([`stile-${side}`, `rail-${rail}`]);
  }
  return { id, width: framing.width, height: framing.height, elements, laps };
}

function panelName(row: number, column: number, rows: number, columns: number): string {
  const across = columns === 1 ? '' : columns === 2 ? [' left', ' right'][column] : ` ${column + 1}`;
  const down =
    rows === 1 ? '' : row === 0 ? 'upper' : row === rows - 1 ? 'lower' : rows === 3 ? 'middle' : `row ${row + 1}`;
  return `${down}${across} panel`.trim();
}

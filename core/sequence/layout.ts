import type { FaceId, Point } from '../pieces/elevation.ts';
import type { Pass, Sheet } from './pass.ts';
import { boundsOf, middleOf, type Stroke } from './stroke.ts';

/** A stretch of a sheet as it is drawn: its origin in px, and which part of the sheet stands in it, in mm across. */
export interface DrawnRow {
  face: FaceId;
  sheet: Sheet;
  from: number;
  until: number;
  /** Where the sheet's own origin would lie. */
  x: number;
  y: number;
  /** Its name, on the first row of each sheet. */
  title: { x: number; y: number; words: string } | null;
}

/** A pass as it is drawn, in px. */
export interface Layout {
  width: number;
  height: number;
  /** px a mm. */
  scale: number;
  rows: readonly DrawnRow[];
}

/** What is wider than so many heights, and than so many mm, is folded into rows like lines of text. */
const MAX_ASPECT = 3.2;
const FOLDED_FROM = 2600;
const TITLE = 24;
const GAP = 22;

interface Extent {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

function extentOf({ strokes }: Pick<Pass, 'strokes'>, sheet: Sheet): Extent {
  const extent = { left: 0, right: sheet.width, top: 0, bottom: sheet.height };
  for (const stroke of strokes) {
    if (stroke.sheet !== sheet.face) continue;
    const { x, y, width, height } = boundsOf(stroke.outline);
    extent.left = Math.min(extent.left, x);
    extent.right = Math.max(extent.right, x + width);
    extent.top = Math.min(extent.top, y);
    extent.bottom = Math.max(extent.bottom, y + height);
  }
  return extent;
}

/** Where a sheet may be cut into rows: across no stroke. */
function rowEnds({ strokes }: Pick<Pass, 'strokes'>, sheet: Sheet, extent: Extent): number[] {
  const high = extent.bottom - extent.top;
  const longest = Math.max(MAX_ASPECT * high, FOLDED_FROM);
  if (extent.right - extent.left <= longest) return [extent.right];
  const spans = strokes
    .filter((stroke) => stroke.sheet === sheet.face)
    .map(({ outline }) => boundsOf(outline))
    .map(({ x, width }) => [x, x + width] as const)
    .sort(([one], [other]) => one - other);
  const cuts: number[] = [];
  let reached = extent.left;
  for (const [from, until] of spans) {
    if (from >= reached - 0.01 && from > extent.left) cuts.push(from);
    reached = Math.max(reached, until);
  }
  const ends: number[] = [];
  let begun = extent.left;
  for (const [index, cut] of cuts.entries()) {
    const next = cuts[index + 1] ?? extent.right;
    if (next - begun > longest && cut > begun) {
      ends.push(cut);
      begun = cut;
    }
  }
  return [...ends, extent.right];
}

/** Places the sheets of a pass side by side, or long ones in rows, in `width` px and, but for rows, `height` px. */
export function layoutOf(pass: Pick<Pass, 'strokes' | 'sheets'>, width: number, height: number): Layout {
  const sheets = pass.sheets.map((sheet) => {
    const extent = extentOf(pass, sheet);
    return { sheet, extent, ends: rowEnds(pass, sheet, extent) };
  });
  const isFolded = sheets.some(({ ends }) => ends.length > 1);
  return isFolded ? inRows(sheets, width, height) : sideBySide(sheets, width, height);
}

interface Measured {
  sheet: Sheet;
  extent: Extent;
  ends: readonly number[];
}

function sideBySide(sheets: readonly Measured[], width: number, height: number): Layout {
  const gaps = GAP * Math.max(0, sheets.length - 1);
  const across = sheets.reduce((sum, { extent }) => sum + extent.right - extent.left, 0);
  const down = Math.max(1, ...sheets.map(({ extent }) => extent.bottom - extent.top));
  const scale = Math.min((width - gaps) / Math.max(1, across), (height - TITLE) / down);
  let x = (width - gaps - across * scale) / 2;
  const rows = sheets.map(({ sheet, extent }): DrawnRow => {
    const wide = (extent.right - extent.left) * scale;
    const row = {
      face: sheet.face,
      sheet,
      from: extent.left,
      until: extent.right,
      x: x - extent.left * scale,
      y: TITLE - extent.top * scale,
      title: { x: x + wide / 2, y: TITLE - 9, words: sheet.name },
    };
    x += wide + GAP;
    return row;
  });
  return { width, height: down * scale + TITLE, scale, rows };
}

function inRows(sheets: readonly Measured[], width: number, height: number): Layout {
  const widest = Math.max(
    ...sheets.flatMap(({ extent, ends }) =>
      ends.map((end, index) => end - (index === 0 ? extent.left : (ends[index - 1] ?? extent.left))),
    ),
  );
  const highest = Math.max(...sheets.map(({ extent }) => extent.bottom - extent.top));
  const scale = Math.min(width / widest, (height - TITLE) / highest);
  let y = 0;
  const rows = sheets.flatMap(({ sheet, extent, ends }) => {
    y += TITLE;
    return ends.map((until, index): DrawnRow => {
      const from = index === 0 ? extent.left : (ends[index - 1] ?? extent.left);
      const row = {
        face: sheet.face,
        sheet,
        from,
        until,
        x: -from * scale,
        y: y - extent.top * scale,
        title: index === 0 ? { x: width / 2, y: y - 9, words: sheet.name } : null,
      };
      y += (extent.bottom - extent.top) * scale + GAP;
      return row;
    });
  });
  return { width, height: y, scale, rows };
}

/** The row in which a stroke is drawn. */
export function rowOf({ rows }: Layout, { sheet, outline }: Pick<Stroke, 'sheet' | 'outline'>): DrawnRow | undefined {
  const [x] = middleOf(outline);
  return rows.find(({ face, from, until }) => face === sheet && x >= from && x <= until);
}

/** A point of a stroke's sheet in px. */
export function drawnAt(layout: Layout, stroke: Pick<Stroke, 'sheet' | 'outline'>, [x, y]: Point): Point {
  const row = rowOf(layout, stroke);
  return [(row?.x ?? 0) + x * layout.scale, (row?.y ?? 0) + y * layout.scale];
}

/** A number on a stroke, in px. */
export interface Label {
  id: string;
  number: number;
  x: number;
  y: number;
}

/** Half a label's width in px. */
export const LABEL_RADIUS = 10.5;

/** How wide a number is drawn, in px. */
export const labelWidth = (number: number): number => (number > 99 ? 30 : 2 * LABEL_RADIUS);

/** Where a stroke's number stands: in its middle; on what has a hole, in its lower left part. */
export function labelPoint({ outline, holes }: Stroke): Point {
  const [hole] = holes;
  if (!hole) return middleOf(outline);
  const [outer, inner] = [boundsOf(outline), boundsOf(hole)];
  return [(outer.x + inner.x) / 2, outer.y + outer.height * 0.62];
}

/** The numbers that there is room for, in the order of the strokes; among spindles and louvres only some. */
export function labelsOf(layout: Layout, ordered: readonly Stroke[]): Label[] {
  const labels: Label[] = [];
  ordered.forEach((stroke, index) => {
    if (!rowOf(layout, stroke)) return;
    const [x, y] = drawnAt(layout, stroke, labelPoint(stroke));
    const number = index + 1;
    const isFree = labels.every(
      (other) =>
        Math.abs(other.x - x) > labelWidth(other.number) / 2 + labelWidth(number) / 2 ||
        Math.abs(other.y - y) > 2 * LABEL_RADIUS,
    );
    if (isFree) labels.push({ id: stroke.id, number, x, y });
  });
  return labels;
}

/** How far a flag steps aside at once, in px, and how often. */
const STEP_ASIDE = 12;
const MAX_STEPS = 14;

/**
 * The middle of a place for a flag of `width` × `height` px that covers no number and lies within the drawing: as near to
 * `at` as there is one; `at` itself, moved into the drawing, where there is none.
 */
export function clearPlace(
  layout: Pick<Layout, 'width' | 'height'>,
  labels: readonly Label[],
  { at: [x, y], width, height }: { at: Point; width: number; height: number },
): Point {
  const within = ([left, top]: Point): Point => [
    Math.max(width / 2, Math.min(layout.width - width / 2, left)),
    Math.max(height / 2, Math.min(layout.height - height / 2, top)),
  ];
  const isClear = ([left, top]: Point): boolean =>
    labels.every(
      (label) =>
        Math.abs(label.x - left) >= (labelWidth(label.number) + width) / 2 ||
        Math.abs(label.y - top) >= LABEL_RADIUS + height / 2,
    );
  const offsets = Array.from({ length: 2 * MAX_STEPS + 1 }, (_unused, index) => (index - MAX_STEPS) * STEP_ASIDE);
  const places = offsets
    .flatMap((across) => offsets.map((down): [number, Point] => [Math.hypot(across, down), [x + across, y + down]]))
    .sort(([one], [other]) => one - other);
  return places.map(([, place]) => within(place)).find(isClear) ?? within([x, y]);
}

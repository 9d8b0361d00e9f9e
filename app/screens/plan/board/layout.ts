import type { Job } from '../../../../core/job/document/schema.ts';
import { placeOf } from '../../../../core/job/queries/places.ts';
import type { Lying } from '../../../../core/planning/reading/drying-places.ts';
import type { BenchUse, PlanReading, Run } from '../../../../core/planning/reading/read-plan.ts';
import type { SiteWork } from '../../../../core/planning/drafting/site-work.ts';

/** One row of the board, in pixels below the air. */
export interface BoardRow {
  kind: 'painter' | 'bench' | 'rack' | 'in-place';
  label: string;
  top: number;
  height: number;
  /** Whose row it is. */
  painterId: string | null;
}

/** Something on a row; minutes from the plan's t0. */
export interface BoardItem {
  /** Unique on the board. */
  id: string;
  row: number;
  from: number;
  until: number;
  pieceIds: readonly string[];
  shows:
    | { kind: 'run'; run: Run }
    | { kind: 'site'; work: SiteWork }
    | { kind: 'bench'; use: BenchUse }
    | { kind: 'lying'; lying: Lying };
}

export interface BoardLayout {
  rows: readonly BoardRow[];
  /** Row by row, each in the order of time. */
  items: readonly BoardItem[];
  /** Pixels of all rows. */
  height: number;
  /** In-place rows that are not shown. */
  hidden: number;
}

const HEIGHTS: Readonly<Record<BoardRow['kind'], number>> = { painter: 44, bench: 26, rack: 30, 'in-place': 26 };
const GAP = 14;
/** Rows of what dries in place, until all are asked for. */
export const FEW_IN_PLACE = 6;

const slotsOf = (uses: readonly { slot: number }[]): number =>
  uses.reduce((most, { slot }) => Math.max(most, slot + 1), 0);

/** Rows and what stands on them: painters, then the bench, the rack, and what dries in place. */
export function boardLayout(job: Job, reading: PlanReading, showsAllInPlace: boolean): BoardLayout {
  const rows: BoardRow[] = [];
  let top = 0;
  const addRows = (kind: BoardRow['kind'], labels: readonly string[], painterIds: readonly string[] = []): number => {
    const first = rows.length;
    if (first > 0 && labels.length > 0) top += GAP;
    labels.forEach((label, index) => {
      rows.push({ kind, label, top, height: HEIGHTS[kind], painterId: painterIds[index] ?? null });
      top += HEIGHTS[kind];
    });
    return first;
  };
  const numbered = (name: string, count: number): string[] =>
    Array.from({ length: count }, (_unused, slot) => (slot === 0 ? `1 ${name}` : String(slot + 1)));

  const inPlace = slotsOf(reading.inPlace);
  const shownInPlace = showsAllInPlace ? inPlace : Math.min(inPlace, FEW_IN_PLACE);
  const painterRow = addRows(
    'painter',
    job.crew.map(({ name }) => name),
    job.crew.map(({ id }) => id),
  );
  const benchRow = addRows('bench', numbered(placeOf(job, 'bench').name, slotsOf(reading.benches)));
  const rackRow = addRows('rack', numbered(placeOf(job, 'rack').name, Math.max(1, slotsOf(reading.lyings))));
  const placeRow = addRows('in-place', numbered('in place', shownInPlace));

  const items = job.crew.flatMap(({ id }, index) => workOf(id, painterRow + index, reading));
  for (const use of reading.benches) {
    const row = benchRow + use.slot;
    const pieceIds = use.steps.map(({ piece }) => piece.id);
    const { from, until, steps } = use;
    items.push({ id: `${row}/${steps[0]?.id ?? ''}`, row, from, until, pieceIds, shows: { kind: 'bench', use } });
  }
  const lie = (lyings: readonly Lying[], first: number, count: number): void => {
    for (const lying of lyings) {
      if (lying.slot >= count) continue;
      const { from, until, piece, after } = lying;
      const row = first + lying.slot;
      items.push({ id: `${row}/${after.id}`, row, from, until, pieceIds: [piece.id], shows: { kind: 'lying', lying } });
    }
  };
  lie(reading.lyings, rackRow, Infinity);
  lie(reading.inPlace, placeRow, shownInPlace);
  items.sort((one, other) => one.row - other.row || one.from - other.from);
  return { rows, items, height: top, hidden: inPlace - shownInPlace };
}

/** The runs of a painter, and what they do on site. */
function workOf(painterId: string, row: number, reading: PlanReading): BoardItem[] {
  const runs = reading.runs.filter(({ painters }) => painters.includes(painterId));
  const siteWork = reading.siteWork.filter(({ painters }) => painters.includes(painterId));
  return [
    ...runs.map((run): BoardItem => {
      const { id, start, end, steps } = run;
      const pieceIds = steps.map(({ piece }) => piece.id);
      return { id: `${row}/${id}`, row, from: start, until: end, pieceIds, shows: { kind: 'run', run } };
    }),
    ...siteWork.map((work): BoardItem => {
      const { id, start, end } = work;
      return { id: `${row}/${id}`, row, from: start, until: end, pieceIds: [], shows: { kind: 'site', work } };
    }),
  ];
}

/** Where an arrow key leads from an item; itself where there is nothing further. */
export function neighbour(
  items: readonly BoardItem[],
  from: string | null,
  direction: 'left' | 'right' | 'up' | 'down' | 'first' | 'last',
): BoardItem | null {
  const at = items.findIndex(({ id }) => id === from);
  const item = items[at] ?? items[0];
  if (item === undefined) return null;
  if (at < 0) return item;
  const own = items.filter(({ row }) => row === item.row);
  if (direction === 'first') return own[0] ?? item;
  if (direction === 'last') return own.at(-1) ?? item;
  if (direction === 'left' || direction === 'right') {
    const next = items[at + (direction === 'left' ? -1 : 1)];
    return next?.row === item.row ? next : item;
  }
  const isBeyond = (row: number): boolean => (direction === 'up' ? row < item.row : row > item.row);
  const others = items.filter(({ row }) => isBeyond(row));
  const row = others.reduce<number | null>((nearest, { row: other }) => {
    if (nearest === null) return other;
    return direction === 'up' ? Math.max(nearest, other) : Math.min(nearest, other);
  }, null);
  const distance = (other: BoardItem): number =>
    Math.max(0, other.from - item.until, item.from - other.until) + Math.abs(other.from - item.from) / 1e6;
  return others
    .filter((other) => other.row === row)
    .reduce(
      (nearest, other) => (distance(other) < distance(nearest) ? other : nearest),
      others.find((other) => other.row === row) ?? item,
    );
}

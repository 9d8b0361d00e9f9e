import type { BoardItem, BoardRow } from './layout.ts';
import type { TimeAxis } from './time-axis.ts';

/** A line through everything that happens to a piece, from hands to rack and back. */
export function Journey({
  items,
  followed,
  axis,
  rows,
}: {
  items: readonly BoardItem[];
  followed: string;
  axis: TimeAxis;
  rows: readonly BoardRow[];
}) {
  const points = items
    .filter((item) => item.pieceIds.includes(followed) && item.shows.kind !== 'bench')
    .sort((one, other) => one.from - other.from)
    .flatMap(({ row, from, until }) => {
      const y = (rows[row]?.top ?? 0) + (rows[row]?.height ?? 0) / 2;
      return [`${axis.x(from)} ${y}`, `${axis.x(until)} ${y}`];
    });
  return points.length === 0 ? null : (
    <path
      d={`M${points.join('L')}`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={2}
      strokeDasharray="2 5"
      strokeLinecap="round"
      aria-hidden
    />
  );
}

import type { Move } from '../../../../core/planning/revising/moving.ts';
import type { BoardItem, BoardRow } from './layout.ts';
import type { TimeAxis } from './time-axis.ts';

/** Minutes to which a run that is moved snaps. */
const SNAP = 5;

/**
 * Where a run would stand that is held so many px right of and below its place: in steps of five minutes, in the hands of
 * the painter whose row it is over; two who work together stay together. Null for what is no run.
 */
export function heldMove(
  { shows, row: ownRow }: Pick<BoardItem, 'shows' | 'row'>,
  rows: readonly BoardRow[],
  axis: Pick<TimeAxis, 'x' | 'minutesAt'>,
  by: { x: number; y: number },
): Move | null {
  if (shows.kind !== 'run') return null;
  const { run } = shows;
  const start = Math.round(axis.minutesAt(axis.x(run.start) + by.x) / SNAP) * SNAP;
  const painterRows = rows.filter(({ kind }) => kind === 'painter');
  const down = Math.round(by.y / (painterRows[0]?.height ?? 1));
  const row = painterRows[Math.max(0, Math.min(painterRows.length - 1, ownRow + down))];
  const painters = run.painters.length > 1 || !row?.painterId ? run.painters : [row.painterId];
  return { taskIds: run.steps.map(({ id }) => id), start, painters };
}

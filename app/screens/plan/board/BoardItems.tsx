import type { PlanReading, Run } from '../../../../core/planning/reading/read-plan.ts';
import { ItemView } from './ItemView.tsx';
import type { BoardItem, BoardRow } from './layout.ts';
import type { TimeAxis } from './time-axis.ts';

interface BoardItemsProps {
  items: readonly BoardItem[];
  rows: readonly BoardRow[];
  axis: TimeAxis;
  reading: Pick<PlanReading, 't0'>;
  timeZone: string;
  /** Minutes from the plan's t0: what begins before can't be moved. */
  at: number;
  pinned: ReadonlySet<string>;
  focused: string | null;
  tabStop: string | null;
  chosen: Run | null;
  followed: string | null;
}

/** The rows of the board, with everything on them that is in sight. */
export function BoardItems(props: BoardItemsProps) {
  const { items: shown, rows, axis, reading, timeZone: zone, at, pinned, focused, tabStop, chosen, followed } = props;
  return (
    <>
      {rows.map((row) => (
        <line
          key={row.top}
          x1={0}
          x2={axis.width}
          y1={row.top + row.height}
          y2={row.top + row.height}
          stroke="var(--line)"
        />
      ))}
      {shown.map((item) => (
        <ItemView
          key={item.id}
          item={item}
          axis={axis}
          top={rows[item.row]?.top ?? 0}
          height={rows[item.row]?.height ?? 0}
          t0={reading.t0}
          timeZone={zone}
          isPinned={isPinned(item, pinned)}
          canMove={item.from >= at}
          isTabStop={item.id === tabStop}
          isFocused={item.id === focused}
          isChosen={isChosen(item, chosen, followed)}
          isFaint={followed !== null && !item.pieceIds.includes(followed)}
        />
      ))}
    </>
  );
}

function isChosen({ shows }: BoardItem, chosen: Run | null, followed: string | null): boolean {
  if (shows.kind === 'run') return shows.run.id === chosen?.id;
  if (shows.kind === 'bench') return shows.use.run.id === chosen?.id;
  return shows.kind === 'lying' && shows.lying.piece.id === followed;
}

function isPinned({ shows }: BoardItem, pinned: ReadonlySet<string>): boolean {
  return shows.kind === 'run' && shows.run.steps.some((step) => pinned.has(step.id));
}

import { memo } from 'react';
import { useLocalise } from '../../../open-job/use-job.ts';
import { itemWords } from './item-words.ts';
import type { BoardItem } from './layout.ts';
import { LyingBar } from './LyingBar.tsx';
import { SiteWorkBar } from './SiteWorkBar.tsx';
import { BenchBar, RunBar } from './RunBar.tsx';
import type { TimeAxis } from './time-axis.ts';

/** Pixels of a bar that can be hit and seen. */
const THIN = 10;

interface ItemViewProps {
  item: BoardItem;
  axis: TimeAxis;
  /** Of its row, in pixels. */
  top: number;
  height: number;
  t0: string;
  timeZone: string;
  isPinned: boolean;
  canMove: boolean;
  /** Whether the tab key leads here. */
  isTabStop: boolean;
  isFocused: boolean;
  isChosen: boolean;
  isFaint: boolean;
}

/** Something on the board, as a button; drawn again only when something about it changes, for there are thousands. */
export const ItemView = memo(function ItemView({
  item,
  axis,
  top,
  height,
  t0,
  timeZone,
  isPinned,
  canMove,
  isTabStop,
  isFocused,
  isChosen,
  isFaint,
}: ItemViewProps) {
  const words = useLocalise()(`${itemWords(item, t0, timeZone)}${isPinned ? ', pinned' : ''}`);
  const { x } = axis;
  return (
    <g
      data-item={item.id}
      className="board-item"
      role="button"
      tabIndex={isTabStop ? 0 : -1}
      aria-label={words}
      aria-pressed={isChosen}
      transform={`translate(0 ${top})`}
      opacity={isFaint ? 0.22 : 1}
    >
      <title>{words}</title>
      <Bar item={item} axis={axis} height={height} t0={t0} isPinned={isPinned} canMove={canMove} />
      {(isChosen || isFocused) && (
        <rect
          className={isChosen ? 'board-chosen' : 'board-focus'}
          x={x(item.from) - 2}
          y={2}
          width={Math.max(THIN, x(item.until) - x(item.from)) + 4}
          height={height - 4}
          rx={5}
          fill="none"
        />
      )}
    </g>
  );
});

function Bar({
  item: { id, shows },
  axis: { x },
  height,
  t0,
  isPinned,
  canMove,
}: Pick<ItemViewProps, 'item' | 'axis' | 'height' | 't0' | 'isPinned' | 'canMove'>) {
  switch (shows.kind) {
    case 'run':
      return <RunBar id={id} run={shows.run} x={x} height={height} isPinned={isPinned} canMove={canMove} />;
    case 'site':
      return <SiteWorkBar work={shows.work} x={x} t0={t0} top={7} height={height - 14} />;
    case 'bench':
      return <BenchBar use={shows.use} x={x} height={height} />;
    case 'lying':
      return <LyingBar lying={shows.lying} x={x} height={height} />;
  }
}

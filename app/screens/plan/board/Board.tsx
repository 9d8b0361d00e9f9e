import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DndContextProps,
  type DragStartEvent,
} from '@dnd-kit/core';
import Box from '@mui/material/Box';
import { useMemo, useRef, useState } from 'react';
import { placeOf } from '../../../../core/job/queries/places.ts';
import type { AcceptedPlan, Pin } from '../../../../core/job/document/plan-schema.ts';
import type { JobProblem } from '../../../../core/planning/drafting/job-to-problem.ts';
import type { PlanReading, Run } from '../../../../core/planning/reading/read-plan.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { WetnessPatterns } from '../../../drawing/wetness.tsx';
import type { MovingState } from '../use-moving.ts';
import { BoardBar } from './BoardBar.tsx';
import { BoardItems } from './BoardItems.tsx';
import { BoardKey } from './BoardKey.tsx';
import { heldMove } from './held-move.ts';
import type { TimeAxis } from './time-axis.ts';
import { Journey } from './Journey.tsx';
import { NowLine } from './NowLine.tsx';
import { RowLabels } from './RowLabels.tsx';
import { useBoardFocus } from './use-board-focus.ts';
import { useBoardTime } from './use-board-time.ts';
import { WasGhost } from './WasGhost.tsx';
import { AimGhost } from './AimGhost.tsx';
import { AIR, Backdrop, HEAD } from './Backdrop.tsx';
import { boardLayout, type BoardItem, type BoardLayout } from './layout.ts';

interface BoardProps {
  reading: PlanReading;
  problem: JobProblem;
  pins: readonly Pin[];
  /** The accepted plan, where another one is shown. */
  before: Pick<AcceptedPlan, 'tasks'> | null;
  moving: MovingState;
  /** The run that is looked at, and the piece that is followed. */
  chosen: Run | null;
  followed: string | null;
  onChoose(run: Run): void;
  onFollow(pieceId: string | null): void;
}

/** The whole job on one board: painters above, bench, rack and what dries in place below, the air behind, on one time. */
export function Board({ reading, problem, pins, before, moving, chosen, followed, onChoose, onFollow }: BoardProps) {
  const job = useJob();
  const [showsAll, setShowsAll] = useState(false);
  const scroll = useRef<HTMLDivElement>(null);
  const drawing = useRef<SVGSVGElement>(null);
  const { timeZone: zone, at, axis, scale, sight, zoom, goToNow } = useBoardTime(reading, scroll);
  const { rows, items, height, hidden } = useMemo(() => boardLayout(job, reading, showsAll), [job, reading, showsAll]);
  const top = HEAD + AIR;
  const whole = top + height + 12;
  const rack = placeOf(job, 'rack');
  const pinned = useMemo(() => new Set(pins.map(({ taskId }) => taskId)), [pins]);

  const { focused, setFocused, choose, itemAt, onKey } = useBoardFocus({
    items,
    axis,
    scroll,
    drawing,
    followed,
    onChoose,
    onFollow,
  });
  const shown = useMemo(
    () =>
      items.filter(
        (item) => item.id === focused || (axis.x(item.until) >= sight.from && axis.x(item.from) <= sight.until),
      ),
    [items, axis, sight, focused],
  );
  const tabStop = shown.some(({ id }) => id === focused) ? focused : (shown[0]?.id ?? null);

  const dragging = useDragging({
    items,
    rows,
    axis,
    moving,
    onStart: (item) => {
      setFocused(item.id);
      if (item.shows.kind === 'run') onChoose(item.shows.run);
    },
  });

  return (
    <Box>
      <BoardBar scale={scale} runs={reading.runs} onZoom={zoom} onGoToNow={goToNow} />
      <Box
        sx={{
          display: 'flex',
          background: 'var(--sheet)',
          border: '1px solid var(--line)',
          borderRadius: '8px',
          overflow: 'hidden',
        }}
      >
        <RowLabels rows={rows} rackName={rack.name} height={whole} />
        <DndContext autoScroll={false} {...dragging}>
          <Box ref={scroll} sx={{ overflowX: 'auto', flex: 1, position: 'relative' }}>
            <svg
              ref={drawing}
              width={Math.max(axis.width, 200)}
              height={whole}
              style={{ display: 'block' }}
              role="group"
              aria-label="Board. Arrow keys move between jobs, Enter opens one. Days lists the same."
              onKeyDown={onKey}
              onFocus={(event) => setFocused(itemAt(event.target)?.id ?? focused)}
              onClick={(event) => {
                const item = itemAt(event.target);
                if (item === null) return;
                setFocused(item.id);
                choose(item);
              }}
            >
              <WetnessPatterns />
              <Backdrop
                t0={reading.t0}
                timeZone={zone}
                axis={axis}
                height={whole}
                problem={problem}
                climateId={rack.climateId}
              />
              <g transform={`translate(0 ${top})`}>
                <BoardItems
                  items={shown}
                  rows={rows}
                  axis={axis}
                  reading={reading}
                  timeZone={zone}
                  at={at}
                  pinned={pinned}
                  focused={focused}
                  tabStop={tabStop}
                  chosen={chosen}
                  followed={followed}
                />
                {followed !== null && <Journey items={items} followed={followed} axis={axis} rows={rows} />}
                {chosen && before && (
                  <WasGhost run={chosen} reading={reading} before={before} rows={rows} axis={axis} />
                )}
                {moving.aim && (
                  <AimGhost aim={moving.aim} minutes={minutesOf(reading, moving.aim.taskIds)} rows={rows} axis={axis} />
                )}
              </g>
              {at >= axis.first && at <= axis.first + axis.days * 1440 && <NowLine x={axis.x(at)} height={whole} />}
            </svg>
          </Box>
        </DndContext>
      </Box>
      <BoardKey reading={reading} hidden={hidden} onShowAll={() => setShowsAll(true)} />
    </Box>
  );
}

interface Dragging extends Pick<BoardLayout, 'items' | 'rows'> {
  axis: TimeAxis;
  moving: MovingState;
  onStart(item: BoardItem): void;
}

/** What the board does while a run is dragged: it is aimed where it would lie, and moved when it is let go. */
function useDragging({ items, rows, axis, moving, onStart }: Dragging): DndContextProps {
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 6 } }),
  );
  const itemOf = ({ active }: Pick<DragStartEvent, 'active'>): BoardItem | undefined =>
    items.find(({ id }) => id === active.id);
  return {
    sensors,
    onDragStart: (event) => {
      const item = itemOf(event);
      if (item) onStart(item);
    },
    onDragMove: (event) => {
      const item = itemOf(event);
      const move = item && heldMove(item, rows, axis, event.delta);
      if (move) moving.aimAt(move);
    },
    onDragEnd: moving.drop,
    onDragCancel: moving.putBack,
  };
}

/** How long a run's hands are on it. */
function minutesOf({ starts, ends }: PlanReading, taskIds: readonly string[]): number {
  return taskIds.reduce((sum, id) => sum + Math.max(0, (ends.get(id) ?? 0) - (starts.get(id) ?? 0)), 0);
}

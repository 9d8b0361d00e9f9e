import { DndContext, MouseSensor, TouchSensor, useSensor, useSensors, type DragMoveEvent } from '@dnd-kit/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffectEvent, useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { placeOf } from '../../../../core/job/queries/places.ts';
import type { AcceptedPlan, Pin } from '../../../../core/job/document/plan-schema.ts';
import { minutesSince } from '../../../../core/job/site-time.ts';
import { WETNESS } from '../../../../core/planning/reading/drying-places.ts';
import type { JobProblem } from '../../../../core/planning/drafting/job-to-problem.ts';
import type { PlanReading, Run } from '../../../../core/planning/reading/read-plan.ts';
import { useJob, useNow } from '../../../open-job/use-job.ts';
import { WetnessKey, WetnessPatterns } from '../../../drawing/wetness.tsx';
import type { MovingState } from '../use-moving.ts';
import { AimGhost } from './AimGhost.tsx';
import { AIR, Backdrop, HEAD } from './Backdrop.tsx';
import { ItemView } from './ItemView.tsx';
import { boardLayout, neighbour, type BoardItem } from './layout.ts';
import { RunLegend } from './run-paint.tsx';
import { timeAxis, type TimeAxis } from './time-axis.ts';
import { useInSight } from './use-in-sight.ts';
import { WasGhost } from './WasGhost.tsx';

const LABELS = 132;
/** Pixels for a working hour. */
const ZOOMS = [
  [9, 'job'],
  [26, 'week'],
  [72, 'day'],
  [200, 'hour'],
] as const;
/** Minutes to which a run that is moved snaps. */
const SNAP = 5;

const KEYS: Readonly<Record<string, Parameters<typeof neighbour>[2]>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
  Home: 'first',
  End: 'last',
};

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
  const now = useNow();
  const [perHour, setPerHour] = useState<number | null>(null);
  const [showsAll, setShowsAll] = useState(false);
  const [focused, setFocused] = useState<string | null>(null);
  const scroll = useRef<HTMLDivElement>(null);
  const drawing = useRef<SVGSVGElement>(null);
  const zone = job.site.timeZone;
  const at = minutesSince(reading.t0, now, zone);
  const from = Math.min(...reading.runs.map((run) => run.start), reading.finish);
  const until = reading.finish;
  const isPhone = useMediaQuery('(max-width: 600px)');
  const scale = perHour ?? (isPhone ? 26 : until - from > 9 * 1440 ? 9 : 26);
  const axis = useMemo(
    () => timeAxis(job.crew, { t0: reading.t0, timeZone: zone }, { from, until }, scale),
    [job.crew, reading.t0, zone, from, until, scale],
  );
  const { rows, items, height, hidden } = useMemo(() => boardLayout(job, reading, showsAll), [job, reading, showsAll]);
  const top = HEAD + AIR;
  const whole = top + height + 12;
  const rack = placeOf(job, 'rack');
  const pinned = useMemo(() => new Set(pins.map(({ taskId }) => taskId)), [pins]);

  const goToNow = (): void => {
    const box = scroll.current;
    if (box) box.scrollLeft = Math.max(0, axis.x(at) - box.clientWidth * 0.25);
  };
  const follow = useEffectEvent(goToNow);
  // The real clock goes on without pulling the board away from where somebody is reading.
  const stepped = job.settings.clock.kind === 'simulated' ? at : null;
  useLayoutEffect(() => follow(), [axis, stepped]);
  // After the scroll to now, so that bars outside the view are never drawn.
  const sight = useInSight(scroll);
  const shown = useMemo(
    () =>
      items.filter(
        (item) => item.id === focused || (axis.x(item.until) >= sight.from && axis.x(item.from) <= sight.until),
      ),
    [items, axis, sight, focused],
  );
  const tabStop = shown.some(({ id }) => id === focused) ? focused : (shown[0]?.id ?? null);

  const choose = (item: BoardItem): void => {
    const { shows } = item;
    if (shows.kind === 'run') onChoose(shows.run);
    else if (shows.kind === 'bench') onChoose(shows.use.run);
    else if (shows.kind === 'lying') onFollow(followed === shows.lying.piece.id ? null : shows.lying.piece.id);
  };

  const focus = (item: BoardItem): void => {
    setFocused(item.id);
    const box = scroll.current;
    const left = axis.x(item.from);
    if (box && (left < box.scrollLeft + 20 || left > box.scrollLeft + box.clientWidth - 80)) {
      box.scrollLeft = Math.max(0, left - box.clientWidth * 0.3);
    }
    requestAnimationFrame(() =>
      drawing.current?.querySelector<SVGElement>(`[data-item="${CSS.escape(item.id)}"]`)?.focus(),
    );
  };

  /** What an event on the drawing is about. */
  const itemAt = (target: EventTarget): BoardItem | null => {
    const id = target instanceof Element ? target.closest('[data-item]')?.getAttribute('data-item') : null;
    return items.find((item) => item.id === id) ?? null;
  };

  const onKey = (event: KeyboardEvent): void => {
    const direction = KEYS[event.key];
    const item = items.find(({ id }) => id === focused);
    if (direction) {
      const next = neighbour(items, focused, direction);
      if (next) focus(next);
    } else if (event.key === 'Escape') onFollow(null);
    else if (item && (event.key === 'Enter' || event.key === ' ')) choose(item);
    else return;
    event.preventDefault();
  };

  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 6 } }),
  );
  const held = (event: DragMoveEvent): Parameters<MovingState['aimAt']>[0] | null => {
    const item = items.find(({ id }) => id === event.active.id);
    if (item?.shows.kind !== 'run') return null;
    const { run } = item.shows;
    const start = Math.round(axis.minutesAt(axis.x(run.start) + event.delta.x) / SNAP) * SNAP;
    const painterRows = rows.filter(({ kind }) => kind === 'painter');
    const by = Math.round(event.delta.y / (painterRows[0]?.height ?? 1));
    const row = painterRows[Math.max(0, Math.min(painterRows.length - 1, item.row + by))];
    const painters = run.painters.length > 1 || !row?.painterId ? run.painters : [row.painterId];
    return { taskIds: run.steps.map(({ id }) => id), start, painters };
  };

  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 1.25, flexWrap: 'wrap' }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="Zoom"
          value={scale}
          onChange={(_event, zoom: number | null) => zoom && setPerHour(zoom)}
        >
          {ZOOMS.map(([hourly, words]) => (
            <ToggleButton key={hourly} value={hourly}>
              {words}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Button size="small" onClick={goToNow}>
          Go to now
        </Button>
        <RunLegend operations={[...new Set(reading.runs.map((run) => run.operation))]} />
      </Box>
      <Box
        sx={{
          display: 'flex',
          background: 'var(--sheet)',
          border: '1px solid var(--line)',
          borderRadius: '8px',
          overflow: 'hidden',
        }}
      >
        <svg
          width={LABELS}
          height={whole}
          aria-hidden
          style={{ flex: 'none', borderRight: '1px solid var(--line)' }}
          fill="var(--ink)"
          fontSize={14}
        >
          <text x={14} y={HEAD + AIR / 2} dominantBaseline="central" fill="var(--ink-soft)">
            {rack.name.toLowerCase()} °C
          </text>
          {rows.map((row) => (
            <text
              key={row.top}
              x={14}
              y={top + row.top + row.height / 2}
              dominantBaseline="central"
              fontWeight={row.kind === 'painter' ? 700 : 400}
              fill={row.kind === 'painter' ? 'var(--ink)' : 'var(--ink-soft)'}
            >
              {row.label.length > 16 ? `${row.label.slice(0, 15)}…` : row.label}
            </text>
          ))}
        </svg>
        <DndContext
          sensors={sensors}
          autoScroll={false}
          onDragStart={({ active }) => {
            const item = items.find(({ id }) => id === active.id);
            setFocused(String(active.id));
            if (item?.shows.kind === 'run') onChoose(item.shows.run);
          }}
          onDragMove={(event) => {
            const move = held(event);
            if (move) moving.aimAt(move);
          }}
          onDragEnd={moving.letGo}
          onDragCancel={moving.putBack}
        >
          <Box ref={scroll} sx={{ overflowX: 'auto', flex: 1, position: 'relative' }}>
            <svg
              ref={drawing}
              width={Math.max(axis.width, 200)}
              height={whole}
              style={{ display: 'block' }}
              role="group"
              aria-label="The board. Arrow keys go from run to run, Enter chooses; the same is listed day by day below."
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
                {followed !== null && <Journey items={items} followed={followed} axis={axis} rows={rows} />}
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
                {chosen && before && (
                  <WasGhost run={chosen} reading={reading} before={before} rows={rows} axis={axis} />
                )}
                {moving.aim && (
                  <AimGhost aim={moving.aim} minutes={minutesOf(reading, moving.aim.taskIds)} rows={rows} axis={axis} />
                )}
              </g>
              {at >= axis.first && at <= axis.first + axis.days * 1440 && (
                <g aria-hidden style={{ pointerEvents: 'none' }}>
                  <line
                    x1={axis.x(at)}
                    x2={axis.x(at)}
                    y1={HEAD - 12}
                    y2={whole}
                    stroke="var(--late)"
                    strokeWidth={2}
                  />
                  <path d={`M${axis.x(at) - 6} ${HEAD - 18}h12l-6 9z`} fill="var(--late)" />
                </g>
              )}
            </svg>
          </Box>
        </DndContext>
      </Box>
      <Box sx={{ mt: 1.25, display: 'flex', gap: 3, flexWrap: 'wrap', fontSize: 14, alignItems: 'center' }}>
        <WetnessKey
          states={WETNESS.filter(
            (state) =>
              state === 'wet' ||
              state === 'tacky' ||
              state === 'ready' ||
              reading.lyings.some((lying) => lying.stretches.some((stretch) => stretch.state === state)),
          )}
        />
        <span style={{ color: 'var(--ink-soft)' }}>
          darker ground: nobody works, hours drawn narrower · click a run to look at it, drag it to move it · click a
          piece that dries to follow it
        </span>
        {hidden > 0 && (
          <Button size="small" onClick={() => setShowsAll(true)}>
            Show {hidden} more in-place rows
          </Button>
        )}
      </Box>
    </Box>
  );
}

function isChosen({ shows }: BoardItem, chosen: Run | null, followed: string | null): boolean {
  if (shows.kind === 'run') return shows.run.id === chosen?.id;
  if (shows.kind === 'bench') return shows.use.run.id === chosen?.id;
  return shows.kind === 'lying' && shows.lying.piece.id === followed;
}

/** How long a run's hands are on it. */
function minutesOf({ starts, ends }: PlanReading, taskIds: readonly string[]): number {
  return taskIds.reduce((sum, id) => sum + Math.max(0, (ends.get(id) ?? 0) - (starts.get(id) ?? 0)), 0);
}

function isPinned({ shows }: BoardItem, pinned: ReadonlySet<string>): boolean {
  return shows.kind === 'run' && shows.run.steps.some((step) => pinned.has(step.id));
}

/** A line through everything that happens to a piece, from hands to rack and back. */
function Journey({
  items,
  followed,
  axis,
  rows,
}: {
  items: readonly BoardItem[];
  followed: string;
  axis: TimeAxis;
  rows: ReturnType<typeof boardLayout>['rows'];
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

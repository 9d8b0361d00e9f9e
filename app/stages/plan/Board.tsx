import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useEffect, useEffectEvent, useMemo, useRef, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import { placeOf } from '../../../core/job/queries.ts';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/job-to-problem.ts';
import { WETNESS, type Lying, type PlanReading, type Run } from '../../../core/planning/read-plan.ts';
import { stepWords } from '../../../core/planning/step-words.ts';
import { useJob } from '../../ui/job-context.tsx';
import { WetnessKey, WetnessPatterns, wetnessPaint, WETNESS_WORDS } from '../../ui/wetness.tsx';
import { timeAxis, type TimeAxis } from './time-axis.ts';
import { RoomWorkBar } from './RoomWorkBar.tsx';
import { operationPaint, RunLegend, runLabel } from './run-paint.tsx';

const ROW = 30;
const PAINTER_ROW = 44;
const HEAD = 46;
const AIR = 64;
const LABELS = 132;
/** Pixels for a working hour. */
const ZOOMS = [
  [9, 'job'],
  [26, 'week'],
  [72, 'day'],
  [200, 'hour'],
] as const;

interface BoardProps {
  reading: PlanReading;
  problem: JobProblem;
  /** Told of the run that is asked about. */
  onAsk(asked: { taskId: string; what: string }): void;
}

/** The whole job on one board: painters above, the rack below, nights and temperature behind, all on one time. */
export function Board({ reading, problem, onAsk }: BoardProps) {
  const { job, now } = useJob();
  const [perHour, setPerHour] = useState<number | null>(null);
  const [followed, setFollowed] = useState<string | null>(null);
  const scroll = useRef<HTMLDivElement>(null);
  const zone = job.site.timeZone;
  const span = { from: Math.min(...reading.runs.map((run) => run.start), reading.finish), until: reading.finish };
  const isPhone = useMediaQuery('(max-width: 600px)');
  const scale = perHour ?? (isPhone ? 26 : span.until - span.from > 9 * 1440 ? 9 : 26);
  const axis = useMemo(
    () => timeAxis(job.crew, { t0: reading.t0, timeZone: zone }, { from: span.from, until: span.until }, scale),
    [job.crew, reading.t0, zone, span.from, span.until, scale],
  );
  const { x, width, first, days } = axis;
  const slots = Math.max(1, ...reading.lyings.map((lying) => lying.slot + 1));
  const rackTop = HEAD + AIR + job.crew.length * PAINTER_ROW + 14;
  const height = rackTop + slots * ROW + 10;
  const at = minutesSince(reading.t0, now, zone);
  const rack = placeOf(job, 'rack');

  const goToNow = useEffectEvent(() => {
    const box = scroll.current;
    if (box) box.scrollLeft = Math.max(0, axis.x(at) - box.clientWidth * 0.25);
  });
  // The real clock goes on without pulling the board away from where somebody is reading.
  const stepped = job.settings.clock.kind === 'simulated' ? at : null;
  useEffect(() => goToNow(), [axis, stepped]);

  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 1.25, flexWrap: 'wrap' }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="Zoom"
          value={scale}
          onChange={(_event, chosen: number | null) => chosen && setPerHour(chosen)}
        >
          {ZOOMS.map(([hourly, words]) => (
            <ToggleButton key={hourly} value={hourly}>
              {words}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
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
          height={height}
          aria-hidden
          style={{ flex: 'none', borderRight: '1px solid var(--line)' }}
          fill="var(--ink)"
          fontSize={14}
        >
          <text x={14} y={HEAD + AIR / 2} dominantBaseline="central" fill="var(--ink-soft)">
            {rack.name.toLowerCase()} °C
          </text>
          {job.crew.map((painter, index) => (
            <text
              key={painter.id}
              x={14}
              y={HEAD + AIR + (index + 0.5) * PAINTER_ROW}
              dominantBaseline="central"
              fontWeight={700}
            >
              {painter.name.length > 14 ? `${painter.name.slice(0, 13)}…` : painter.name}
            </text>
          ))}
          {Array.from({ length: slots }, (_unused, slot) => (
            <text key={slot} x={14} y={rackTop + (slot + 0.5) * ROW} dominantBaseline="central" fill="var(--ink-soft)">
              {rack.name.toLowerCase()} {slot + 1}
            </text>
          ))}
        </svg>
        <Box
          ref={scroll}
          sx={{ overflowX: 'auto', flex: 1 }}
          tabIndex={0}
          role="region"
          aria-label="The board, scrolls sideways; the same is listed day by day below"
        >
          <svg width={Math.max(width, 200)} height={height} style={{ display: 'block' }}>
            <WetnessPatterns />
            <Days reading={reading} axis={axis} height={height} />
            <AirCurve problem={problem} climateId={rack.climateId} first={first} days={days} x={x} />
            {job.crew.map((painter, index) => (
              <g key={painter.id} transform={`translate(0 ${HEAD + AIR + index * PAINTER_ROW})`}>
                <line x1={0} x2={width} y1={PAINTER_ROW} y2={PAINTER_ROW} stroke="var(--line)" />
                {reading.runs
                  .filter((run) => run.painters.includes(painter.id))
                  .map((run) => (
                    <RunBar key={run.id} run={run} x={x} reading={reading} followed={followed} onAsk={onAsk} />
                  ))}
                {reading.roomWork
                  .filter((work) => work.painters.includes(painter.id))
                  .map((work) => (
                    <RoomWorkBar key={work.id} work={work} x={x} t0={reading.t0} top={7} height={PAINTER_ROW - 14} />
                  ))}
              </g>
            ))}
            <g transform={`translate(0 ${rackTop})`}>
              {Array.from({ length: slots }, (_unused, slot) => (
                <line key={slot} x1={0} x2={width} y1={(slot + 1) * ROW} y2={(slot + 1) * ROW} stroke="var(--line)" />
              ))}
              {reading.lyings.map((lying) => (
                <LyingBar
                  key={lying.after.id}
                  lying={lying}
                  x={x}
                  reading={reading}
                  isFaint={followed !== null && followed !== lying.piece.id}
                  onFollow={() => setFollowed(followed === lying.piece.id ? null : lying.piece.id)}
                />
              ))}
            </g>
            {at >= first && at <= first + days * 1440 && (
              <g aria-hidden>
                <line x1={x(at)} x2={x(at)} y1={HEAD - 12} y2={height} stroke="var(--late)" strokeWidth={2} />
                <path d={`M${x(at) - 6} ${HEAD - 18}h12l-6 9z`} fill="var(--late)" />
              </g>
            )}
          </svg>
        </Box>
      </Box>
      <Box sx={{ mt: 1.25, display: 'flex', gap: 3, flexWrap: 'wrap', fontSize: 14 }}>
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
          darker ground: nobody works, hours drawn narrower · click a run to ask why it is not earlier, a piece on the
          rack to follow it
        </span>
      </Box>
    </Box>
  );
}

type X = (minutes: number) => number;

/** Days with their hours; the hours when nobody works are darker and folded. */
function Days({ reading, axis, height }: { reading: PlanReading; axis: TimeAxis; height: number }) {
  const { job } = useJob();
  const { first, days, x, perHour } = axis;
  const every = perHour >= 60 ? 1 : perHour >= 20 ? 2 : 4;
  return (
    <g>
      {Array.from({ length: days * 24 }, (_unused, hour) => {
        const start = x(first + hour * 60);
        const end = x(first + (hour + 1) * 60);
        return axis.isWorking(hour) ? null : (
          <rect key={hour} x={start} y={HEAD - 2} width={end - start + 0.5} height={height} fill="var(--night)" />
        );
      })}
      {Array.from({ length: days }, (_unused, day) => {
        const start = first + day * 1440;
        const date = localTime(reading.t0, start + 60, job.site.timeZone);
        const isNarrow = x(start + 1440) - x(start) < 84;
        return (
          <g key={day}>
            <line x1={x(start)} x2={x(start)} y1={0} y2={height} stroke="var(--ink-soft)" strokeOpacity={0.45} />
            <text x={x(start) + 6} y={19} className="condensed" fontSize={16} fill="var(--ink)">
              {date.toFormat(isNarrow ? 'ccc d' : 'ccc d LLL')}
            </text>
            {Array.from({ length: 24 }, (_hour, hour) => hour)
              .filter((hour) => hour % every === 0 && axis.isWorking(day * 24 + hour))
              .map((hour) => (
                <text
                  key={hour}
                  x={x(start + hour * 60)}
                  y={38}
                  textAnchor="middle"
                  fontSize={13}
                  fill="var(--ink-soft)"
                >
                  {hour}
                </text>
              ))}
          </g>
        );
      })}
    </g>
  );
}

/** The temperature where the pieces dry, hour by hour, with the coldest of every day in figures. */
function AirCurve({
  problem,
  climateId,
  first,
  days,
  x,
}: {
  problem: JobProblem;
  climateId: string;
  first: number;
  days: number;
  x: X;
}) {
  const air = problem.clocks.air(climateId).slice(first / 60, first / 60 + days * 24);
  const temperatures = air.map((hour) => hour.temperature);
  const low = Math.min(...temperatures) - 1;
  const high = Math.max(...temperatures) + 1;
  const y = (temperature: number): number => HEAD + AIR - 8 - ((temperature - low) / (high - low)) * (AIR - 18);
  const points = temperatures.map((temperature, hour) => `${x(first + hour * 60 + 30)} ${y(temperature)}`);
  const nights = Array.from({ length: days }, (_unused, day) => {
    const hours = temperatures.slice(day * 24, day * 24 + 9);
    const coldest = Math.min(...hours);
    return { hour: day * 24 + hours.indexOf(coldest), coldest };
  });
  return (
    <g>
      <path d={`M${points.join('L')}`} fill="none" stroke="var(--tacky)" strokeWidth={2} />
      {nights.map(({ hour, coldest }) => (
        <text
          key={hour}
          x={x(first + hour * 60 + 30)}
          y={y(coldest) - 6}
          textAnchor="middle"
          fontSize={13}
          fill="var(--ink)"
          stroke="var(--sheet)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {Math.round(coldest)}°
        </text>
      ))}
      <line x1={0} x2={x(first + days * 1440)} y1={HEAD + AIR} y2={HEAD + AIR} stroke="var(--line)" />
    </g>
  );
}

/** One run on a painter's row, with its set-up before it. */
function RunBar({
  run,
  x,
  reading,
  followed,
  onAsk,
}: {
  run: Run;
  x: X;
  reading: PlanReading;
  followed: string | null;
  onAsk: BoardProps['onAsk'];
}) {
  const { job } = useJob();
  const [step] = run.steps;
  if (!step) return null;
  const paint = operationPaint(run.operation, step.coat?.coating.role);
  const width = Math.max(2, x(run.spans[0]?.[1] ?? run.end) - x(run.start));
  const isFaint = followed !== null && !run.steps.some((entry) => entry.piece.id === followed);
  const marks = marksInWords(run.steps.map((entry) => entry.piece.mark));
  const when = localTime(reading.t0, run.start, job.site.timeZone).toFormat('ccc HH:mm');
  const label = runLabel(run);
  return (
    <g
      opacity={isFaint ? 0.25 : 1}
      style={{ cursor: 'pointer' }}
      onClick={() => onAsk({ taskId: step.id, what: `${when}, ${marks}: ${stepWords(step).toLowerCase()}` })}
    >
      <title>{`${when}–${localTime(reading.t0, run.end, job.site.timeZone).toFormat('HH:mm')} ${stepWords(step)}: ${marks}`}</title>
      {run.setupMinutes > 0 && (
        <rect
          x={x(run.start - run.setupMinutes)}
          y={14}
          width={Math.max(1, x(run.setupMinutes) - x(0))}
          height={PAINTER_ROW - 22}
          fill="var(--ink-soft)"
          fillOpacity={0.35}
        />
      )}
      {run.spans.length > 1 && (
        <path d={`M${x(run.start)} ${PAINTER_ROW / 2}H${x(run.end)}`} stroke={paint.fill} strokeWidth={3} />
      )}
      {run.spans.map(([from, until]) => (
        <rect
          key={from}
          x={x(from)}
          y={7}
          width={Math.max(2, x(until) - x(from))}
          height={PAINTER_ROW - 14}
          rx={3}
          fill={paint.fill}
          stroke="var(--sheet)"
          strokeWidth={0.75}
        />
      ))}
      {width > label.length * 7.6 + 8 && (
        <text
          x={x(run.start) + 6}
          y={PAINTER_ROW / 2}
          dominantBaseline="central"
          fontSize={13.5}
          fontWeight={650}
          fill={paint.ink}
        >
          {label}
        </text>
      )}
    </g>
  );
}

/** Pixels: how wide a mark is on a bar, and how often a long bar says it, so that one is in sight wherever it is read. */
const PILL = 44;
const LABEL_EVERY = 300;

/** A piece lying on the rack between two steps, in the textures of its states. */
function LyingBar({
  lying,
  x,
  reading,
  isFaint,
  onFollow,
}: {
  lying: Lying;
  x: X;
  reading: PlanReading;
  isFaint: boolean;
  onFollow(): void;
}) {
  const { job } = useJob();
  const y = lying.slot * ROW + 4;
  const [left, right] = [x(lying.from) + 3, x(lying.until)];
  const labels = Array.from(
    { length: Math.ceil(Math.max(0, right - left - PILL) / LABEL_EVERY) },
    (_unused, index) => left + index * LABEL_EVERY,
  );
  const when = (minutes: number): string => localTime(reading.t0, minutes, job.site.timeZone).toFormat('ccc HH:mm');
  const story = lying.stretches
    .map((stretch) => `${WETNESS_WORDS[stretch.state]} until ${when(stretch.until)}`)
    .join(', ');
  return (
    <g opacity={isFaint ? 0.22 : 1} onClick={onFollow} style={{ cursor: 'pointer' }}>
      <title>{`${lying.piece.mark} after ${stepWords(lying.after).toLowerCase()}: ${story}; then ${stepWords(lying.next).toLowerCase()}`}</title>
      {lying.stretches.map((stretch) => (
        <rect
          key={stretch.state}
          x={x(stretch.from)}
          y={y}
          width={Math.max(0.5, x(stretch.until) - x(stretch.from))}
          height={ROW - 8}
          {...wetnessPaint(stretch.state)}
          strokeWidth={1.5}
        />
      ))}
      {labels.map((left) => (
        <g key={left}>
          <rect x={left} y={y + 2.5} width={PILL} height={ROW - 13} rx={2} fill="var(--sheet)" fillOpacity={0.94} />
          <text
            x={left + PILL / 2}
            y={y + (ROW - 8) / 2}
            dominantBaseline="central"
            textAnchor="middle"
            fontSize={14}
            className="condensed"
            fill="var(--ink)"
          >
            {lying.piece.mark}
          </text>
        </g>
      ))}
    </g>
  );
}

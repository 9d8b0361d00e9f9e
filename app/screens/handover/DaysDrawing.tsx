import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { DateTime } from 'luxon';
import type { DaysRow } from '../../../core/handover/planned-against-real.ts';

const ROW = 46;
const LEFT = 92;
const DAY = 16;

const dayNumber = (date: string): number => Math.floor(DateTime.fromISO(date, { zone: 'utc' }).toMillis() / 86_400_000);
const short = (date: string): string => formatMoment(date, 'date');
const span = (from: string, until: string): string =>
  from === until ? short(from) : `${short(from)} to ${short(until)}`;

/** Each stage's days as planned, open, and by the log, full; what ongoing still has no end. */
export function DaysDrawing({ rows }: { rows: readonly DaysRow[] }) {
  const dates = rows
    .flatMap(({ planned, real }) => [planned?.from, planned?.until, real?.from, real?.until])
    .filter((date) => date !== undefined);
  if (dates.length === 0) return <>Nothing planned or logged yet.</>;
  const first = Math.min(...dates.map(dayNumber));
  const last = Math.max(...dates.map(dayNumber));
  const width = LEFT + (last - first + 1) * DAY + 70;
  const height = rows.length * ROW + 22;
  const x = (date: string): number => LEFT + (dayNumber(date) - first) * DAY;
  const words = rows
    .map(
      ({ name, planned, real }) =>
        `${name}: planned ${planned ? span(planned.from, planned.until) : 'not'}, actual ${real ? `${short(real.from)} to ${real.isOver ? short(real.until) : 'now'}` : 'not yet'}`,
    )
    .join('. ');
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="svg"
        role="img"
        aria-label={words}
        viewBox={`0 0 ${width} ${height}`}
        sx={{ minWidth: 520, width: '100%', maxWidth: width * 1.6, display: 'block' }}
      >
        {Array.from({ length: last - first + 1 }, (_none, index) => {
          const day = DateTime.fromMillis((first + index) * 86_400_000, { zone: 'utc' });
          const isWeekend = day.weekday > 5;
          return (
            <g key={index}>
              {isWeekend && <rect x={LEFT + index * DAY} y={0} width={DAY} height={height - 20} fill="var(--night)" />}
              {day.weekday === 1 && (
                <text x={LEFT + index * DAY} y={height - 5} fontSize={12.5} fill="var(--ink-soft)">
                  {formatMoment(day, 'date')}
                </text>
              )}
            </g>
          );
        })}
        {rows.map(({ name, planned, real }, index) => (
          <g key={name} transform={`translate(0 ${index * ROW})`}>
            <text x={0} y={26} fontSize={15} fontWeight={700} fill="var(--ink)">
              {name}
            </text>
            {planned && (
              <rect
                x={x(planned.from)}
                y={6}
                width={x(planned.until) - x(planned.from) + DAY}
                height={14}
                rx={2}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={1.5}
              />
            )}
            {real && (
              <>
                <rect
                  x={x(real.from)}
                  y={22}
                  width={x(real.until) - x(real.from) + DAY}
                  height={14}
                  rx={2}
                  fill="var(--bottle)"
                />
                {!real.isOver && (
                  <text x={x(real.until) + DAY + 4} y={34} fontSize={12.5} fill="var(--ink-soft)">
                    ongoing
                  </text>
                )}
              </>
            )}
          </g>
        ))}
      </Box>
    </Box>
  );
}

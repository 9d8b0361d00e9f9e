import Box from '@mui/material/Box';
import type { PieceTime, Stretch } from '../../../../../core/practising/exercises/day-picture.ts';
import { localTime } from '../../../../../core/job/site-time.ts';
import { formatMoment } from '../../../../../core/units/moments.ts';
import { useWidth } from '../../../../device/use-width.ts';
import { WetnessPatterns } from '../../../../drawing/wetness.tsx';

const ROW = 24;
const HEAD = 22;
const MARKS = 48;
const LOOKS: Readonly<Record<Stretch['is'], string>> = {
  work: 'var(--vial)',
  wet: 'url(#texture-wet)',
  hardening: 'url(#texture-closing)',
};
/** Hours of the day that are shown as night. */
const [DAWN, DUSK] = [6, 20];

interface DayChartProps {
  times: readonly PieceTime[];
  /** Minutes from the first midnight that are shown, at least. */
  from: number;
  until: number;
  t0: string;
  timeZone: string;
  label: string;
}

/** Pieces one below the other, with when each is worked on and when it dries, over days and nights. */
export function DayChart({ times, from, until, t0, timeZone, label }: DayChartProps) {
  const { box, width } = useWidth();
  const last = Math.max(until, ...times.flatMap(({ stretches }) => stretches.map((each) => each.until)));
  const scale = Math.max(0, width - MARKS) / (last - from);
  const x = (at: number): number => MARKS + (at - from) * scale;
  const days = Array.from({ length: Math.ceil(last / 1440) + 1 }, (_unused, day) => day * 1440);
  const height = HEAD + times.length * ROW;
  return (
    <Box ref={box} sx={{ minWidth: 0 }}>
      {width > 0 && (
        <svg width={width} height={height} role="img" aria-label={label} style={{ display: 'block' }}>
          <WetnessPatterns />
          {days.map((day) => {
            const [dusk, dawn] = [Math.max(from, day + DUSK * 60), Math.min(last, day + 1440 + DAWN * 60)];
            return dawn > dusk ? (
              <rect
                key={day}
                x={x(dusk)}
                y={HEAD}
                width={(dawn - dusk) * scale}
                height={height - HEAD}
                fill="var(--line)"
              />
            ) : null;
          })}
          {days.map((day) => {
            const noon = day + 720;
            return noon > from && noon < last ? (
              <text key={day} x={x(noon)} y={15} textAnchor="middle" fontSize={14} fill="var(--ink-soft)">
                {formatMoment(localTime(t0, noon, timeZone), 'monthDay')}
              </text>
            ) : null;
          })}
          {times.map(({ piece, stretches }, row) => (
            <g key={piece.id} transform={`translate(0 ${HEAD + row * ROW})`}>
              <text y={17} fontSize={14} fontWeight={650} fill="var(--ink)" className="condensed">
                {piece.mark}
              </text>
              {stretches.map((stretch, index) => (
                <rect
                  key={index}
                  x={x(stretch.from)}
                  y={4}
                  width={Math.max(stretch.is === 'work' ? 3 : 0, (stretch.until - stretch.from) * scale)}
                  height={ROW - 8}
                  fill={LOOKS[stretch.is]}
                  stroke={stretch.is === 'work' ? 'var(--ink)' : 'none'}
                  strokeWidth={0.75}
                />
              ))}
            </g>
          ))}
        </svg>
      )}
    </Box>
  );
}

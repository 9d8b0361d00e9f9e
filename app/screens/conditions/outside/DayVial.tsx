import Box from '@mui/material/Box';
import { useId } from 'react';
import { PAINTING_BLOCKERS, type PaintingBlocker } from '../../../../core/air/painting-blockers.ts';
import type { Stretch } from '../../../../core/forecasting/painting-hours.ts';

/** Hours of the clock that a day's vial shows. */
const FIRST_HOUR = 4;
const LAST_HOUR = 22;
const WIDTH = 108;
const HEIGHT = 26;

/** How an hour is drawn in which one may not paint: by what is against it, in colour and texture. */
const PAINTS: Readonly<Record<PaintingBlocker, 'night' | 'wet' | 'cold' | 'hot'>> = {
  dark: 'night',
  rain: 'wet',
  'rain-soon': 'wet',
  'too-damp': 'wet',
  dew: 'wet',
  'dew-soon': 'wet',
  'too-cold': 'cold',
  'cold-soon': 'cold',
  'too-hot': 'hot',
  sun: 'hot',
  wind: 'cold',
};

interface DayVialProps {
  title: string;
  /** By hours of the clock. */
  stretches: readonly Stretch[];
  words: string;
  isPaintable: boolean;
  isChosen: boolean;
  onChoose(): void;
}

/** One day of one face as a vial: clear glass where one may paint, its lines at both ends; elsewhere what is against it. */
export function DayVial({ title, stretches, words, isPaintable, isChosen, onChoose }: DayVialProps) {
  const id = useId();
  const x = (hour: number): number =>
    ((Math.max(FIRST_HOUR, Math.min(LAST_HOUR, hour)) - FIRST_HOUR) / (LAST_HOUR - FIRST_HOUR)) * WIDTH;
  const why = [...new Set(stretches.flatMap(({ hindrance }) => hindrance ?? []))].map(
    (reason) => PAINTING_BLOCKERS[reason].words,
  );
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={isChosen}
      aria-label={`${title}: ${isPaintable ? `OK to paint ${words}` : `don’t paint, ${words}`}`}
      title={why.length > 0 ? `Other hours: ${why.join(', ')}` : 'All day'}
      onClick={onChoose}
      sx={{
        width: '100%',
        font: 'inherit',
        color: 'inherit',
        background: isChosen ? 'color-mix(in srgb, var(--vial) 22%, transparent)' : 'none',
        border: 0,
        borderRadius: '6px',
        cursor: 'pointer',
        p: 0.5,
        minHeight: 62,
        textAlign: 'center',
      }}
    >
      <Box sx={{ fontSize: 13, fontWeight: 650 }}>{title}</Box>
      <Box
        component="svg"
        viewBox={`-1 -2 ${WIDTH + 2} ${HEIGHT + 4}`}
        aria-hidden
        sx={{ width: '100%', maxWidth: 130, display: 'block', mx: 'auto' }}
      >
        <defs>
          <clipPath id={`${id}-glass`}>
            <rect width={WIDTH} height={HEIGHT} rx={HEIGHT / 2} />
          </clipPath>
          <pattern id={`${id}-wet`} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width={5} height={5} fill="color-mix(in srgb, var(--wet) 30%, var(--sheet))" />
            <line x1={1} x2={1} y1={0} y2={5} stroke="var(--wet)" strokeWidth={1.6} />
          </pattern>
          <pattern id={`${id}-cold`} width={6} height={6} patternUnits="userSpaceOnUse">
            <rect width={6} height={6} fill="color-mix(in srgb, var(--cured) 28%, var(--sheet))" />
            <circle cx={2} cy={2} r={1} fill="var(--cured)" />
          </pattern>
          <pattern id={`${id}-hot`} width={6} height={6} patternUnits="userSpaceOnUse">
            <rect width={6} height={6} fill="color-mix(in srgb, var(--tacky) 35%, var(--sheet))" />
            <path d="M0 3h6" stroke="var(--tacky)" strokeWidth={1.3} />
          </pattern>
        </defs>
        <g clipPath={`url(#${id}-glass)`}>
          <rect width={WIDTH} height={HEIGHT} fill="var(--night)" />
          {stretches.map(({ from, until, hindrance }) => (
            <rect
              key={from}
              x={x(from)}
              width={Math.max(0, x(until) - x(from))}
              height={HEIGHT}
              fill={
                hindrance === null
                  ? 'var(--vial)'
                  : PAINTS[hindrance] === 'night'
                    ? 'var(--night)'
                    : `url(#${id}-${PAINTS[hindrance]})`
              }
            />
          ))}
          <rect y={3} x={8} width={WIDTH - 16} height={5} rx={2.5} fill="#fff" opacity={0.35} />
        </g>
        <rect width={WIDTH} height={HEIGHT} rx={HEIGHT / 2} fill="none" stroke="var(--ink)" strokeWidth={1.25} />
        {stretches
          .filter(({ hindrance }) => hindrance === null)
          .flatMap(({ from, until }) => [from, until])
          .map((hour) => (
            <line key={hour} x1={x(hour)} x2={x(hour)} y1={-2} y2={HEIGHT + 2} stroke="var(--ink)" strokeWidth={2} />
          ))}
      </Box>
      <Box sx={{ fontSize: 13, lineHeight: 1.2, mt: 0.25, color: isPaintable ? 'var(--ink)' : 'var(--ink-soft)' }}>
        {words}
      </Box>
    </Box>
  );
}

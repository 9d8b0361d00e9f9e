import Box from '@mui/material/Box';
import Tooltip from '@mui/material/Tooltip';
import { useId } from 'react';
import type { VialReading } from './vial-reading.ts';

const SIZES = {
  rung: { width: 38, height: 13 },
  row: { width: 120, height: 24 },
  wide: { width: 240, height: 36 },
} as const;

const LINES = [0.36, 0.64] as const;
const RIMS = { before: 'var(--wet)', between: 'var(--ready)', after: 'var(--late)' } as const;

interface VialProps {
  reading: VialReading;
  size?: keyof typeof SIZES;
  /** What it says, for eyes and screen readers alike. */
  words: string;
  /** The figures behind it. */
  detail?: string;
}

/**
 * The spirit level's vial, where something has a window: left of the lines is too early or too little, between them is
 * now, right is too late or too much. What is only counted has a `ProgressMark`.
 */
export function Vial({ reading, size = 'row', words, detail }: VialProps) {
  const glass = useId();
  const { width, height } = SIZES[size];
  const bubble = { rx: height * (size === 'rung' ? 0.42 : 0.62), ry: height * 0.32 };
  const limits = { before: [0, LINES[0]], between: LINES, after: [LINES[1], 1] } as const;
  const [from, until] = limits[reading.side];
  const inset = bubble.rx + 2;
  const raw = (from + (until - from) * reading.share) * width;
  // The bubble's middle says where it stands; it never hides behind the ends, nor crosses a line that it has not passed.
  const low = reading.side === 'before' ? inset : from * width + bubble.rx * 0.55;
  const high = reading.side === 'after' ? width - inset : until * width - bubble.rx * 0.55;
  const x = Math.max(Math.min(low, high), Math.min(Math.max(low, high), raw));
  const drawing = (
    <Box
      component="svg"
      role="img"
      aria-label={words}
      viewBox={`0 0 ${width} ${height}`}
      sx={{ width, height, display: 'block', flex: 'none', overflow: 'visible' }}
    >
      <defs>
        <linearGradient id={glass} x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor="var(--vial-glass)" />
          <stop offset="0.35" stopColor="var(--vial)" />
          <stop offset="1" stopColor="var(--vial-deep)" />
        </linearGradient>
      </defs>
      <rect
        x={0.75}
        y={0.75}
        width={width - 1.5}
        height={height - 1.5}
        rx={height / 2}
        fill={`url(#${glass})`}
        stroke="#18292b"
        strokeWidth={1.25}
      />
      <ellipse
        cx={x}
        cy={height / 2}
        {...bubble}
        fill="#fbfdf0"
        fillOpacity={0.93}
        stroke={RIMS[reading.side]}
        strokeWidth={size === 'rung' ? 1.5 : 2.25}
      />
      {size !== 'rung' && (
        <ellipse cx={x - bubble.rx * 0.3} cy={height * 0.4} rx={bubble.rx * 0.32} ry={bubble.ry * 0.24} fill="#fff" />
      )}
      {LINES.map((line) => (
        <line
          key={line}
          x1={line * width}
          x2={line * width}
          y1={-1}
          y2={height + 1}
          stroke="#18292b"
          strokeWidth={size === 'rung' ? 1.25 : 2}
        />
      ))}
    </Box>
  );
  return detail ? <Tooltip title={detail}>{drawing}</Tooltip> : drawing;
}

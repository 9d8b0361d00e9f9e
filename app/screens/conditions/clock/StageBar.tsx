import Box from '@mui/material/Box';

interface StageBarProps {
  /** Minutes after the coat was painted: when the stage is reached, when its window closes, now, and the end of the scale. */
  reached: number;
  closes: number | null;
  now: number;
  end: number;
  words: string;
}

const [WIDTH, HEIGHT] = [130, 18];
/** Minutes within which the scale is even; beyond, each tenfold takes the same room, so that hours and weeks both fit. */
const EVEN = 20;

/** One stage on the coat's time line: how long it takes, the window that follows, and where now is. */
export function StageBar({ reached, closes, now, end, words }: StageBarProps) {
  const x = (minutes: number): number =>
    (Math.min(1, Math.log1p(Math.max(0, minutes) / EVEN) / Math.log1p(end / EVEN)) || 0) * (WIDTH - 4) + 2;
  const isReached = reached <= now;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={words}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      sx={{ width: WIDTH, height: HEIGHT, display: 'block' }}
    >
      <line x1={2} x2={WIDTH - 2} y1={9} y2={9} stroke="var(--line)" strokeWidth={2} />
      {reached < Infinity && (
        <>
          <rect
            x={2}
            y={5}
            width={x(reached) - 2}
            height={8}
            rx={2}
            fill={isReached ? 'var(--ready)' : 'var(--tacky)'}
          />
          {closes !== null && (
            <rect x={x(reached)} y={5} width={Math.max(3, x(closes) - x(reached))} height={8} fill="var(--vial)" />
          )}
          <line x1={x(reached)} x2={x(reached)} y1={2} y2={16} stroke="var(--ink)" strokeWidth={2} />
        </>
      )}
      {now > 0 && <circle cx={x(now)} cy={9} r={4.5} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2} />}
    </Box>
  );
}

import Box from '@mui/material/Box';

const POINTS = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'] as const;

/** A bearing in words: `225° south-west`. */
export function bearingWords(bearing: number | null): string {
  if (bearing === null) return 'direction not set – shade assumed';
  return `${Math.round(bearing)}° ${POINTS[Math.round(bearing / 45) % 8] ?? ''}`;
}

/** Where a face looks: its wall on a compass rose, in its colour. */
export function BearingDrawing({ bearing, hex }: { bearing: number | null; hex: string }) {
  return (
    <Box
      component="svg"
      role="img"
      aria-label={bearingWords(bearing)}
      viewBox="-31 -31 62 62"
      sx={{ width: 62, height: 62, display: 'block' }}
    >
      <circle r={29} fill="none" stroke="var(--line)" strokeWidth={1.5} />
      {[0, 90, 180, 270].map((tick) => (
        <line key={tick} y1={-29} y2={-24} stroke="var(--ink-soft)" strokeWidth={1.5} transform={`rotate(${tick})`} />
      ))}
      <text y={-14} textAnchor="middle" fontSize={13} fontWeight={700} fill="var(--ink-soft)" dominantBaseline="middle">
        N
      </text>
      {bearing === null ? (
        <text textAnchor="middle" y={9} fontSize={22} fill="var(--tacky)" fontWeight={700}>
          ?
        </text>
      ) : (
        <g transform={`rotate(${bearing})`}>
          <rect x={-16} y={-3} width={32} height={7} rx={1} fill={hex} stroke="var(--ink)" strokeWidth={1.25} />
          <path d="M0 -5V-22M-5 -17L0 -23L5 -17" fill="none" stroke="var(--ink)" strokeWidth={2} />
        </g>
      )}
    </Box>
  );
}

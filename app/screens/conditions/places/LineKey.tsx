import Box from '@mui/material/Box';

const LINES = [
  ['air', 'var(--tacky)', '0', 3],
  ['surface', 'var(--late)', '6 3', 2],
  ['dew point', 'var(--wet)', '2 3', 2],
  ['humidity, right', 'var(--cured)', '0', 1.5],
] as const;

/** What the lines of a chart of days are. */
export function LineKey({ hasSurface, hasRain }: { hasSurface: boolean; hasRain: boolean }) {
  return (
    <Box component="ul" aria-label="Key" sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', fontSize: 14 }}>
      {LINES.filter(([name]) => hasSurface || name !== 'surface').map(([name, colour, dashes, width]) => (
        <Box component="li" key={name} sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
          <svg width={26} height={10} aria-hidden>
            <line x1={0} x2={26} y1={5} y2={5} stroke={colour} strokeWidth={width} strokeDasharray={dashes} />
          </svg>
          {name}
        </Box>
      ))}
      {hasRain && (
        <Box component="li" sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
          <Box aria-hidden sx={{ width: 12, height: 12, background: 'var(--wet)', opacity: 0.55 }} />
          rain
        </Box>
      )}
    </Box>
  );
}

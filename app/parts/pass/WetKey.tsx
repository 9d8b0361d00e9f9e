import Box from '@mui/material/Box';
import { WetnessPatterns } from '../../drawing/wetness.tsx';

const LOOKS = [
  ['now', 'var(--vial)'],
  ['wet', 'url(#texture-wet)'],
  ['setting', 'url(#texture-closing)'],
  ['too dry to join', 'url(#texture-tacky)'],
] as const;

/** What the textures of an edge mean while it is painted. */
export function WetKey() {
  return (
    <Box component="ul" aria-label="Key" sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
      {LOOKS.map(([word, fill]) => (
        <Box component="li" key={word} sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: 14 }}>
          <svg width={26} height={14} aria-hidden>
            <WetnessPatterns />
            <rect
              x={0.75}
              y={0.75}
              width={24.5}
              height={12.5}
              rx={2}
              fill={fill}
              stroke="var(--ink)"
              strokeOpacity={0.6}
            />
          </svg>
          {word}
        </Box>
      ))}
    </Box>
  );
}

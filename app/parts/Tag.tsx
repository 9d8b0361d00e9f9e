import Box from '@mui/material/Box';

interface TagProps {
  mark: string;
  size?: 'small' | 'large';
  /** Filled with the colour of what is ready. */
  tone?: 'plain' | 'ready' | 'chosen';
}

const FILLS = { plain: 'var(--sheet)', ready: 'var(--ready-fill)', chosen: 'var(--vial)' } as const;

/** A piece's swing tag: cut corners, a punched hole, its mark in condensed capitals. */
export function Tag({ mark, size = 'small', tone = 'plain' }: TagProps) {
  const height = size === 'large' ? 44 : 30;
  const width = Math.round(height * 2.35);
  const cut = height * 0.36;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={mark}
      viewBox={`0 0 ${width} ${height}`}
      sx={{ width, height, flex: 'none', display: 'block' }}
    >
      <path
        d={`M${cut} 1.5H${width - 4}a3 3 0 0 1 3 3V${height - 4.5}a3 3 0 0 1-3 3H${cut}L1.5 ${height - cut}V${cut}Z`}
        fill={FILLS[tone]}
        stroke={tone === 'chosen' ? '#18292b' : 'var(--ink)'}
        strokeWidth={1.75}
        strokeLinejoin="round"
      />
      <circle
        cx={cut * 0.95}
        cy={height / 2}
        r={height * 0.1}
        fill="var(--ground)"
        stroke={tone === 'chosen' ? '#18292b' : 'var(--ink)'}
        strokeWidth={1.5}
      />
      <text
        x={(width + cut * 0.9) / 2}
        y={height / 2}
        dominantBaseline="central"
        textAnchor="middle"
        className="condensed"
        fontSize={height * 0.53}
        fill={tone === 'chosen' ? '#18292b' : 'var(--ink)'}
      >
        {mark}
      </text>
    </Box>
  );
}

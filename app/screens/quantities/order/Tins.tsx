import { tinSizeInWords } from '../../../../core/shelf/tin-sizes.ts';
import Box from '@mui/material/Box';
import { useLocalise, useJob } from '../../../open-job/use-job.ts';

const BASE = 84;

/** Tins drawn to the scale of their content, filled as far as they will be used. */
export function Tins({ tins, litres: needed, fill }: { tins: readonly number[]; litres: number; fill: string }) {
  const localise = useLocalise();
  const { units } = useJob().settings;
  const sides = tins.map((litres) => 30 + 24 * Math.cbrt(litres));
  const width = sides.reduce((sum, side) => sum + side + 10, 8);
  const drawn = tins.map((litres, index) => ({
    litres,
    side: sides[index] ?? 0,
    left: sides.slice(0, index).reduce((sum, side) => sum + side + 10, 4),
    before: tins.slice(0, index).reduce((sum, other) => sum + other, 0),
  }));
  return (
    <Box
      component="svg"
      role="img"
      aria-label={localise(`Tins of ${tins.map((litres) => tinSizeInWords(litres, units)).join(', ')}`)}
      viewBox={`0 0 ${width} 108`}
      width={width}
      sx={{ maxHeight: 108, maxWidth: '100%', display: 'block' }}
    >
      {drawn.map(({ litres, side, left, before }, index) => {
        const share = Math.max(0, Math.min(1, (needed - before) / litres));
        const height = side * 1.08;
        const top = BASE - height;
        const level = BASE - 3 - (height - 12) * share;
        return (
          <g key={index}>
            <rect
              x={left}
              y={top}
              width={side}
              height={height}
              rx={3}
              fill="var(--sheet)"
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            <rect x={left + 3} y={level} width={side - 6} height={BASE - 3 - level} fill={fill} />
            <rect
              x={left - 2}
              y={top - 3}
              width={side + 4}
              height={7}
              rx={2}
              fill="var(--ground)"
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            <path
              d={`M${left} ${top + 8}q${side / 2} ${side * 0.45} ${side} 0`}
              fill="none"
              stroke="var(--ink)"
              strokeOpacity={0.5}
            />
            <text
              x={left + side / 2}
              y={BASE + 17}
              fontSize={14}
              textAnchor="middle"
              fill="var(--ink)"
              className="condensed"
            >
              {tinSizeInWords(litres, units)}
            </text>
          </g>
        );
      })}
    </Box>
  );
}

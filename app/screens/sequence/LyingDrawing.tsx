import Box from '@mui/material/Box';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import type { Handling } from '../../../core/sequence/handling.ts';
import { useJob } from '../../open-job/use-job.ts';
import { FaceDrawing } from '../../drawing/elevation/FaceDrawing.tsx';
import { WetnessPatterns } from '../../drawing/wetness.tsx';

const HEIGHT = 190;
const WIDTH = 440;

/** A loose piece from above, with the points under it and where it is held; and from its end, step by step, as it lies. */
export function LyingDrawing({ handling, piece }: { handling: Handling; piece: Piece }) {
  const job = useJob();
  const [front] = elevationOf(piece).faces;
  if (!front) return null;
  const isUpright = front.height > front.width;
  const long = Math.max(front.width, front.height);
  const short = Math.min(front.width, front.height);
  const scale = Math.min((HEIGHT - 20) / short, (WIDTH - 40) / long);
  const lie = isUpright
    ? `translate(${20 + long * scale} 10) rotate(90) scale(${scale})`
    : `translate(20 10) scale(${scale})`;
  const at = ([x, y]: readonly [number, number]): [number, number] =>
    isUpright ? [20 + long * scale - y * scale, 10 + x * scale] : [20 + x * scale, 10 + y * scale];
  const below = 10 + short * scale + 30;
  const steps = handling.steps.filter(({ up }) => up !== null);
  const each = WIDTH / Math.max(1, steps.length);
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`${piece.mark} on ${handling.points.length} stands, from above and from its end, in ${steps.length} steps`}
      viewBox={`0 0 ${WIDTH} ${below + 74}`}
      sx={{ width: '100%', maxWidth: 520, display: 'block' }}
    >
      <WetnessPatterns />
      <g transform={lie}>
        <FaceDrawing face={front} fill={groupOf(job, piece)?.colour.hex ?? '#efece2'} />
      </g>
      {handling.points.map((point) => {
        const [x, y] = at(point);
        return (
          <path
            key={point.join()}
            d={`M${x} ${y - 8}L${x + 8} ${y + 6}H${x - 8}Z`}
            fill="var(--vial)"
            stroke="#18292b"
            strokeWidth={1.6}
          />
        );
      })}
      {handling.holds.map((point) => {
        const [x, y] = at(point);
        return <circle key={point.join()} cx={x} cy={y} r={9} fill="none" stroke="var(--late)" strokeWidth={3} />;
      })}
      {steps.map(({ up, isWetBelow, does }, index) => {
        const x = index * each + 8;
        const wide = each - 24;
        const wet = 'url(#texture-wet)';
        return (
          <g key={does} transform={`translate(${x} ${below})`}>
            <rect x={0} y={14} width={wide} height={16} fill="var(--bare)" stroke="var(--ink)" />
            <rect x={0} y={10} width={wide} height={5} fill={wet} />
            {isWetBelow && <rect x={0} y={29} width={wide} height={5} fill={wet} />}
            {[0.22, 0.78].map((share) => (
              <path
                key={share}
                d={`M${wide * share} ${isWetBelow ? 34 : 31}l7 16h-14z`}
                fill="var(--vial)"
                stroke="#18292b"
                strokeWidth={1.4}
              />
            ))}
            <path d={`M-4 50H${wide + 4}`} stroke="var(--ink)" strokeWidth={2} />
            <text x={wide / 2} y={68} textAnchor="middle" fontSize={13} fill="var(--ink-soft)">
              {index + 1}
              {up && `: ${up} up`}
            </text>
          </g>
        );
      })}
    </Box>
  );
}

import Box from '@mui/material/Box';
import { holesOf } from '../../../core/job/drilling-presets.ts';
import type { Drilling, Piece } from '../../../core/job/document/piece-schema.ts';
import { elevationOf } from '../../../core/job/queries/pieces.ts';
import { formatLength } from '../../../core/units/length.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';

/** Around the holes so much of the piece is drawn, in mm. */
const AROUND = 70;

interface TemplateProps {
  piece: Piece;
  drilling: Drilling;
  units: UnitSystem;
}

/**
 * A template for one fitting: its holes with their centre distance, and how far they lie from the nearer upright edge
 * and from the nearer end.
 */
export function DrillTemplate({ piece, drilling, units }: TemplateProps) {
  const face = elevationOf(piece).faces[0];
  if (!face) return null;
  const thickness = typeof piece.shape.thickness === 'number' ? piece.shape.thickness : face.width;
  const across = drilling.on === 'front' ? face.width : thickness;
  const { height } = face;
  const holes = holesOf(drilling);
  const [first = [0, 0], last = first] = [holes[0], holes.at(-1)];
  const isRight = drilling.x > across / 2;
  const isLow = drilling.y > height / 2;
  const edgeX = isRight ? across : 0;
  const edgeY = isLow ? height : 0;
  const left = Math.max(-30, Math.min(isRight ? first[0] - AROUND : -30, first[0] - AROUND));
  const right = Math.min(across + 30, Math.max(last[0] + AROUND, isRight ? across + 30 : 0));
  const top = Math.max(-30, Math.min(first[1] - AROUND, isLow ? Infinity : -30));
  const bottom = Math.min(height + 30, Math.max(last[1] + AROUND, isLow ? height + 30 : 0));
  const text = Math.max((right - left) / 340, (bottom - top) / 210) * 14;
  const nearX = isRight ? last[0] : first[0];
  const nearY = isLow ? last[1] : first[1];
  const say = (mm: number): string => formatLength(Math.abs(mm), units);
  const dimension = { stroke: 'var(--bottle)', strokeWidth: 1.25, vectorEffect: 'non-scaling-stroke' } as const;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={`Template for ${drilling.name}: ${holes.length === 2 ? `holes ${say(drilling.centres)} apart, ` : ''}${say(nearX - edgeX)} from the ${isRight ? 'right' : 'left'}, ${say(nearY - edgeY)} from the ${isLow ? 'bottom' : 'top'}`}
      viewBox={`${left - text * 3} ${top - text * 2} ${right - left + text * 6} ${bottom - top + text * 4}`}
      sx={{ width: '100%', maxHeight: 240, background: 'var(--ground)', borderRadius: '6px' }}
    >
      <path
        d={`M${edgeX} ${Math.max(top, 0)}V${Math.min(bottom, height)}M${Math.max(left, 0)} ${edgeY}H${Math.min(right, across)}`}
        stroke="var(--ink)"
        strokeWidth={2.5}
        vectorEffect="non-scaling-stroke"
      />
      <path d={`M${edgeX} ${nearY}H${nearX}M${nearX} ${edgeY}V${nearY}`} {...dimension} strokeDasharray="5 4" />
      {holes.length === 2 && (
        <path d={`M${first[0]} ${first[1]}L${last[0]} ${last[1]}`} {...dimension} strokeWidth={2} />
      )}
      {holes.map(([x, y]) => (
        <g key={`${x}/${y}`} stroke="var(--late)" strokeWidth={1.5}>
          <circle cx={x} cy={y} r={drilling.diameter / 2} fill="none" vectorEffect="non-scaling-stroke" />
          <path
            d={`M${x - text} ${y}h${2 * text}M${x} ${y - text}v${2 * text}`}
            vectorEffect="non-scaling-stroke"
            strokeWidth={1}
          />
        </g>
      ))}
      <g fontSize={text} fill="var(--ink)" stroke="var(--ground)" strokeWidth={text * 0.25} paintOrder="stroke">
        <text x={(edgeX + nearX) / 2} y={nearY - text * 0.4} textAnchor="middle">
          {say(nearX - edgeX)}
        </text>
        <text
          x={nearX + (isRight ? -1 : 1) * text * 0.5}
          y={(edgeY + nearY) / 2}
          textAnchor={isRight ? 'end' : 'start'}
        >
          {say(nearY - edgeY)}
        </text>
        {holes.length === 2 && (
          <text
            x={(first[0] + last[0]) / 2 + (drilling.upright ? (isRight ? -0.6 : 0.6) * text : 0)}
            y={(first[1] + last[1]) / 2 + (drilling.upright ? text * 0.35 : text * 1.4)}
            textAnchor={drilling.upright ? (isRight ? 'end' : 'start') : 'middle'}
            fontWeight={700}
          >
            {say(drilling.centres)} apart
          </text>
        )}
        <text
          x={last[0] + drilling.diameter / 2 + text * 0.3}
          y={last[1] + drilling.diameter / 2 + text}
          textAnchor="start"
        >
          ø {say(drilling.diameter)}
        </text>
      </g>
    </Box>
  );
}

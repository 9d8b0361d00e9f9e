import type { Lying } from '../../../../core/planning/reading/drying-places.ts';
import { wetnessPaint } from '../../../drawing/wetness.tsx';

/** Pixels: how wide a mark is on a bar, and how often a long bar says it, so that one is in sight wherever it is read. */
const PILL = 44;
const LABEL_EVERY = 300;

interface LyingBarProps {
  lying: Lying;
  x(minutes: number): number;
  height: number;
}

/** A piece that dries between two steps, in the textures of its states. */
export function LyingBar({ lying, x, height }: LyingBarProps) {
  const [left, right] = [x(lying.from) + 3, x(lying.until)];
  const pills = Array.from(
    { length: Math.ceil(Math.max(0, right - left - PILL) / LABEL_EVERY) },
    (_unused, index) => left + index * LABEL_EVERY,
  );
  return (
    <g style={{ cursor: 'pointer' }}>
      {lying.stretches.map((stretch) => (
        <rect
          key={stretch.state}
          x={x(stretch.from)}
          y={4}
          width={Math.max(0.5, x(stretch.until) - x(stretch.from))}
          height={height - 8}
          {...wetnessPaint(stretch.state)}
          strokeWidth={1.5}
        />
      ))}
      {pills.map((pill) => (
        <g key={pill}>
          <rect x={pill} y={6.5} width={PILL} height={height - 13} rx={2} fill="var(--sheet)" fillOpacity={0.94} />
          <text
            x={pill + PILL / 2}
            y={height / 2}
            dominantBaseline="central"
            textAnchor="middle"
            fontSize={height > 28 ? 14 : 13}
            className="condensed"
            fill="var(--ink)"
          >
            {lying.piece.mark}
          </text>
        </g>
      ))}
    </g>
  );
}

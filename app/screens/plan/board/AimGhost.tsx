import type { Aim } from '../held-run.ts';
import type { BoardRow } from './layout.ts';
import type { TimeAxis } from './time-axis.ts';

interface AimGhostProps {
  aim: Aim;
  minutes: number;
  rows: readonly BoardRow[];
  axis: TimeAxis;
}

/** Where a run that is held would stand: green where it may, red where it must not. */
export function AimGhost({ aim, minutes, rows, axis }: AimGhostProps) {
  const isRefused = 'refused' in aim.landing || (aim.moved !== null && 'refused' in aim.moved);
  const colour = isRefused ? 'var(--late)' : 'var(--ready)';
  return (
    <g style={{ pointerEvents: 'none' }}>
      {rows
        .filter(({ painterId }) => painterId !== null && aim.painters.includes(painterId))
        .map(({ top, height, painterId }) => (
          <rect
            key={painterId}
            x={axis.x(aim.start)}
            y={top + 4}
            width={Math.max(6, axis.x(aim.start + minutes) - axis.x(aim.start))}
            height={height - 8}
            rx={4}
            fill={colour}
            fillOpacity={0.25}
            stroke={colour}
            strokeWidth={3}
          />
        ))}
    </g>
  );
}

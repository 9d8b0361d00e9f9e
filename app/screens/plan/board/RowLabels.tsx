import { TEMPERATURE } from '../../../../core/units/measures.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { AIR, HEAD } from './Backdrop.tsx';
import type { BoardRow } from './layout.ts';

const WIDTH = 132;

interface RowLabelsProps {
  rows: readonly BoardRow[];
  rackName: string;
  height: number;
}

/** The names of the rows, which stay where they are while the board scrolls. */
export function RowLabels({ rows, rackName, height }: RowLabelsProps) {
  const { units } = useJob().settings;
  return (
    <svg
      width={WIDTH}
      height={height}
      aria-hidden
      style={{ flex: 'none', borderRight: '1px solid var(--line)' }}
      fill="var(--ink)"
      fontSize={14}
    >
      <text x={14} y={HEAD + AIR / 2} dominantBaseline="central" fill="var(--ink-soft)">
        {rackName} {TEMPERATURE.unit(units)}
      </text>
      {rows.map((row) => (
        <text
          key={row.top}
          x={14}
          y={HEAD + AIR + row.top + row.height / 2}
          dominantBaseline="central"
          fontWeight={row.kind === 'painter' ? 700 : 400}
          fill={row.kind === 'painter' ? 'var(--ink)' : 'var(--ink-soft)'}
        >
          {row.label.length > 16 ? `${row.label.slice(0, 15)}…` : row.label}
        </text>
      ))}
    </svg>
  );
}

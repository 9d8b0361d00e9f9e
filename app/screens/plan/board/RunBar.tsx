import { useDraggable } from '@dnd-kit/core';
import type { BenchUse, Run } from '../../../../core/planning/reading/read-plan.ts';
import { operationPaint, runLabel } from './run-paint.tsx';

interface RunBarProps {
  /** Unique on the board. */
  id: string;
  run: Run;
  /** Where a minute lies, in px. */
  x(minutes: number): number;
  height: number;
  isPinned: boolean;
  canMove: boolean;
}

/** One run on a painter's row, with its set-up before it; it can be taken and moved. */
export function RunBar({ id, run, x, height, isPinned, canMove }: RunBarProps) {
  const { setNodeRef, listeners } = useDraggable({ id, disabled: !canMove });
  const [step] = run.steps;
  const paint = operationPaint(run.operation, step?.coat?.coating.role);
  const width = Math.max(2, x(run.spans[0]?.[1] ?? run.end) - x(run.start));
  const label = runLabel(run);
  const room = width - (isPinned ? 20 : 6);
  return (
    <g
      ref={(node) => setNodeRef(node as unknown as HTMLElement | null)}
      {...listeners}
      style={{ cursor: canMove ? 'grab' : 'pointer', touchAction: canMove ? 'manipulation' : undefined }}
    >
      {run.setupMinutes > 0 && (
        <rect
          x={x(run.start - run.setupMinutes)}
          y={14}
          width={Math.max(1, x(run.start) - x(run.start - run.setupMinutes))}
          height={height - 22}
          fill="var(--ink-soft)"
          fillOpacity={0.35}
        />
      )}
      {run.spans.length > 1 && (
        <path d={`M${x(run.start)} ${height / 2}H${x(run.end)}`} stroke={paint.fill} strokeWidth={3} />
      )}
      {run.spans.map(([from, until]) => (
        <rect
          key={from}
          x={x(from)}
          y={7}
          width={Math.max(2, x(until) - x(from))}
          height={height - 14}
          rx={3}
          fill={paint.fill}
          stroke="var(--sheet)"
          strokeWidth={0.75}
        />
      ))}
      {isPinned && <Pin x={x(run.start) + (width > 24 ? width - 10 : width / 2)} y={width > 24 ? 14 : 6} />}
      {room > label.length * 7.6 + 2 && (
        <text
          x={x(run.start) + 6}
          y={height / 2}
          dominantBaseline="central"
          fontSize={13.5}
          fontWeight={650}
          fill={paint.ink}
          style={{ pointerEvents: 'none' }}
        >
          {label}
        </text>
      )}
    </g>
  );
}

/** A round-headed pin. */
function Pin({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`} style={{ pointerEvents: 'none' }}>
      <path d="M0 3V12" stroke="var(--ink)" strokeWidth={2.4} />
      <path d="M0 3V12" stroke="#fff" strokeWidth={1.2} />
      <circle r={4.6} fill="var(--late)" stroke="#fff" strokeWidth={1.4} />
    </g>
  );
}

/** What is on the bench: by whom its place is taken, and by which pieces. */
export function BenchBar({ use, x, height }: { use: BenchUse } & Pick<RunBarProps, 'x' | 'height'>) {
  const { run, steps, from, until } = use;
  const paint = operationPaint(run.operation, steps[0]?.coat?.coating.role);
  const width = Math.max(1.5, x(until) - x(from));
  const [first] = steps;
  const label = steps.length > 1 ? `${first?.piece.mark ?? ''} +${steps.length - 1}` : (first?.piece.mark ?? '');
  return (
    <g style={{ cursor: 'pointer' }}>
      <rect x={x(from)} y={4} width={width} height={height - 8} rx={2} fill={paint.fill} fillOpacity={0.28} />
      <rect x={x(from)} y={height - 7} width={width} height={3} fill={paint.fill} />
      {width > label.length * 7.4 + 6 && (
        <text
          x={x(from) + 4}
          y={height / 2 - 1}
          dominantBaseline="central"
          fontSize={13}
          className="condensed"
          fill="var(--ink)"
        >
          {label}
        </text>
      )}
    </g>
  );
}

import type { AcceptedPlan } from '../../../../core/job/document/plan-schema.ts';
import type { PlanReading, Run } from '../../../../core/planning/reading/read-plan.ts';
import type { BoardRow } from './layout.ts';
import type { TimeAxis } from './time-axis.ts';

interface WasGhostProps {
  run: Run;
  reading: PlanReading;
  /** The accepted plan, where another one is shown. */
  before: Pick<AcceptedPlan, 'tasks'>;
  rows: readonly BoardRow[];
  axis: TimeAxis;
}

/** Where a run stands in the accepted plan, when it stands elsewhere in the one that is shown: dashed, with a line from there. */
export function WasGhost({ run, reading, before, rows, axis }: WasGhostProps) {
  const ids = new Set(run.steps.map(({ id }) => id));
  const moved = before.tasks.filter(({ id, start, painters }) => {
    const isElsewhere = start !== reading.starts.get(id) || painters.join() !== run.painters.join();
    return ids.has(id) && isElsewhere;
  });
  if (moved.length === 0) return null;
  const [from, until] = [Math.min(...moved.map(({ start }) => start)), Math.max(...moved.map(({ end }) => end))];
  const there = rows.filter(({ painterId }) => moved.some(({ painters }) => painters.includes(painterId ?? '')));
  const now = rows.find(({ painterId }) => run.painters.includes(painterId ?? ''));
  const [first] = there;
  const middle = ({ top, height }: BoardRow): number => top + height / 2;
  const [left, right] = [axis.x(from), axis.x(until)];
  return (
    <g style={{ pointerEvents: 'none' }} stroke="var(--ink)" fill="none" strokeWidth={2} strokeDasharray="5 4">
      <title>In the current plan</title>
      {there.map(({ top, height, painterId }) => (
        <rect key={painterId} x={left} y={top + 4} width={Math.max(6, right - left)} height={height - 8} rx={4} />
      ))}
      {first && now && (
        <path d={`M${(left + right) / 2} ${middle(first)}L${axis.x(run.start)} ${middle(now)}`} strokeWidth={1.5} />
      )}
    </g>
  );
}

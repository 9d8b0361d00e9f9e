import { TableHead } from '../../parts/TableHead.tsx';
import { useMemo } from 'react';
import { readinessOf } from '../../../core/hanging/readiness.ts';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { ListTable } from '../../parts/ListTable.tsx';
import { Tag } from '../../parts/Tag.tsx';

/** For every piece, from when it may be handled, hung, closed and washed, and when it is planned to hang. */
export function HangTable({ reading, problem }: { reading: PlanReading; problem: JobProblem }) {
  const job = useJob();
  const rows = useMemo(
    () => readinessOf(job, problem, reading.ends).filter((row) => row.lastCoat !== null),
    [job, problem, reading],
  );
  const at = minutesSince(reading.t0, useNow(), job.site.timeZone);
  const when = (minutes: number | null | undefined): string =>
    minutes == null ? '–' : forecastAt(reading.t0, minutes, job.site.timeZone, at);
  return (
    <ListTable isDense>
      <TableHead
        columns={['Piece', 'Last coat', 'Handle from', 'Hang from', 'Planned to hang', 'Close from', 'Wash from']}
      />
      <tbody>
        {rows.map((row) => (
          <tr key={row.piece.id}>
            <td>
              <Tag mark={row.piece.mark} />
            </td>
            <td>{when(row.lastCoat)}</td>
            <td>{when(row.from.handle)}</td>
            <td>{when(row.from.rehang)}</td>
            <td style={{ fontWeight: 700 }}>{when(row.hung?.at)}</td>
            <td>{when(row.from.close)}</td>
            <td>{when(row.from.wash)}</td>
          </tr>
        ))}
      </tbody>
    </ListTable>
  );
}

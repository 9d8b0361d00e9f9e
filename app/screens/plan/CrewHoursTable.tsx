import { TableHead } from '../../parts/TableHead.tsx';
import { formatMoment } from '../../../core/units/moments.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { painterHours } from '../../../core/planning/reading/idle-hours.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { useJob } from '../../open-job/use-job.ts';
import { ListTable } from '../../parts/ListTable.tsx';

interface CrewHoursTableProps {
  problem: JobProblem;
  plan: Pick<AcceptedPlan, 'tasks' | 'setups' | 't0'>;
  /** Minutes from the plan's t0: what lies before is done. */
  from: number;
}

/** Hours of work, which no day of them has twenty-four. */
const inHours = (minutes: number): string =>
  `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;

/** What everybody's hours go into from now on, and when somebody has nothing to do. */
export function CrewHoursTable({ problem, plan, from }: CrewHoursTableProps) {
  const job = useJob();
  const rows = painterHours(job.crew, problem.clocks.days, plan, from);
  return (
    <ListTable>
      <TableHead columns={['From now on', 'At work', 'Setting up and cleaning', 'Nothing to do', 'Most of it on']} />
      <tbody>
        {rows.map(({ painter, working, settingUp, idle, worstDay }) => (
          <tr key={painter.id}>
            <th scope="row">{painter.name}</th>
            <td>{inHours(working)}</td>
            <td>{inHours(settingUp)}</td>
            <td>{inHours(idle)}</td>
            <td>
              {worstDay === null
                ? '–'
                : formatMoment(localTime(plan.t0, worstDay * 1440 + 720, job.site.timeZone), 'day')}
            </td>
          </tr>
        ))}
      </tbody>
    </ListTable>
  );
}

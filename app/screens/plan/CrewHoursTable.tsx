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

/** Hours of work, never days of 24: “13 h 20 min”. */
const inHours = (minutes: number): string => {
  const [hours, rest] = [Math.floor(Math.round(minutes) / 60), Math.round(minutes) % 60];
  return [hours > 0 ? `${hours} h` : '', rest > 0 || hours === 0 ? `${rest} min` : ''].filter(Boolean).join(' ');
};

/** What everybody's hours go into from now on, and when somebody has nothing to do. */
export function CrewHoursTable({ problem, plan, from }: CrewHoursTableProps) {
  const job = useJob();
  const rows = painterHours(job.crew, problem.clocks.days, plan, from);
  return (
    <ListTable>
      <TableHead columns={['Painter', 'Painting', 'Set-up and cleaning', 'Idle', 'Most idle']} />
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

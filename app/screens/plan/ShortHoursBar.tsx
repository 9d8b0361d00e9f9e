import Alert from '@mui/material/Alert';
import { useMemo } from 'react';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { shortHours, shortHoursWords } from '../../../core/planning/reading/short-hours.ts';
import { useJob, useToday } from '../../open-job/use-job.ts';

/** Outside pieces that drag on for want of hours in a day, with what would give them more. */
export function ShortHoursBar({ problem }: { problem: JobProblem }) {
  const job = useJob();
  const today = useToday();
  const short = useMemo(
    () => shortHours(job, problem, Math.max(0, minutesSince(problem.clocks.t0, `${today}T00:00`, job.site.timeZone))),
    [job, problem, today],
  );
  if (short.length === 0) return null;
  return (
    <Alert severity="info" sx={{ mb: 2 }}>
      <ul>
        {short.map((each) => (
          <li key={each.piece.id}>{shortHoursWords(each)}</li>
        ))}
      </ul>
    </Alert>
  );
}

import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { PAINTING_BLOCKERS } from '../../../core/air/painting-blockers.ts';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { weatherConflicts } from '../../../core/planning/reading/weather-conflicts.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';

const SHOWN = 4;

/** Coats on outside faces that the plan puts into hours in which they may not be painted. */
export function WeatherBar({ problem, reading }: { problem: JobProblem; reading: PlanReading }) {
  const job = useJob();
  const now = useNow();
  const { timeZone } = job.site;
  const against = useMemo(
    () => weatherConflicts(job, problem, reading, minutesSince(reading.t0, now, timeZone)),
    [job, problem, reading, now, timeZone],
  );
  if (against.length === 0) return null;
  return (
    <Alert
      severity="warning"
      sx={{ mb: 2 }}
      action={
        <Button color="inherit" onClick={() => goTo({ stage: 'conditions', jobId: job.id, view: 'outside' })}>
          See hours
        </Button>
      }
    >
      <strong>The weather is against {against.length === 1 ? 'one coat' : `${against.length} coats`} outside.</strong>{' '}
      The forecast has changed. Replan to move them to a dry spell.
      <ul>
        {against.slice(0, SHOWN).map(({ step, start, hindrance }) => (
          <li key={step.id}>
            {step.piece.mark}, coat {step.coat.number},{' '}
            {formatMoment(localTime(reading.t0, start, timeZone), 'dayTime')}: {PAINTING_BLOCKERS[hindrance].words}
          </li>
        ))}
      </ul>
      {against.length > SHOWN && `and ${against.length - SHOWN} more`}
    </Alert>
  );
}

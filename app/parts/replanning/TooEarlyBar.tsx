import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import { taskWords } from '../../../core/planning/reading/task-words.ts';
import type { WaitConflict } from '../../../core/scheduling/wait-conflicts.ts';
import { useJob, useLocalise, useNow } from '../../open-job/use-job.ts';

interface TooEarlyBarProps {
  problem: Pick<JobSteps, 'steps' | 'clocks'>;
  /** What of the accepted plan would touch wet paint, in its order. */
  early: readonly WaitConflict[];
  onReplan(): void;
}

/** Ignore delays shorter than this (minutes). */
const NOTICED = 10;

/** Tells that the accepted plan would touch wet paint, by what has been read and stamped since. */
export function TooEarlyBar({ problem, early, onReplan }: TooEarlyBarProps) {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const { t0 } = problem.clocks;
  const zone = job.site.timeZone;
  const at = minutesSince(t0, now, zone);
  const ahead = early.filter(({ planned, ready }) => planned >= at && ready - planned > NOTICED);
  const [first] = ahead;
  if (first === undefined) return null;
  const when = (minutes: number): string => formatMoment(localTime(t0, Math.ceil(minutes), zone), 'dayTime');
  return (
    <Alert severity="warning" sx={{ mb: 2 }} action={<Button onClick={onReplan}>Replan</Button>}>
      {ahead.length === 1 ? '1 step now falls' : `${ahead.length} steps now fall`} on wet paint. First:{' '}
      {localise(taskWords(job, problem, first.taskId))}, planned {when(first.planned)}, dry {when(first.ready)}.
    </Alert>
  );
}

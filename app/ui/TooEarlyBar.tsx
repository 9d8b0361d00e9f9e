import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useDeferredValue, useMemo } from 'react';
import { localTime, minutesSince } from '../../core/job/site-time.ts';
import type { JobProblem } from '../../core/planning/job-to-problem.ts';
import { taskWords } from '../../core/planning/task-words.ts';
import { tooEarly } from '../../core/planning/too-early.ts';
import { useJob } from './job-context.tsx';

interface TooEarlyBarProps {
  problem: JobProblem;
  plan: Parameters<typeof tooEarly>[1];
  onReplan(): void;
}

/** Minutes that drying is not told to. */
const NOTICED = 10;

/** Tells that the accepted plan would touch wet paint, by what has been read and stamped since. */
export function TooEarlyBar({ problem, plan, onReplan }: TooEarlyBarProps) {
  const { job, now, say } = useJob();
  const { t0 } = problem.problem;
  const zone = job.site.timeZone;
  const at = minutesSince(t0, now, zone);
  // Whoever stamps does not wait for this.
  const asked = useDeferredValue(problem.problem);
  const early = useMemo(() => tooEarly(asked, plan), [asked, plan]).filter(
    ({ planned, ready }) => planned >= at && ready - planned > NOTICED,
  );
  const [first] = early;
  if (first === undefined) return null;
  const when = (minutes: number): string => localTime(t0, Math.ceil(minutes), zone).toFormat('ccc d LLL, HH:mm');
  return (
    <Alert severity="warning" sx={{ mb: 2 }} action={<Button onClick={onReplan}>Replan from now</Button>}>
      By what has been read and stamped since it was planned, {early.length === 1 ? 'a step' : `${early.length} steps`}{' '}
      would come too early. The first: {say(taskWords(job, problem, first.taskId))}, planned {when(first.planned)},
      ready {when(first.ready)}.
    </Alert>
  );
}

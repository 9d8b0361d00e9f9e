import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { BrokenPin } from '../../../core/planning/drafting/pinned.ts';
import { taskWords } from '../../../core/planning/reading/task-words.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';

const BECAUSE: Readonly<Record<Exclude<BrokenPin['because'], 'done'>, string>> = {
  gone: 'no longer needed',
  past: 'its time has passed',
  hands: 'it needs a different painter',
  hours: 'the painter isn’t in then, or not for long enough',
};

/** Pins that can't hold any more, and why; what they said is planned as if they were not there. */
export function BrokenPins({ problem }: { problem: JobProblem }) {
  const job = useJob();
  const { apply } = useCommands();
  const told = problem.brokenPins.flatMap(({ taskId, because }) =>
    because === 'done' ? [] : [{ taskId, words: `${taskWords(job, problem, taskId)}: ${BECAUSE[because]}` }],
  );
  if (told.length === 0) return null;
  return (
    <Alert
      severity="warning"
      sx={{ mb: 2 }}
      action={
        <Button onClick={() => apply('unpin-tasks', { taskIds: told.map(({ taskId }) => taskId) })}>Unpin</Button>
      }
    >
      <strong>{told.length === 1 ? 'A pin no longer works:' : `${told.length} pins no longer work:`}</strong>
      <ul>
        {told.slice(0, 6).map(({ taskId, words }) => (
          <li key={taskId}>{words}</li>
        ))}
      </ul>
    </Alert>
  );
}

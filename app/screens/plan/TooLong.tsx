import Alert from '@mui/material/Alert';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import { tooLongWords } from '../../../core/planning/reading/too-long-words.ts';
import { useJob } from '../../open-job/use-job.ts';

/** Pieces that are left out because no hours are long enough for one of their steps. */
export function TooLong({ tooLong, problem }: Pick<JobProblem, 'tooLong' | 'problem'>) {
  const { timeZone } = useJob().site;
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      <strong>Not in the plan, for want of hours in one go:</strong>
      <ul>
        {tooLong.map((each) => (
          <li key={each.step.id}>
            {each.step.piece.mark}, {stepWords(each.step).toLowerCase()}: {tooLongWords(each, problem.t0, timeZone)}
          </li>
        ))}
      </ul>
    </Alert>
  );
}

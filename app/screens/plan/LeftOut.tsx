import Alert from '@mui/material/Alert';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { noPlaceWords } from '../../../core/planning/reading/no-place-words.ts';
import { stepPhrase } from '../../../core/steps/step-words.ts';
import { tooLongWords } from '../../../core/planning/reading/too-long-words.ts';
import { useJob } from '../../open-job/use-job.ts';

/** Pieces that are left out because no hours hold one of their steps, or that come late; the rest is planned. */
export function LeftOut({ problem: { tooLong, noPlace, problem } }: { problem: JobProblem }) {
  const { timeZone } = useJob().site;
  if (tooLong.length + noPlace.length === 0) return null;
  const isOut = tooLong.length > 0 || noPlace.some(({ isLate }) => !isLate);
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      <strong>{isOut ? 'Left out:' : 'Not in time:'}</strong>
      <ul>
        {tooLong.map((each) => (
          <li key={each.step.id}>
            {each.step.piece.mark}, {stepPhrase(each.step)}: {tooLongWords(each, problem.t0, timeZone)}
          </li>
        ))}
        {noPlace.map((each) => (
          <li key={each.step.id}>{noPlaceWords(each)}</li>
        ))}
      </ul>
    </Alert>
  );
}

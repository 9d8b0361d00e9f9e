import Alert from '@mui/material/Alert';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import { formatDuration } from '../../../core/units/measures.ts';

/** Why a step fits into no hours, and ways out. */
function tooLongWords({ work, longest, hours }: JobProblem['tooLong'][number]): string {
  const most = longest === 0 ? 'no time' : formatDuration(longest);
  return hours === 'paintable'
    ? `it takes ${formatDuration(work)} in one go, and its paintable hours last ${most} at most. Another product, a warmer room, or painting it in sections would help.`
    : `it takes ${formatDuration(work)} in one go, and the longest half-day lasts ${most}. Lengthen it, or leave the piece in its place and stop at a joint.`;
}

/** Pieces that are left out because no hours are long enough for one of their steps. */
export function TooLong({ tooLong }: Pick<JobProblem, 'tooLong'>) {
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      <strong>Not in the plan, for want of hours in one go:</strong>
      <ul>
        {tooLong.map((each) => (
          <li key={each.step.id}>
            {each.step.piece.mark}, {stepWords(each.step).toLowerCase()}: {tooLongWords(each)}
          </li>
        ))}
      </ul>
    </Alert>
  );
}

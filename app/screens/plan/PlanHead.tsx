import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { noPlanReason } from '../../../core/planning/reading/task-words.ts';
import { useJob } from '../../open-job/use-job.ts';
import { CalmerBar } from './CalmerBar.tsx';
import { CandidateBar } from './CandidateBar.tsx';
import { PlanHeader } from './PlanHeader.tsx';
import type { PlanScreen } from './use-plan-screen.ts';

/** Which plan is shown, when it ends, and what may be done with it. */
export function PlanHead({ screen }: { screen: PlanScreen }) {
  const job = useJob();
  const { problem, candidates, chosen, choose, planner, isSearching, calmer, replan, discard, shown, reading, accept } =
    screen;
  return (
    <>
      {reading && chosen && (
        <CandidateBar candidates={candidates} chosen={chosen.id} t0={reading.t0} onChoose={choose} />
      )}
      {shown && reading && chosen && (
        <PlanHeader
          plan={shown}
          reading={reading}
          isDraft={chosen.id !== 'accepted'}
          canDiscard={candidates.some(({ id }) => id === 'accepted')}
          because={chosen.because}
          onAccept={accept}
          onReplan={replan}
          onDiscard={discard}
          isSearching={isSearching}
        />
      )}
      {shown && chosen && chosen.id !== 'calmer' && !isSearching && (
        <CalmerBar calmer={calmer} onLook={(laterBy) => calmer.start(shown, laterBy)} />
      )}
      {planner.isSearching && (
        <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 2 }}>
          <LinearProgress aria-label="Planning" sx={{ flex: 1 }} />
          <span>{planner.draft ? 'Looking for a better plan…' : 'Planning…'}</span>
          <Button size="small" onClick={planner.cancel}>
            {planner.draft ? 'Stop here' : 'Cancel'}
          </Button>
        </Box>
      )}
      {planner.reasons.length > 0 && (
        <Alert severity="error" sx={{ mb: 2 }}>
          <strong>No plan possible</strong>
          <ul>
            {planner.reasons.slice(0, 8).map((reason) => (
              <li key={`${reason.kind}/${reason.task ?? ''}`}>{noPlanReason(job, problem, reason)}</li>
            ))}
          </ul>
        </Alert>
      )}
    </>
  );
}

import { operationOf } from '../../../core/steps/operations.ts';
import Box from '@mui/material/Box';
import { NIGHT_HUNG } from '../../../core/job/cautions.ts';
import { FIRE_DOOR } from '../../../core/pieces/while-wet.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { hazardsOf } from '../../../core/steps/step-hazards.ts';
import { useJob } from '../../open-job/use-job.ts';
import { HazardNote } from '../../parts/HazardNote.tsx';
import { Caution } from '../../parts/Section.tsx';

interface StepCautionsProps {
  step: PieceStep;
  needsTwo: boolean;
}

/** What can hurt somebody in a step, at the point of starting it. */
export function StepCautions({ step, needsTwo }: StepCautionsProps) {
  const job = useJob();
  return (
    <>
      {hazardsOf(job, step).map((hazard) => (
        <Box key={hazard.name} sx={{ mb: 1.5 }}>
          <HazardNote hazard={hazard} />
        </Box>
      ))}
      {operationOf(step).moves === 'night' && (
        <Box sx={{ mb: 1.5 }}>
          <Caution>{step.piece.fireRated ? FIRE_DOOR.join(' ') : NIGHT_HUNG}</Caution>
        </Box>
      )}
      {needsTwo && (
        <Box sx={{ mb: 1.5 }}>
          <Caution>{step.painters === 2 ? 'Two-person job.' : 'Heavy: two people lift and hang it.'}</Caution>
        </Box>
      )}
    </>
  );
}

import { capital } from '../../../core/units/sentence.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import { ReplanningStatus } from '../../parts/replanning/ReplanningStatus.tsx';
import { operationOf } from '../../../core/steps/operations.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { doneStampsByTask } from '../../../core/running/applied-coats.ts';
import { CheckIcon } from '../../drawing/icons.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { ClockDoubtDialog } from '../../parts/stamping/ClockDoubtDialog.tsx';
import { useStamps } from '../../parts/stamping/use-stamps.ts';

interface HangItProps {
  step: PieceStep;
  problem: JobSteps;
  reading: PlanReading;
  isHung: boolean;
  isRisky: boolean;
}

/** Stamps a piece as hung, whatever is risked by it; the rest of the plan makes way. */
export function HangIt({ step, problem, reading, isHung, isRisky }: HangItProps) {
  const job = useJob();
  const [painterId, setPainterId] = useState(job.crew[0]?.id ?? '');
  const { stamps, replanning, doubt } = useStamps(problem, reading, painterId);
  const stamp = doneStampsByTask(job.log).get(step.id);
  const word = operationOf(step).doneWord;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {doubt && <ClockDoubtDialog doubt={doubt} />}
      <ReplanningStatus {...replanning} />
      {isHung && stamp ? (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
          <CheckIcon sx={{ color: 'var(--ready)' }} />
          <strong>
            {capital(word)} {formatMoment(stamp.at, 'dateTime')}
          </strong>
          <Button sx={{ minHeight: 48 }} onClick={() => stamps.withdraw(stamp)}>
            Undo
          </Button>
        </Box>
      ) : (
        <>
          {job.crew.length > 1 && (
            <ToggleButtonGroup
              exclusive
              value={painterId}
              aria-label="Hung by"
              onChange={(_event, id: string | null) => id && setPainterId(id)}
            >
              {job.crew.map(({ id, name }) => (
                <ToggleButton key={id} value={id} sx={{ minHeight: 48 }}>
                  {name}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          )}
          <Button
            variant={isRisky ? 'outlined' : 'contained'}
            sx={{ minHeight: 64, fontSize: 19 }}
            onClick={() => stamps.done([step])}
          >
            {isRisky ? `Mark as ${word} anyway` : `Mark as ${word}`}
          </Button>
        </>
      )}
    </Box>
  );
}

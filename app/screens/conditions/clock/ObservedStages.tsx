import { formatMoment } from '../../../../core/units/moments.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { progressByTask } from '../../../../core/job/progress.ts';
import type { LearntDrying } from '../../../../core/steps/wetness/learnt-drying.ts';
import { isCoat } from '../../../../core/steps/wetness/current-coats.ts';
import { pieceSteps } from '../../../../core/steps/piece-steps.ts';
import { DRYING_STAGES, type DryingStage } from '../../../../core/shelf/coating.ts';
import { formatDuration } from '../../../../core/units/measures.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../../open-job/use-job.ts';
import { Tag } from '../../../parts/Tag.tsx';
import { DeleteIcon } from '../../../drawing/icons.tsx';
import { STAGE_WORDS } from '../stage-words.ts';

/** Coats that were put on lately are offered; so many of them. */
const OFFERED = 40;

/** Stages that a finger found reached: each teaches how this product dries on this job. */
export function ObservedStages({ learnt }: { learnt: LearntDrying | null }) {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const { apply } = useCommands();
  const progress = progressByTask(job.log);
  const coats = job.pieces
    .flatMap((piece) => pieceSteps(job, piece).filter(isCoat))
    .flatMap((step) => {
      const doneAt = progress.get(step.id)?.doneAt;
      return doneAt ? [{ step, doneAt }] : [];
    })
    .sort((one, other) => (one.doneAt < other.doneAt ? 1 : -1))
    .slice(0, OFFERED);
  const [taskId, setTaskId] = useState('');
  const [stage, setStage] = useState<DryingStage>('handle');
  const chosen = coats.find(({ step }) => step.id === taskId) ?? coats[0];
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Typography sx={{ color: 'var(--ink-soft)' }}>
        Tell Nivel when a coat was really ready. It adjusts this product’s drying times on this job.
      </Typography>
      {chosen ? (
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
          <ChoiceField
            label="Coat"
            value={chosen.step.id}
            sx={{ flex: '1 1 340px' }}
            choices={coats.map(({ step, doneAt }) => ({
              value: step.id,
              words: (
                <>
                  {step.piece.mark}, {step.coat.faces.join(' and ')}: {step.coat.coating.name}, painted{' '}
                  {formatMoment(doneAt, 'dateTime')}
                </>
              ),
            }))}
            onChange={setTaskId}
          />
          <ChoiceField
            label="Ready to"
            value={stage}
            sx={{ width: 160 }}
            choices={DRYING_STAGES.map((id) => ({ value: id, words: STAGE_WORDS[id] }))}
            onChange={setStage}
          />
          <Button
            variant="outlined"
            onClick={() =>
              apply('take-readings', {
                readings: [{ id: nanoid(10), kind: 'stage', at: now, taskId: chosen.step.id, stage }],
              })
            }
          >
            Ready now
          </Button>
        </Box>
      ) : (
        <Typography>No coats logged yet.</Typography>
      )}
      {learnt && (
        <Box component="ul" aria-label="Checks of this product" sx={{ display: 'grid' }}>
          {learnt.observations.map(({ reading, step, predicted, actual }) => (
            <Box
              component="li"
              key={reading.id}
              sx={{
                display: 'flex',
                gap: 1.5,
                alignItems: 'center',
                borderBottom: '1px solid var(--line)',
                minHeight: 44,
              }}
            >
              <Tag mark={step.piece.mark} />
              <Box sx={{ flex: 1 }}>
                {localise(STAGE_WORDS[reading.stage])} after {formatDuration(actual)} – expected{' '}
                {formatDuration(predicted)}
              </Box>
              <IconButton
                aria-label={`Delete the check of ${step.piece.mark}`}
                onClick={() => apply('remove-reading', { id: reading.id })}
              >
                <DeleteIcon />
              </IconButton>
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

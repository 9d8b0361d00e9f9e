import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import type { ShownTest } from './shown-test.ts';

interface TestStepsProps {
  pieces: readonly Piece[];
  surfaceTest: ShownTest;
  finding: FindingStamp | null;
}

/** How a test is done, and what was noted of it. */
export function TestSteps({ pieces, surfaceTest: { name, minutes, need, steps }, finding }: TestStepsProps) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const photos = pieces.flatMap((piece) => piece.photos.map((photo, index) => ({ ...photo, mark: piece.mark, index })));
  return (
    <Fold title={name} summary={`${minutes} min`}>
      <Box sx={{ fontSize: 14 }}>
        <strong>You need</strong> {localise(need.join(', '))}.
        <Box component="ol" sx={{ pl: 2.5, my: 1, listStyle: 'decimal' }}>
          {steps.map((step) => (
            <li key={step}>{localise(step)}</li>
          ))}
        </Box>
      </Box>
      {finding && (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          <StatedField
            label="Note"
            text={finding.note}
            draft={`${job.id}/${finding.id}/note`}
            take={(note) =>
              apply(
                'change-finding',
                { id: finding.id, facts: { note } },
                { strokes: `${finding.id}/note`, quiet: true },
              )
            }
          />
          <ChoiceField
            label="Photo"
            value={photos.find(({ id }) => id === finding.photoId)?.id ?? ''}
            helperText={photos.length === 0 ? 'Add photos in Walk.' : undefined}
            choices={[
              { value: '', words: 'none' },
              ...photos.map(({ id, mark, index, caption }) => ({
                value: id,
                words: (
                  <>
                    {mark}, photo {index + 1} {caption}
                  </>
                ),
              })),
            ]}
            onChange={(chosen) => apply('change-finding', { id: finding.id, facts: { photoId: chosen || null } })}
          />
        </Box>
      )}
    </Fold>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { DrillTemplate } from '../../drawing/elevation/DrillTemplate.tsx';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';

/** Old holes that are filled and new ones that are drilled, ticked against their template. */
export function PieceHoles({ piece }: { piece: Piece }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { filledHoles, drillings, holesDone } = piece;
  return (
    <Sheet>
      {filledHoles > 0 && (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', mb: drillings.length > 0 ? 2 : 0 }}>
          <Box sx={{ flex: '1 1 160px' }}>
            <strong>
              {holesDone.filled} of {filledHoles}
            </strong>{' '}
            old holes filled
          </Box>
          <Button
            variant="outlined"
            sx={{ minHeight: 48 }}
            disabled={holesDone.filled >= filledHoles}
            onClick={() => apply('tick-holes', { id: piece.id, filled: holesDone.filled + 1 })}
          >
            One more filled
          </Button>
          <Button
            sx={{ minHeight: 48 }}
            disabled={holesDone.filled >= filledHoles}
            onClick={() => apply('tick-holes', { id: piece.id, filled: filledHoles })}
          >
            All
          </Button>
          <Button
            sx={{ minHeight: 48 }}
            disabled={holesDone.filled === 0}
            onClick={() => apply('tick-holes', { id: piece.id, filled: 0 })}
          >
            None
          </Button>
        </Box>
      )}
      <Box
        component="ul"
        aria-label="New holes"
        sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' } }}
      >
        {drillings.map((drilling) => (
          <li key={drilling.id}>
            <DrillTemplate piece={piece} drilling={drilling} units={job.settings.units} />
            <FormControlLabel
              sx={{ minHeight: 48 }}
              control={
                <Checkbox
                  checked={holesDone.drilled.includes(drilling.id)}
                  onChange={(event) =>
                    apply('tick-holes', {
                      id: piece.id,
                      drilling: { id: drilling.id, isDrilled: event.target.checked },
                    })
                  }
                />
              }
              label={`${localise(drilling.name)}: drilled by the template`}
            />
          </li>
        ))}
      </Box>
    </Sheet>
  );
}

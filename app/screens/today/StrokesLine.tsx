import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { strokesOn } from '../../../core/job/queries/faces.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { APPLICATION_WORDS } from '../../../core/sequence/roles.ts';
import { FACE_ORDERS } from '../../../core/sequence/face-orders.ts';
import { usualOptions } from '../../../core/sequence/usual-options.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';

/** How a coat is put on: the order of strokes that was chosen for it, or the usual one, and the way to its card. */
export function StrokesLine({ step }: { step: PieceStep }) {
  const localise = useLocalise();
  const job = useJob();
  if (!step.coat || step.coat.coat.extent !== 'all') return null;
  const { piece, coat } = step;
  const choice = strokesOn(job, piece, coat.coating.id);
  const { face, application } = choice ?? usualOptions(piece, coat.coat.tool);
  const extras = [
    choice?.order ? 'order as on its card' : null,
    choice?.painters === 2 ? 'two painters' : null,
    choice?.conditioner ? 'add conditioner' : null,
    choice?.breaks ? 'stop at joints until touch dry' : null,
  ].filter(Boolean);
  return (
    <Box sx={{ mb: 2, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', fontSize: 16 }}>
      <Box sx={{ flex: '1 1 220px' }}>
        <strong>{localise(FACE_ORDERS[face].name)}.</strong> {localise(APPLICATION_WORDS[application].name)}
        {extras.length > 0 && `; ${extras.join('; ')}`}.
      </Box>
      <Button
        variant="outlined"
        sx={{ minHeight: 44 }}
        onClick={() => goTo({ stage: 'sequence', jobId: job.id, view: 'card', pieceId: piece.id })}
      >
        Painting order
      </Button>
    </Box>
  );
}

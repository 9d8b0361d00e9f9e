import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { StandingAssumption } from '../../../core/job/assumptions.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { StepperField } from '../../parts/fields/StepperField.tsx';
import { ShapeFields } from './ShapeFields.tsx';
import { SurfaceFields } from './SurfaceFields.tsx';

/** Changes what was assumed, for all things of which the same was. */
export function ChangeAssumed({ assumption, onClose }: { assumption: StandingAssumption; onClose(): void }) {
  const job = useJob();
  const localise = useLocalise();
  const { fact, of, words } = assumption;
  const wanted = new Set(of);
  const pieces = job.pieces.filter(({ id }) => wanted.has(id));
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="assumed-title">
      <DialogTitle id="assumed-title">{localise(words.split(':')[0] ?? words)}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5, pt: '8px !important' }}>
        {fact === 'slots' ? <Slots id={of[0] ?? ''} /> : <PieceFields fact={fact} pieces={pieces} />}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Slots({ id }: { id: string }) {
  const job = useJob();
  const { apply } = useCommands();
  const place = job.places.find((candidate) => candidate.id === id);
  if (place === undefined) return null;
  return (
    <StepperField
      label={`Spaces on ${place.name}`}
      value={place.slots}
      least={1}
      most={200}
      onChange={(slots) => apply('change-place', { id, facts: { slots } }, { strokes: `slots/${id}` })}
    />
  );
}

function PieceFields({ fact, pieces }: { fact: StandingAssumption['fact']; pieces: readonly Piece[] }) {
  const job = useJob();
  const { apply } = useCommands();
  const [first] = pieces;
  if (first === undefined) return null;
  const ids = pieces.map(({ id }) => id);
  return fact === 'surface' ? (
    <SurfaceFields
      surface={first.surface}
      onChange={(surface) => apply('change-pieces', { ids, facts: { surface } })}
    />
  ) : (
    <ShapeFields
      kind={first.kind}
      shape={first.shape}
      units={job.settings.units}
      draft={`${job.id}/assumed/${first.id}`}
      take={(key, read) =>
        read.ok
          ? apply(
              'change-pieces',
              { ids, facts: {}, shape: { [key]: read.value instanceof Array ? [...read.value] : read.value } },
              { strokes: `assumed/${key}`, quiet: true },
            )
          : read
      }
    />
  );
}

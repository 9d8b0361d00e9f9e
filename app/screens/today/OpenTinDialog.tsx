import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { tinsOnSale } from '../../../core/job/queries/shelf.ts';
import { productNeeds } from '../../../core/quantities/litres.ts';
import { bucketWords, type Bucket } from '../../../core/running/tins-in-use.ts';
import { VOLUME } from '../../../core/units/measures.ts';
import { capital } from '../../../core/units/sentence.ts';
import { deviceId } from '../../keeping/device.ts';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { Swatch } from '../../parts/Swatch.tsx';

interface OpenTinDialogProps {
  buckets: readonly Bucket[];
  reading: PlanReading | null;
  onClose(): void;
}

const keyOf = (product: string, hex: string | null): string => `${product}/${hex ?? ''}`;

/** Opens a tin: which paint, how large, which batch, and whether it is poured into what is open already. */
export function OpenTinDialog({ buckets, reading, onClose }: OpenTinDialogProps) {
  const job = useJob();
  const localise = useLocalise();
  const now = useNow();
  const { apply } = useCommands();
  const { units } = job.settings;
  const paints = useMemo(
    () =>
      productNeeds(job).map(({ product, coating, colour }) => ({
        key: keyOf(product, colour?.hex.toLowerCase() ?? null),
        product,
        coating,
        hex: colour?.hex.toLowerCase() ?? null,
        name: capital(bucketWords({ coating, colourName: colour?.name ?? null })),
      })),
    [job],
  );
  const nextPaint = useMemo(() => nextUnopened(reading, buckets), [reading, buckets]);
  const [key, setKey] = useState(nextPaint ?? paints[0]?.key ?? '');
  const paint = paints.find((entry) => entry.key === key);
  const sizes = paint ? tinsOnSale(job, paint.coating).map(({ litres }) => litres) : [];
  const [chosen, setChosen] = useState<number | null>(null);
  const size = chosen !== null && sizes.includes(chosen) ? chosen : (sizes.at(-1) ?? 1);
  const [batch, setBatch] = useState('');
  const open = buckets.find(({ coating, hex }) => paint && coating.id === paint.product && hex === paint.hex);
  const [isBoxed, setIsBoxed] = useState(true);
  const add = (): void => {
    if (!paint) return;
    const boxedWith = open && isBoxed ? open.tins.map(({ id }) => id).slice(0, 12) : [];
    const { ok } = apply('add-tin', {
      entry: {
        id: nanoid(10),
        product: paint.product,
        hex: paint.hex,
        batch,
        litres: size,
        openedAt: now,
        boxedWith,
        seen: null,
        emptiedAt: null,
        end: null,
        device: deviceId(),
      },
    });
    if (ok) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="tin-title">
      <DialogTitle id="tin-title">{localise('Open a tin')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, pt: '8px !important' }}>
        <TextField select label="Paint" value={paint ? key : ''} onChange={(event) => setKey(event.target.value)}>
          {paints.map((entry) => (
            <MenuItem key={entry.key} value={entry.key} sx={{ minHeight: 48, gap: 1 }}>
              {entry.hex && <Swatch hex={entry.hex} size={18} />}
              {localise(entry.name)}
            </MenuItem>
          ))}
        </TextField>
        <ToggleButtonGroup
          exclusive
          fullWidth
          value={size}
          aria-label={localise('Tin size')}
          onChange={(_event, next: number | null) => next !== null && setChosen(next)}
        >
          {sizes.map((litres) => (
            <ToggleButton key={litres} value={litres} sx={{ minHeight: 48 }}>
              {VOLUME.format(litres, units)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <TextField
          label={localise('Batch (on the tin)')}
          value={batch}
          onChange={(event) => setBatch(event.target.value)}
          helperText="You’ll need it to match the paint later."
        />
        {open && (
          <FormControlLabel
            control={<Checkbox checked={isBoxed} onChange={(event) => setIsBoxed(event.target.checked)} />}
            label={`Boxed with the open tin (${VOLUME.format(open.left, units)} left)`}
          />
        )}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button onClick={onClose} sx={{ minHeight: 48 }}>
          Cancel
        </Button>
        <Button variant="contained" onClick={add} disabled={!paint} sx={{ minHeight: 48 }}>
          Open tin
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** The paint that the plan needs next and of which nothing is open. */
function nextUnopened(reading: PlanReading | null, buckets: readonly Bucket[]): string | null {
  const short = buckets.find(({ ahead }) => ahead.runsOut !== null);
  if (short) return keyOf(short.coating.id, short.hex);
  const next = reading?.runs.find(({ steps: [step] }) => {
    const coating = step?.coat?.coating;
    return coating !== undefined && !buckets.some((bucket) => bucket.coating.id === coating.id);
  });
  return next?.steps[0]?.coat ? keyOf(next.steps[0].coat.coating.id, null) : null;
}

import EditIcon from '@mui/icons-material/EditNote';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { STAGES, type Coating, type DryingStage } from '../../../core/shelf/coating.ts';
import { DEFAULT_COATINGS } from '../../../core/shelf/default-coatings.ts';
import { accepted, type Outcome } from '../../../core/units/outcome.ts';
import { useJob } from '../../ui/job-context.tsx';
import { anyNumber } from '../../ui/number-field.ts';
import { StatedField } from '../../ui/StatedField.tsx';

const STAGE_WORDS: Readonly<Record<DryingStage, string>> = {
  touch: 'Touch dry',
  handle: 'Handle, turn',
  recoat: 'Recoat',
  rehang: 'Hang',
  close: 'Close',
  wash: 'Wash',
  full: 'Fully hard',
};

const FIGURES = [
  ['volumeSolids', 'Volume solids', '%', 5, 100],
  ['dryFilm', 'Dry film a coat', 'µm', 5, 500],
  ['minTemperature', 'Not below', '°C', -10, 30],
] as const;

/** The figures of a product as its tin states them, for this job; every wait and every litre follows from them. */
export function TinFigures({ coating }: { coating: Coating | undefined }) {
  const { job, apply, say } = useJob();
  const [isOpen, setIsOpen] = useState(false);
  if (!coating) return <span />;
  const usual = DEFAULT_COATINGS.find(({ id }) => id === coating.id);
  const isStated = job.shelf.some(({ id }) => id === coating.id);
  const state = (facts: Partial<Coating>, field: string): Outcome<unknown> =>
    apply('state-coating', { coating: { ...coating, ...facts } }, { strokes: `${coating.id}/${field}`, quiet: true });
  const helper = (stated: number | null, unit: string): string =>
    stated === null ? 'default: not stated' : `default: ${stated} ${unit}`;
  return (
    <>
      <Tooltip title={isStated ? 'Your own figures; change them' : 'Default figures; state your tin’s'}>
        <IconButton
          aria-label={`Figures of ${coating.name}`}
          onClick={() => setIsOpen(true)}
          sx={{ color: isStated ? 'var(--ready)' : undefined }}
        >
          <EditIcon />
        </IconButton>
      </Tooltip>
      <Dialog open={isOpen} onClose={() => setIsOpen(false)} maxWidth="sm" fullWidth aria-labelledby="figures-title">
        <DialogTitle id="figures-title">{coating.name}</DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, pt: '10px !important' }}>
          <Typography sx={{ color: 'var(--ink-soft)' }}>
            {say('Hours on the tin, at 23 °C and 50 %. Nivel stretches them to the air that there is.')}
          </Typography>
          <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', gap: 1.5 }}>
            {STAGES.map((stage) => (
              <StatedField
                key={stage}
                label={STAGE_WORDS[stage]}
                unit="h"
                text={coating.hours[stage] === null ? '' : String(coating.hours[stage])}
                helper={helper(usual?.hours[stage] ?? null, 'h')}
                draft={`${job.id}/${coating.id}/${stage}`}
                take={(typed) => {
                  const hours = stage === 'wash' && typed.trim() === '' ? accepted(null) : anyNumber(typed, 0.05, 5000);
                  return hours.ok ? state({ hours: { ...coating.hours, [stage]: hours.value } }, stage) : hours;
                }}
              />
            ))}
            <StatedField
              label="Recoat at the latest"
              unit="h"
              text={coating.recoatMax === null ? '' : String(coating.recoatMax)}
              helper={helper(usual?.recoatMax ?? null, 'h')}
              draft={`${job.id}/${coating.id}/recoatMax`}
              take={(typed) => {
                const hours = typed.trim() === '' ? accepted(null) : anyNumber(typed, 0.5, 5000);
                return hours.ok ? state({ recoatMax: hours.value }, 'recoatMax') : hours;
              }}
            />
            {coating.tins.map((tin, index) => (
              <StatedField
                key={tin.litres}
                label={say(`Price, ${tin.litres} L tin`)}
                unit={job.settings.currency}
                text={String(tin.price)}
                helper={helper(
                  usual?.tins.find(({ litres }) => litres === tin.litres)?.price ?? null,
                  job.settings.currency,
                )}
                draft={`${job.id}/${coating.id}/price-${tin.litres}`}
                take={(typed) => {
                  const price = anyNumber(typed, 0, 10_000);
                  if (!price.ok) return price;
                  const tins = coating.tins.map((other, at) =>
                    at === index ? { ...other, price: price.value } : other,
                  );
                  return state({ tins }, `price-${tin.litres}`);
                }}
              />
            ))}
            {FIGURES.map(([key, label, unit, min, max]) => (
              <StatedField
                key={key}
                label={label}
                unit={unit}
                text={String(coating[key])}
                helper={helper(usual?.[key] ?? null, unit)}
                draft={`${job.id}/${coating.id}/${key}`}
                take={(typed) => {
                  const figure = anyNumber(typed, min, max);
                  return figure.ok ? state({ [key]: figure.value }, key) : figure;
                }}
              />
            ))}
          </Box>
        </DialogContent>
        <DialogActions sx={{ px: 3, pb: 2, justifyContent: 'space-between' }}>
          <Button disabled={!isStated || !usual} onClick={() => usual && apply('state-coating', { coating: usual })}>
            Back to the defaults
          </Button>
          <Button variant="contained" onClick={() => setIsOpen(false)}>
            Done
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}

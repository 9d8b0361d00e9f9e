import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { ChoiceField, choicesOf } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { entryChange } from '../../../../core/job/commands/shelf.ts';
import { shelfOnSale } from '../../../../core/job/queries/shelf.ts';
import { FIGURE_SOURCES, type FigureSource } from '../../../../core/shelf/entry.ts';
import {
  FIGURES,
  readFigure,
  unitOf,
  valueAt,
  withFigure,
  writeFigure,
  type Figure,
} from '../../../../core/shelf/figures.ts';
import { TIN_AIR } from '../../../../core/shelf/drying/tin-air.ts';
import { TEMPERATURE } from '../../../../core/units/measures.ts';
import { formatMoment } from '../../../../core/units/moments.ts';
import type { UnitSystem } from '../../../../core/units/unit-systems.ts';
import { usualShelf, type Compartment, type Shelf } from '../../../../core/shelf/shelf.ts';
import type { Outcome } from '../../../../core/units/outcome.ts';
import { useCommands, useJob, useLocalise, useToday } from '../../../open-job/use-job.ts';
import { CoverageField } from './CoverageField.tsx';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
import { FittedHours } from './FittedHours.tsx';

type Entry = Shelf[Compartment][number];

interface EntryDialogProps {
  compartment: Compartment;
  id: string;
  onClose(): void;
}

/** The figures of one entry of the shelf, for this job: each with where it comes from. All waits and litres follow from them. */
export function EntryDialog({ compartment, id, onClose }: EntryDialogProps) {
  const job = useJob();
  const today = useToday();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { units } = job.settings;
  const [source, setSource] = useState<FigureSource>('tin');
  const entries: readonly Entry[] = shelfOnSale(job)[compartment];
  const defaults: readonly Entry[] = usualShelf(units)[compartment];
  const entry = entries.find((candidate) => candidate.id === id);
  const usual = defaults.find((candidate) => candidate.id === id);
  if (!entry) return null;
  const isOwn = (job.shelf[compartment] as readonly Entry[]).some((candidate) => candidate.id === id);
  const state = (changed: Entry, field: string): Outcome<unknown> =>
    apply('change-entry', entryChange(compartment, entry, changed), { strokes: `${id}/${field}`, quiet: true });
  const take = (figure: Figure, typed: string): Outcome<unknown> => {
    const read = readFigure(figure, typed, units);
    if (!read.ok) return read;
    const stated = { ...entry.stated, [figure.path]: { from: source, on: today } };
    return state({ ...withFigure(entry, figure.path, read.value), stated }, figure.path);
  };
  const sourceOf = (figure: Figure): string => {
    const stated = entry.stated[figure.path];
    const plain = usual ? writeFigure(figure, valueAt(usual, figure.path), units) || 'not set' : null;
    const default_ = plain === null ? '' : `default: ${plain}`;
    if (!stated) return default_;
    return `from ${FIGURE_SOURCES[stated.from]}, ${formatMoment(stated.on, 'dateOfYear')}${default_ && ` · ${default_}`}`;
  };
  const headings = [...new Set(FIGURES[compartment].map(({ heading }) => heading))];
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="entry-title">
      <DialogTitle id="entry-title">{entry.name}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 2, pt: '10px !important' }}>
        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
          <StatedField
            label="Name"
            text={entry.name}
            draft={`${job.id}/${id}/name`}
            sx={{ flex: '1 1 240px' }}
            take={(name) => state({ ...entry, name }, 'name')}
          />
          <ChoiceField
            label="Source of figures"
            value={source}
            sx={{ width: 200 }}
            choices={choicesOf(FIGURE_SOURCES)}
            onChange={setSource}
          />
        </Box>
        {compartment === 'coatings' && (
          <Typography sx={{ color: 'var(--ink-soft)' }}>
            {localise(
              `Hours from the tin (${TEMPERATURE.format(TIN_AIR.temperature, units)}, ${TIN_AIR.humidity}% RH). Nivel adjusts them to your conditions.`,
            )}
          </Typography>
        )}
        {headings.map((heading) => (
          <Box key={heading}>
            <Typography variant="h3" sx={{ mb: 1 }}>
              {heading}
            </Typography>
            <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(165px, 1fr))', gap: 1.5 }}>
              {FIGURES[compartment]
                .filter((figure) => figure.heading === heading)
                .map((figure) => (
                  <FigureField
                    key={figure.path}
                    figure={figure}
                    units={units}
                    value={valueAt(entry, figure.path)}
                    helper={sourceOf(figure)}
                    draft={`${job.id}/${id}/${figure.path}`}
                    take={(typed) => take(figure, typed)}
                  />
                ))}
            </Box>
            {heading === 'On the tin' && 'recoatAt' in entry && (
              <CoverageField
                coating={entry}
                draft={`${job.id}/${id}/coverage`}
                take={(dryFilm) =>
                  state(
                    { ...entry, dryFilm, stated: { ...entry.stated, dryFilm: { from: source, on: today } } },
                    'dryFilm',
                  )
                }
              />
            )}
            {heading === 'Hours to' && 'recoatAt' in entry && <FittedHours coating={entry} />}
          </Box>
        ))}
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2, justifyContent: 'space-between' }}>
        <Button
          disabled={!isOwn}
          onClick={() => {
            apply('remove-entry', { compartment, id });
            if (!usual) onClose();
          }}
        >
          {usual ? 'Reset to defaults' : 'Remove from shelf'}
        </Button>
        <Button variant="contained" onClick={onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface FigureFieldProps {
  figure: Figure;
  units: UnitSystem;
  value: unknown;
  helper: string;
  draft: string;
  take(typed: string): Outcome<unknown>;
}

function FigureField({ figure, units, value, helper, draft, take }: FigureFieldProps) {
  const text = writeFigure(figure, value, units);
  const unit = unitOf(figure, units);
  if (figure.kind === 'yes-no') {
    return (
      <FormControlLabel
        control={<Switch checked={text === 'yes'} onChange={(event) => take(event.target.checked ? 'yes' : 'no')} />}
        label={figure.label}
      />
    );
  }
  if (figure.kind === 'choice') {
    return (
      <ChoiceField
        label={figure.label}
        value={text}
        helperText={helper}
        choices={figure.of.map((option) => ({ value: option, words: option.replaceAll('-', ' ') }))}
        onChange={take}
      />
    );
  }
  if (figure.kind === 'choices') {
    return (
      <TextField
        select
        label={figure.label}
        value={text === '' ? [] : text.split(' ')}
        helperText={helper}
        onChange={(event) => take((event.target.value as unknown as string[]).join(' '))}
        slotProps={{ select: { multiple: true } }}
        sx={{ gridColumn: 'span 2' }}
      >
        {figure.of.map((option) => (
          <MenuItem key={option} value={option}>
            {option.replaceAll('-', ' ')}
          </MenuItem>
        ))}
      </TextField>
    );
  }
  const isWide = figure.kind === 'pairs' || figure.kind === 'text';
  return (
    <StatedField
      label={figure.kind === 'pairs' ? `${figure.label} (${unit})` : figure.label}
      {...(figure.kind === 'number' && unit ? { unit } : {})}
      text={text}
      helper={helper}
      draft={draft}
      take={take}
      sx={isWide ? { gridColumn: 'span 2' } : {}}
    />
  );
}

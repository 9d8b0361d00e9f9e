import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { cleanerFor } from '../../../../core/quantities/mixes.ts';
import type { Cleaner } from '../../../../core/shelf/cleaner.ts';
import { formatArea } from '../../../../core/units/quantity.ts';
import { useJob } from '../../../open-job/use-job.ts';
import { anyNumber } from '../../../parts/fields/number-field.ts';
import { Caution } from '../../../parts/Section.tsx';

/** A cleaner of the job, and the m² that are washed with it. */
export interface Washed {
  cleaner: Cleaner;
  area: number;
}

/** m² that a litre of wash does before it is dirty: a default. */
const WASHES = 4;

/** How much cleaner goes to the water that is really in the bucket. */
export function CleanerBucket({ washed }: { washed: readonly Washed[] }) {
  const job = useJob();
  const [typed, setTyped] = useState('5');
  const water = anyNumber(typed, 0.1, 50);
  if (washed.length === 0) return <Box sx={{ color: 'var(--ink-soft)' }}>No chosen build-up is washed.</Box>;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <TextField
          label="Water in the bucket, L"
          value={typed}
          error={!water.ok}
          helperText={water.ok ? 'measure it: the bucket’s size says little' : water.message}
          onChange={(event) => setTyped(event.target.value)}
          sx={{ width: 250 }}
        />
        <Box component="ul" sx={{ display: 'grid', gap: 0.25, fontSize: 16 }}>
          {washed.map(({ cleaner, area }) => (
            <li key={cleaner.id}>
              <strong>{cleaner.name}</strong>:{' '}
              {cleaner.dilution === null
                ? 'as it comes'
                : water.ok
                  ? `${Math.round(cleanerFor(water.value, cleaner.dilution))} mL`
                  : '–'}
              <Box component="span" sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {' '}
                {cleaner.dilution !== null && `(${cleaner.dilution} mL a litre) `}for{' '}
                {formatArea(area, job.settings.units)}
                {water.ok &&
                  cleaner.dilution !== null &&
                  `, about ${Math.max(1, Math.ceil(area / (water.value * WASHES)))} such buckets`}
                {cleaner.rinse ? '; rinse' : ''}
              </Box>
            </li>
          ))}
        </Box>
      </Box>
      <Caution>
        Never mix cleaners: bleach with acid or ammonia gives off poisonous gas. Gloves, and eyes covered, for all of
        them.
      </Caution>
    </Box>
  );
}

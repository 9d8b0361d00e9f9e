import { counted } from '../../../../core/units/sentence.ts';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { cleanerFor } from '../../../../core/quantities/mixes.ts';
import type { Cleaner } from '../../../../core/shelf/cleaner.ts';
import { AREA, DILUTION, PORTION, VOLUME } from '../../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';
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
  const { units } = job.settings;
  const localise = useLocalise();
  const [typed, setTyped] = useState(() => String(VOLUME.fieldValue(5, units)));
  const water = VOLUME.read(typed, [0.1, 50], units);
  if (washed.length === 0) return <Box sx={{ color: 'var(--ink-soft)' }}>No washing in the chosen build-ups.</Box>;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <TextField
          label={`Water in the bucket, ${VOLUME.unit(units)}`}
          value={typed}
          error={!water.ok}
          helperText={water.ok ? 'measured, not the bucket’s size' : water.message}
          onChange={(event) => setTyped(event.target.value)}
          sx={{ width: 250 }}
        />
        <Box component="ul" sx={{ display: 'grid', gap: 0.25, fontSize: 16 }}>
          {washed.map(({ cleaner, area }) => (
            <li key={cleaner.id}>
              <strong>{localise(cleaner.name)}</strong>:{' '}
              {cleaner.dilution === null
                ? 'undiluted'
                : water.ok
                  ? PORTION.format(cleanerFor(water.value, cleaner.dilution), units)
                  : '–'}
              <Box component="span" sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {' '}
                {cleaner.dilution !== null && `(${DILUTION.brief(cleaner.dilution, units)}) `}
                for {AREA.format(area, units)}
                {water.ok &&
                  cleaner.dilution !== null &&
                  `, about ${counted(Math.max(1, Math.ceil(area / (water.value * WASHES))), 'bucket')}`}
                {cleaner.rinse ? ', then rinse' : ''}
              </Box>
            </li>
          ))}
        </Box>
      </Box>
      <Caution>
        Never mix cleaners: bleach with acid or ammonia makes a poisonous gas. Gloves and goggles for all of them.
      </Caution>
    </Box>
  );
}

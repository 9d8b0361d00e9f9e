import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { ToggleChoice } from '../../parts/fields/ToggleChoice.tsx';
import { Question, StartPart } from './StartPart.tsx';
import type { StartState } from './use-start.ts';

const WHERE = [
  { value: 'house', words: 'In the house' },
  { value: 'workshop', words: 'In a workshop' },
] as const;
const HEATED = [
  { value: 'heated', words: 'Heated' },
  { value: 'cold', words: 'Not heated' },
] as const;

/** A hundredth of a degree, about a kilometre: sun and weather need no more. */
const rounded = (degrees: number): number => Math.round(degrees * 100) / 100;

/** Where it is painted, how warm that is, and where on the map. */
export function WherePart({ state }: { state: StartState }) {
  const { begun, change } = state;
  const [fault, setFault] = useState<string | null>(null);
  const locate = (): void => {
    setFault(null);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => change({ latitude: rounded(coords.latitude), longitude: rounded(coords.longitude) }),
      () => setFault('This device gave no location. Set it later in Conditions.'),
      { maximumAge: 3_600_000, timeout: 10_000 },
    );
  };
  return (
    <StartPart title="Where?">
      <Question words="Loose pieces are painted">
        <ToggleChoice
          label="Loose pieces are painted"
          value={begun.where}
          choices={WHERE}
          onChange={(where) => change({ where })}
        />
      </Question>
      <Question words="It is">
        <ToggleChoice
          label="Heating"
          value={begun.heated ? 'heated' : 'cold'}
          choices={HEATED}
          onChange={(heated) => change({ heated: heated === 'heated' })}
        />
      </Question>
      <Question words="Address">
        <TextField
          size="small"
          fullWidth
          placeholder="can wait"
          value={begun.address}
          onChange={(event) => change({ address: event.target.value.slice(0, 120) })}
          slotProps={{ htmlInput: { 'aria-label': 'Address', autoComplete: 'street-address' } }}
        />
      </Question>
      <Question words="On the map">
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
          <span>
            {begun.latitude === null || begun.longitude === null
              ? Intl.DateTimeFormat().resolvedOptions().timeZone
              : `${begun.latitude}°, ${begun.longitude}°`}
          </span>
          {'geolocation' in navigator && (
            <Button size="small" onClick={locate}>
              Use my location
            </Button>
          )}
          {fault !== null && <Box sx={{ color: 'var(--late)', fontSize: 14 }}>{fault}</Box>}
        </Box>
      </Question>
    </StartPart>
  );
}

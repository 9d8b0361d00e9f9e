import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useLocalise } from '../../open-job/use-job.ts';

interface StepperFieldProps {
  label: string;
  value: number;
  least: number;
  most: number;
  /** By how much a tap changes it. */
  step?: number;
  unit?: string;
  onChange(value: number): void;
}

/** A whole number that is tapped up and down, or typed. What is out of bounds is told under it and not taken. */
export function StepperField({ label, value, least, most, step = 1, unit, onChange }: StepperFieldProps) {
  const words = useLocalise()(label);
  const [typed, setTyped] = useState<string | null>(null);
  const bounded = (next: number): number => Math.min(most, Math.max(least, next));
  const read = typed === null ? value : Number(typed.trim() === '' ? NaN : typed);
  const isFault = !Number.isInteger(read) || read < least || read > most;
  const take = (text: string): void => {
    setTyped(text);
    const next = Number(text.trim() === '' ? NaN : text);
    if (Number.isInteger(next) && next >= least && next <= most) onChange(next);
  };
  const tap = (by: number): void => {
    setTyped(null);
    onChange(bounded(value + by));
  };
  const button = { border: '1px solid var(--line)', borderRadius: '6px', width: 44, height: 44, color: 'var(--ink)' };
  return (
    <Box role="group" aria-label={words} sx={{ display: 'flex', alignItems: 'center', gap: 0.75 }}>
      <IconButton aria-label={`${words}: fewer`} sx={button} disabled={value <= least} onClick={() => tap(-step)}>
        −
      </IconButton>
      <TextField
        aria-label={words}
        value={typed ?? String(value)}
        error={isFault}
        helperText={isFault ? `${least} to ${most}.` : null}
        onChange={(event) => take(event.target.value)}
        onBlur={() => !isFault && setTyped(null)}
        sx={{
          width: unit ? 84 : 64,
          mt: 0,
          '& input': { textAlign: 'center', fontSize: 18, fontWeight: 650, py: '9px' },
        }}
        slotProps={{
          htmlInput: { inputMode: 'numeric', 'aria-label': words },
          input: unit ? { endAdornment: <span style={{ color: 'var(--ink-soft)' }}>{unit}</span> } : {},
        }}
      />
      <IconButton aria-label={`${words}: more`} sx={button} disabled={value >= most} onClick={() => tap(step)}>
        +
      </IconButton>
    </Box>
  );
}

import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { CalmerState } from './use-calmer.ts';

/** By how much later a calmer plan may end, in minutes. */
const LATER = [
  { minutes: 0, words: 'no later' },
  { minutes: 720, words: 'half a day later' },
  { minutes: 1440, words: 'a day later' },
  { minutes: 3 * 1440, words: '3 days later' },
] as const;
const USUAL = 1440;

interface CalmerBarProps {
  calmer: Pick<CalmerState, 'isSearching' | 'draft' | 'noneWithin' | 'failure' | 'cancel'>;
  onLook(laterBy: number): void;
}

/** Asks for a plan with fewer set-ups and walks, at a price in time that the painter sets. */
export function CalmerBar({ calmer, onLook }: CalmerBarProps) {
  const [laterBy, setLaterBy] = useState<number>(USUAL);
  const none = LATER.find(({ minutes }) => minutes === calmer.noneWithin);
  return (
    <Box
      role="group"
      aria-label="A calmer plan"
      sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap', mb: 2.5 }}
    >
      <span>Fewer set-ups, finishing</span>
      <ChoiceField
        size="small"
        value={laterBy}
        disabled={calmer.isSearching}
        slotProps={{ htmlInput: { 'aria-label': 'Latest finish' } }}
        choices={LATER.map(({ minutes, words: name }) => ({ value: minutes, words: name }))}
        onChange={setLaterBy}
      />
      {calmer.isSearching ? (
        <Button onClick={calmer.cancel}>{calmer.draft ? 'Stop here' : 'Stop'}</Button>
      ) : (
        <Button onClick={() => onLook(laterBy)}>Find calmer plan</Button>
      )}
      <span role="status">
        {calmer.isSearching && 'Looking for a calmer plan…'}
        {none && `No calmer plan found (${none.words}).`}
        {calmer.failure !== null && `Can’t look right now: ${calmer.failure}`}
      </span>
    </Box>
  );
}

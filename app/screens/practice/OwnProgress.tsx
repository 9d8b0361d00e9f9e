import Box from '@mui/material/Box';
import { DateTime } from 'luxon';
import { useState } from 'react';
import type { Attempt } from '../../../core/practising/attempt.ts';
import { biases, biasWords } from '../../../core/practising/bias.ts';
import { MISTAKES } from '../../../core/practising/mistakes.ts';
import { recurring } from '../../../core/practising/progress.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { Section } from '../../parts/Section.tsx';

/** Mistakes that are told at once. */
const TOLD = 6;

/** What keeps going wrong and when it comes up again, and by how much one’s estimates are off. */
export function OwnProgress({ attempts }: { attempts: readonly Attempt[] }) {
  const localise = useLocalise();
  const [now] = useState(() => DateTime.now());
  const wrong = recurring(attempts);
  const often = wrong.toSorted((one, other) => other.made - one.made).slice(0, TOLD);
  const own = biases(attempts);
  return (
    <>
      {often.length > 0 && (
        <Section title="What keeps going wrong">
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
            {often.map(({ mistake, made, judged, due }) => (
              <li key={mistake}>
                <strong>{MISTAKES[mistake].name}</strong>, {made} of {judged}. {localise(MISTAKES[mistake].learn)}
                <Box sx={{ color: 'var(--ink-soft)' }}>{dueWords(DateTime.fromISO(due), now)}</Box>
              </li>
            ))}
          </Box>
        </Section>
      )}
      {own.length > 0 && (
        <Section title="Your estimates">
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {own.map((bias) => (
              <li key={bias.id}>{biasWords(bias)}</li>
            ))}
          </Box>
        </Section>
      )}
    </>
  );
}

/** When a mistake is practised against again. */
function dueWords(due: DateTime, now: DateTime): string {
  if (due <= now) return 'Practise it now.';
  const days = Math.ceil(due.diff(now, 'days').days);
  return days === 1 ? 'Again tomorrow.' : `Again in ${days} days.`;
}

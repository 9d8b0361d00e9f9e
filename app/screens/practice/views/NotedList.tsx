import Box from '@mui/material/Box';
import type { Noted } from '../../../../core/practising/exercises/wrong-log.ts';
import { useLocalise } from '../../../open-job/use-job.ts';

/** What is known of something, line by line. */
export function NotedList({ label, lines }: { label: string; lines: readonly Noted[] }) {
  const localise = useLocalise();
  return (
    <Box component="section" aria-label={label}>
      <Box component="h2" sx={{ m: 0, mb: 0.5, fontSize: 18 }}>
        {label}
      </Box>
      <Box
        component="dl"
        sx={{
          m: 0,
          display: 'grid',
          gridTemplateColumns: 'minmax(84px, auto) minmax(0, 1fr)',
          columnGap: 1.5,
          rowGap: 0.5,
          '& dt': { color: 'var(--ink-soft)' },
          '& dd': { m: 0 },
        }}
      >
        {lines.map(({ about, words }, index) => [
          <dt key={`${index} about`}>{localise(about)}</dt>,
          <dd key={`${index} words`}>{localise(words)}</dd>,
        ])}
      </Box>
    </Box>
  );
}

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useLocalise } from '../open-job/use-job.ts';

interface SectionProps {
  title: string;
  /** Beside the title. */
  aside?: ReactNode;
  children: ReactNode;
}

/** A part of a screen under a heading. */
export function Section({ title, aside, children }: SectionProps) {
  const heading = useLocalise()(title);
  return (
    <Box component="section" aria-label={heading} sx={{ mb: 4 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, mb: 1.25, flexWrap: 'wrap' }}>
        <Typography variant="h2">{heading}</Typography>
        {aside}
      </Box>
      {children}
    </Box>
  );
}

/** A sheet of paper on the ground: what belongs together. */
export function Sheet({ children, pad = 2 }: { children: ReactNode; pad?: number }) {
  return (
    <Box
      sx={{
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        boxShadow: 'var(--shadow)',
        p: pad,
      }}
    >
      {children}
    </Box>
  );
}

/** What to do next where there is nothing to see yet. */
export function EmptyState({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  const localise = useLocalise();
  return (
    <Box sx={{ py: { xs: 5, md: 9 }, maxWidth: 520, mx: 'auto', textAlign: 'center' }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {localise(title)}
      </Typography>
      <Box sx={{ color: 'var(--ink-soft)', mb: 3, fontSize: 16 }}>
        {typeof children === 'string' ? localise(children) : children}
      </Box>
      {action}
    </Box>
  );
}

/** A short caution where the decision is made: the hazard first, what to do after it. */
export function Caution({ children }: { children: ReactNode }) {
  const localise = useLocalise();
  return (
    <Box
      role="note"
      sx={{
        borderLeft: '5px solid var(--tacky)',
        background: 'color-mix(in srgb, var(--tacky) 9%, var(--sheet))',
        px: 1.5,
        py: 1,
        fontSize: 14,
        borderRadius: '0 6px 6px 0',
      }}
    >
      <strong>Caution. </strong>
      {typeof children === 'string' ? localise(children) : children}
    </Box>
  );
}

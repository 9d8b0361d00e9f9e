import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

/** One of the three things that a start asks for. */
export function StartPart({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mb: 3.5 }}>
      <Typography variant="h2" sx={{ mb: 1.25 }}>
        {title}
      </Typography>
      <Box sx={{ display: 'grid', gap: 2 }}>{children}</Box>
    </Box>
  );
}

/** A question of a start with its answer under it, or beside it where there is room. */
export function Question({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: '190px minmax(0, 1fr)' },
        gap: { xs: 0.5, sm: 2 },
        alignItems: 'center',
      }}
    >
      <span>{words}</span>
      <Box sx={{ minWidth: 0 }}>{children}</Box>
    </Box>
  );
}

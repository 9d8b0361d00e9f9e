import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface BesideListProps {
  list: ReactNode;
  /** px. */
  width?: number;
  /** What is chosen in the list. */
  children: ReactNode;
}

/** What is chosen in a list, beside it; below it where the screen is narrow. */
export function BesideList({ list, width = 262, children }: BesideListProps) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: `${width}px minmax(0, 1fr)` },
        gap: 3,
        alignItems: 'start',
      }}
    >
      {list}
      {children}
    </Box>
  );
}

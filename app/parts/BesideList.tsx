import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface BesideListProps {
  list: ReactNode;
  /** px. */
  width?: number;
  /** The details of the chosen entry. */
  children: ReactNode;
}

/** A list with details beside it; on a narrow screen below it. */
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

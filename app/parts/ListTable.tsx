import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A plain table on a sheet, for lists that are compared; scrolls sideways where the screen is narrow. */
export function ListTable({ isDense = false, children }: { isDense?: boolean; children: ReactNode }) {
  return (
    // Reached by the keyboard as well, to be scrolled.
    <Box
      tabIndex={0}
      sx={{ overflowX: 'auto', background: 'var(--sheet)', border: '1px solid var(--line)', borderRadius: '8px' }}
    >
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          '& td, & th': {
            px: isDense ? 1 : 2,
            py: 0.6,
            borderBottom: '1px solid var(--line)',
            textAlign: 'left',
            fontSize: isDense ? 13.5 : 14,
            whiteSpace: 'nowrap',
          },
          '& tbody > tr:last-child > *': { borderBottom: 0 },
        }}
      >
        {children}
      </Box>
    </Box>
  );
}

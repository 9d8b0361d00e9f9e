import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** One instrument in the tray: its name, its case with a display, and its buttons. */
export function Instrument({ name, display, children }: { name: string; display: ReactNode; children: ReactNode }) {
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{
        background: 'var(--sheet)',
        border: '1px solid var(--ink)',
        borderRadius: '10px',
        boxShadow: 'var(--shadow)',
        p: 1.5,
        display: 'grid',
        gap: 1.25,
        alignContent: 'start',
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <strong>{name}</strong>
        <Box component="span" sx={{ fontSize: 13, color: 'var(--ink-soft)' }}>
          demo
        </Box>
      </Box>
      <Box
        aria-live="polite"
        className="condensed"
        sx={{
          background: '#dfe7c3',
          color: '#16302b',
          borderRadius: '6px',
          border: '2px solid #18292b',
          minHeight: 84,
          px: 1.5,
          py: 1,
          fontSize: 30,
          lineHeight: 1.15,
          display: 'grid',
          alignContent: 'center',
        }}
      >
        {display}
      </Box>
      {children}
    </Box>
  );
}

/** Small words in a display. */
export function Fine({ children }: { children: ReactNode }) {
  return (
    <Box component="span" sx={{ fontSize: 14, fontWeight: 500, display: 'block' }}>
      {children}
    </Box>
  );
}

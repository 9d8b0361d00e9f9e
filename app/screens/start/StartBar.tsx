import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { formatMoment } from '../../../core/units/moments.ts';
import { counted } from '../../../core/units/sentence.ts';
import type { StartState } from './use-start.ts';

/** What the job comes to so far, and the button that begins it; stays in sight. */
export function StartBar({ state, onStart }: { state: StartState; onStart(): void }) {
  const { made, start } = state;
  return (
    <Box
      sx={{
        position: 'sticky',
        bottom: 0,
        mx: { xs: -2, md: -4 },
        px: { xs: 2, md: 4 },
        py: 1.25,
        background: 'var(--sheet)',
        borderTop: '2px solid var(--ink)',
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        zIndex: 4,
        pb: 'calc(10px + env(safe-area-inset-bottom))',
      }}
    >
      <Box role="status" sx={{ flex: 1, minWidth: 0, fontWeight: 650, color: made.ok ? 'var(--ink)' : 'var(--late)' }}>
        {made.ok
          ? `${counted(made.value.pieces.length, 'piece')}, first day ${formatMoment(start, 'day')}`
          : made.message}
      </Box>
      <Button
        variant="contained"
        size="large"
        disabled={!made.ok}
        onClick={onStart}
        sx={{ minHeight: 48, flex: 'none' }}
      >
        Start job
      </Button>
    </Box>
  );
}

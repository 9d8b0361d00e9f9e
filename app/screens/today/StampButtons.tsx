import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { PieceStep } from '../../../core/steps/step.ts';
import type { Run } from '../../../core/planning/reading/read-plan.ts';
import { NowMenu } from './NowMenu.tsx';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

const big = { minHeight: 64, fontSize: 20 } as const;

interface StampButtonsProps {
  steps: readonly PieceStep[];
  isRunning: boolean;
  isEarly: boolean;
  stamps: Stamps;
  after: Run | null;
}

/** Start, done and the rest. On a phone they stand above the foot bar: one thumb. */
export function StampButtons({ steps: open, isRunning, isEarly, stamps, after }: StampButtonsProps) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: isRunning ? '1fr 64px' : '1fr 1.4fr 64px',
        gap: 1.5,
        // On a phone they stand above the foot bar, wherever the card is scrolled to: one thumb.
        position: { xs: 'sticky', md: 'static' },
        bottom: 'calc(66px + env(safe-area-inset-bottom))',
        background: 'var(--sheet)',
        mx: -1,
        px: 1,
        py: 1,
        zIndex: 2,
      }}
    >
      {!isRunning && (
        <Button variant="outlined" sx={big} onClick={() => stamps.start(open)}>
          Start
        </Button>
      )}
      <Button variant={isEarly ? 'outlined' : 'contained'} sx={big} onClick={() => stamps.done(open)}>
        {open.length > 1 ? `All ${open.length} done` : 'Done'}
      </Button>
      <NowMenu steps={open} after={after} stamps={stamps} />
    </Box>
  );
}

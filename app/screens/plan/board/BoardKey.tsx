import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { WETNESS } from '../../../../core/planning/reading/drying-places.ts';
import type { PlanReading } from '../../../../core/planning/reading/read-plan.ts';
import { WetnessKey } from '../../../drawing/wetness.tsx';

interface BoardKeyProps {
  reading: Pick<PlanReading, 'lyings'>;
  /** Rows that are not shown yet. */
  hidden: number;
  onShowAll(): void;
}

/** What the patterns mean, and what a hand can do. */
export function BoardKey({ reading, hidden, onShowAll }: BoardKeyProps) {
  return (
    <Box sx={{ mt: 1.25, display: 'flex', gap: 3, flexWrap: 'wrap', fontSize: 14, alignItems: 'center' }}>
      <WetnessKey
        states={WETNESS.filter(
          (state) =>
            state === 'wet' ||
            state === 'tacky' ||
            state === 'ready' ||
            reading.lyings.some((lying) => lying.stretches.some((stretch) => stretch.state === state)),
        )}
      />
      <span style={{ color: 'var(--ink-soft)' }}>Shaded: off hours. Tap a job to open it, drag to move it.</span>
      {hidden > 0 && (
        <Button size="small" onClick={onShowAll}>
          Show {hidden} more in-place rows
        </Button>
      )}
    </Box>
  );
}

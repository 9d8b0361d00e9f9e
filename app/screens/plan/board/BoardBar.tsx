import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import type { Run } from '../../../../core/planning/reading/read-plan.ts';
import { RunLegend } from './run-paint.tsx';

/** Pixels for a working hour. */
const ZOOMS = [
  [9, 'job'],
  [26, 'week'],
  [72, 'day'],
  [200, 'hour'],
] as const;

interface BoardBarProps {
  scale: number;
  runs: readonly Run[];
  onZoom(perHour: number): void;
  onGoToNow(): void;
}

/** How much of the job the board shows, and what its colours mean. */
export function BoardBar({ scale, runs, onZoom, onGoToNow }: BoardBarProps) {
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 1.25, flexWrap: 'wrap' }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label="Zoom"
        value={scale}
        onChange={(_event, zoom: number | null) => zoom && onZoom(zoom)}
      >
        {ZOOMS.map(([hourly, words]) => (
          <ToggleButton key={hourly} value={hourly}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <Button size="small" onClick={onGoToNow}>
        Now
      </Button>
      <RunLegend operations={[...new Set(runs.map((run) => run.operation))]} />
    </Box>
  );
}

import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import { ReplanCard } from './ReplanCard.tsx';
import type { Replanning } from './use-replanning.ts';

interface ReplanningStatusProps extends Pick<Replanning, 'isReplanning' | 'lines' | 'putAway'> {
  /** Room below it, in steps of the theme. */
  below?: number;
}

/** That the rest is being planned anew, and what it came to. */
export function ReplanningStatus({ isReplanning, lines, putAway, below = 0 }: ReplanningStatusProps) {
  if (isReplanning) {
    return (
      <Box role="status" sx={{ mb: below }}>
        <LinearProgress aria-label="Replanning" />
        Replanning…
      </Box>
    );
  }
  return lines ? (
    <Box sx={{ mb: below }}>
      <ReplanCard lines={lines} onPutAway={putAway} />
    </Box>
  ) : null;
}

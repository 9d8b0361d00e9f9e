import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReplanLines } from '../../../core/running/replan-lines.ts';
import { useCommands } from '../../open-job/use-job.ts';

interface ReplanCardProps {
  lines: ReplanLines;
  onPutAway(): void;
}

/** What a replan has come to: what of the finish and why, what moved most, what of today. With undo. */
export function ReplanCard({ lines, onPutAway }: ReplanCardProps) {
  const { undo } = useCommands();
  return (
    <Box
      component="section"
      role="status"
      aria-label="Replanned"
      sx={{
        border: '2px solid var(--ink)',
        borderLeft: `10px solid ${lines.isLater ? 'var(--tacky)' : 'var(--vial-deep)'}`,
        borderRadius: '8px',
        background: 'var(--sheet)',
        p: 1.5,
        display: 'grid',
        gap: 0.5,
        fontSize: 15.5,
      }}
    >
      <strong>{lines.why}</strong>
      <span>{lines.moved}</span>
      <span>{lines.today}</span>
      <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
        <Button
          variant="outlined"
          sx={{ minHeight: 48 }}
          onClick={() => {
            undo();
            onPutAway();
          }}
        >
          Undo
        </Button>
        <Button sx={{ minHeight: 48 }} onClick={onPutAway}>
          OK
        </Button>
      </Box>
    </Box>
  );
}

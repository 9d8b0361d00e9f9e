import Box from '@mui/material/Box';
import { compareMarks } from '../../../core/job/marks.ts';
import type { PieceStep } from '../../../core/steps/step.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { useJob } from '../../open-job/use-job.ts';
import { PieceThumb } from '../../drawing/elevation/PieceThumb.tsx';
import { Tag } from '../../parts/Tag.tsx';

/** Whoever looks for a tag looks for its number. */
const inMarkOrder = (steps: readonly PieceStep[]): PieceStep[] =>
  [...steps].sort((one, other) => compareMarks(one.piece.mark, other.piece.mark));

interface RunPiecesProps {
  steps: readonly PieceStep[];
  /** Whether tags alone stand for them. */
  isLong: boolean;
  onDone(step: PieceStep): void;
}

/** The pieces of a run, each to be tapped when it is done. */
export function RunPieces({ steps, isLong, onDone }: RunPiecesProps) {
  const job = useJob();
  return (
    <Box
      component="ul"
      aria-label="Pieces in this job"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, my: 2, alignItems: 'flex-end' }}
    >
      {inMarkOrder(steps).map((entry) => (
        <Box component="li" key={entry.id} sx={{ display: 'grid', justifyItems: 'center', gap: 0.5 }}>
          {!isLong && (
            <PieceThumb piece={entry.piece} fill={groupOf(job, entry.piece)?.colour.hex ?? '#efece2'} mmPerPixel={24} />
          )}
          <Box
            component="button"
            type="button"
            onClick={() => onDone(entry)}
            aria-label={`${entry.piece.mark} done`}
            sx={{
              minHeight: 48,
              minWidth: 76,
              border: 0,
              background: 'none',
              p: 0,
              font: 'inherit',
              cursor: 'pointer',
              display: 'grid',
              placeItems: 'center',
            }}
          >
            <Tag mark={entry.piece.mark} size={isLong ? 'small' : 'large'} />
          </Box>
        </Box>
      ))}
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useCallback, useState } from 'react';
import { useJob } from '../../ui/job-context.tsx';
import { goTo, useRoute } from '../../ui/route.ts';
import { EmptyState } from '../../ui/Section.tsx';
import { AddPieces } from './AddPieces.tsx';
import { PieceEditor } from './PieceEditor.tsx';
import { PieceWall } from './PieceWall.tsx';
import { Rooms } from './Rooms.tsx';

/** Walk the job: every piece with its size, surface and scope, drawn to scale under its tag. */
export default function Walk() {
  const { job } = useJob();
  const { pieceId } = useRoute();
  const [isAdding, setIsAdding] = useState(false);
  const chosen = job.pieces.find((piece) => piece.id === pieceId);
  const choose = useCallback(
    (id: string | null): void => goTo({ stage: 'walk', jobId: job.id, pieceId: id }, 'replace'),
    [job.id],
  );
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 3,
        gridTemplateColumns: { lg: chosen ? 'minmax(0, 1fr) 430px' : '1fr' },
        alignItems: 'start',
      }}
    >
      <Box>
        <Box sx={{ display: 'flex', gap: 1.5, mb: 2.5, flexWrap: 'wrap' }}>
          <Button variant="contained" onClick={() => setIsAdding(true)}>
            Add pieces
          </Button>
          <Rooms />
        </Box>
        {job.pieces.length === 0 ? (
          <EmptyState
            title="Walk the rooms with a tape"
            action={
              <Button variant="contained" size="large" onClick={() => setIsAdding(true)}>
                Add the first piece
              </Button>
            }
          >
            Measure every door and front on its own; in an old house no two are the same. Each gets its tag and its
            drawing.
          </EmptyState>
        ) : (
          <PieceWall chosen={chosen?.id ?? null} onChoose={choose} />
        )}
      </Box>
      {chosen && <PieceEditor key={chosen.id} piece={chosen} onClose={() => choose(null)} onChoose={choose} />}
      <AddPieces open={isAdding} onClose={() => setIsAdding(false)} onAdded={choose} />
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { useCommands } from '../../open-job/use-job.ts';
import { BagLabelsButton } from '../../parts/labels/BagLabels.tsx';
import { SetMany } from './SetMany.tsx';

/** What can be done with the rows that are chosen. */
export function ChosenBar({ pieces, onDone }: { pieces: readonly Piece[]; onDone(): void }) {
  const { apply } = useCommands();
  const [isSetting, setIsSetting] = useState(false);
  const isNone = pieces.length === 0;
  return (
    <Box
      role="group"
      aria-label="Selected pieces"
      sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}
    >
      <Box sx={{ flex: '1 1 200px', color: 'var(--ink-soft)', minHeight: 38, display: 'flex', alignItems: 'center' }}>
        {isNone
          ? 'Double-click a cell to edit it. Tick rows to edit many.'
          : `${pieces.length} selected: ${marksInWords(pieces.map(({ mark }) => mark))}`}
      </Box>
      {!isNone && (
        <>
          <Button variant="contained" onClick={() => setIsSetting(true)}>
            {pieces.length === 1 ? `Edit ${pieces[0]?.mark ?? ''}` : `Edit all ${pieces.length}`}
          </Button>
          <BagLabelsButton pieces={pieces} />
          <Button
            color="error"
            onClick={() => {
              if (apply('remove-pieces', { ids: pieces.map(({ id }) => id) }).ok) onDone();
            }}
          >
            Remove
          </Button>
        </>
      )}
      {isSetting && <SetMany pieces={pieces} onClose={() => setIsSetting(false)} />}
    </Box>
  );
}

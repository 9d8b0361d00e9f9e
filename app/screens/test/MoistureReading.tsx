import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import { simulatedMoisture, type SimulatedReading } from '../../../core/surface-tests/moisture-meter.ts';
import { moistureResult } from '../../../core/surface-tests/surface-tests.ts';
import { SensorIcon } from '../../drawing/icons.tsx';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { anyNumber } from '../../../core/units/typed-number.ts';

interface MoistureReadingProps {
  pieces: readonly Piece[];
  finding: FindingStamp | null;
  onStamp(result: string, more: Partial<FindingStamp>): void;
}

/** A reading in %, typed from a meter or taken from the simulated one. */
export function MoistureReading({ pieces, finding, onStamp }: MoistureReadingProps) {
  const job = useJob();
  const now = useNow();
  const [typed, setTyped] = useState('');
  const [pieceId, setPieceId] = useState(pieces[0]?.id ?? '');
  const [shown, setShown] = useState<SimulatedReading | null>(null);
  const piece = pieces.find(({ id }) => id === pieceId) ?? pieces[0];
  const read = anyNumber(typed, 0, 100);
  const fault = typed !== '' && !read.ok ? read.message : null;
  return (
    <Box sx={{ display: 'grid', gap: 1.25, mb: 1.25 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <TextField
          label="Highest reading, %"
          value={typed}
          error={fault !== null}
          helperText={fault ?? (read.ok ? `${moistureResult(read.value)}: dry is 15% or less` : ' ')}
          onChange={(event) => setTyped(event.target.value)}
          sx={{ flex: 1 }}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
        <Button
          variant="contained"
          disabled={!read.ok}
          sx={{ minHeight: 44 }}
          onClick={() => {
            if (!read.ok) return;
            onStamp(moistureResult(read.value), { reading: read.value, where: shown ? (piece?.mark ?? '') : '' });
            setTyped('');
            setShown(null);
          }}
        >
          {finding ? 'Log again' : 'Log'}
        </Button>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', fontSize: 14 }}>
        <ChoiceField
          size="small"
          label="Piece"
          value={piece?.id ?? ''}
          sx={{ width: 110 }}
          choices={pieces.map(({ id, mark }) => ({ value: id, words: mark }))}
          onChange={setPieceId}
        />
        <Button
          variant="outlined"
          startIcon={<SensorIcon />}
          onClick={() => {
            if (!piece) return;
            const reading = simulatedMoisture(job, piece, now);
            setShown(reading);
            setTyped(String(reading.highest));
          }}
        >
          Demo reading
        </Button>
        <Box sx={{ color: 'var(--ink-soft)' }}>
          {shown ? `rail ${shown.readings[0]}, groove ${shown.readings[1]}, joint ${shown.readings[2]}%. ` : ''}Made up,
          not measured.
        </Box>
      </Box>
    </Box>
  );
}

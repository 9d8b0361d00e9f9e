import Button from '@mui/material/Button';
import { useState } from 'react';
import { simulatedMoisture, type SimulatedReading } from '../../../../core/surface-tests/moisture-meter.ts';
import { useJob, useNow } from '../../../open-job/use-job.ts';
import { goTo } from '../../../device/route.ts';
import { Fine, Instrument } from './Instrument.tsx';
import { PieceField } from './PieceField.tsx';

/** A moisture meter on a piece; what it finds is stamped under Prove, where it is judged. */
export function MoistureMeter() {
  const job = useJob();
  const now = useNow();
  const [pieceId, setPieceId] = useState(job.pieces[0]?.id ?? '');
  const [read, setRead] = useState<SimulatedReading | null>(null);
  const piece = job.pieces.find(({ id }) => id === pieceId);
  return (
    <Instrument
      name="Moisture meter"
      display={
        read ? (
          <>
            {read.highest.toFixed(1)}%<Fine>rail, groove, joint: {read.readings.join(', ')}%</Fine>
          </>
        ) : (
          <Fine>in the tray</Fine>
        )
      }
    >
      <PieceField
        label="Pins in"
        value={pieceId}
        onChange={(id) => {
          setPieceId(id);
          setRead(null);
        }}
      />
      <Button variant="outlined" disabled={!piece} onClick={() => piece && setRead(simulatedMoisture(job, piece, now))}>
        Take reading
      </Button>
      <Button disabled={!piece} onClick={() => piece && goTo({ stage: 'test', jobId: job.id, groupId: piece.groupId })}>
        Save to Test
      </Button>
    </Instrument>
  );
}

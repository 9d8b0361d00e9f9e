import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { dewPoint } from '../../../../core/air/humidity.ts';
import { ABOVE_DEW } from '../../../../core/air/painting-blockers.ts';
import { hangingClimateId } from '../../../../core/job/queries/places.ts';
import { TEMPERATURE, TEMPERATURE_DIFFERENCE } from '../../../../core/units/measures.ts';
import { useCommands, useJob, useNow } from '../../../open-job/use-job.ts';
import type { AirNow } from '../../../open-job/use-air.ts';
import { Fine, Instrument } from './Instrument.tsx';
import { PieceField } from './PieceField.tsx';
import { useStream, type Hung } from './use-stream.ts';

/** A surface thermometer on a piece where it hangs: what it shows, and how far that is above the dew point. */
export function SurfaceThermometer({ air }: { air: AirNow }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { units } = job.settings;
  const [pieceId, setPieceId] = useState(job.pieces[0]?.id ?? '');
  const [hung, setHung] = useState<Hung | null>(null);
  const { shown, fault } = useStream(hung);
  const piece = job.pieces.find(({ id }) => id === pieceId);
  const hour = Math.floor(air.now / 60);
  const place = piece ? hangingClimateId(job, piece, piece.scope.faces) : '';
  const face = air.clocks.face(place)[hour];
  const around = face?.outdoor ?? air.clocks.air(place).at(hour);
  const surface = face?.surface ?? around?.temperature;
  const dew = around ? dewPoint(around.temperature, around.humidity) : null;
  const above = shown && dew !== null ? shown.temperature - dew : null;
  return (
    <Instrument
      name="Surface thermometer"
      display={
        shown ? (
          <>
            {TEMPERATURE.fieldValue(shown.temperature, units).toFixed(1)}°
            {above !== null && (
              <Fine>
                {TEMPERATURE_DIFFERENCE.format(above, units)} above the dew point{' '}
                {above >= ABOVE_DEW
                  ? ': dry enough to paint'
                  : `: not under ${TEMPERATURE_DIFFERENCE.brief(ABOVE_DEW, units)}`}
              </Fine>
            )}
          </>
        ) : (
          <Fine>{fault ?? (hung ? 'settling…' : 'in the tray')}</Fine>
        )
      }
    >
      <PieceField
        label="Piece"
        value={pieceId}
        onChange={(id) => {
          setPieceId(id);
          setHung(null);
        }}
      />
      {dew !== null && (
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Dew point {TEMPERATURE.format(dew, units)}</Box>
      )}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          fullWidth
          variant="outlined"
          disabled={surface === undefined}
          onClick={() =>
            surface !== undefined &&
            setHung({ instrument: 'surface', place: pieceId, temperature: surface, humidity: around?.humidity ?? 50 })
          }
        >
          Take reading
        </Button>
        <Button
          fullWidth
          variant="contained"
          disabled={!shown}
          onClick={() => {
            if (!shown) return;
            const { temperature } = shown;
            apply('take-readings', {
              readings: [{ id: nanoid(10), kind: 'surface', at: now, from: 'simulated', pieceId, temperature }],
            });
            setHung(null);
          }}
        >
          Log
        </Button>
      </Box>
    </Instrument>
  );
}

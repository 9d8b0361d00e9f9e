import { AIR_TEMPERATURES } from '../../../../core/air/climate.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { dewPoint } from '../../../../core/air/humidity.ts';
import { placeOf } from '../../../../core/job/queries/places.ts';
import { TEMPERATURE } from '../../../../core/units/measures.ts';
import { useCommands, useJob, useNow } from '../../../open-job/use-job.ts';
import { anyNumber } from '../../../../core/units/typed-number.ts';
import type { AirNow } from '../../../open-job/use-air.ts';
import { Fine, Instrument } from './Instrument.tsx';
import { useStream, type Hung } from './use-stream.ts';

/** A thermo-hygrometer that is hung up in a place; its reading goes to the log and corrects the forecast of that place. */
export function Hygrometer({ air }: { air: AirNow }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { units } = job.settings;
  const [placeId, setPlaceId] = useState(placeOf(job, 'rack').climateId);
  const [hung, setHung] = useState<Hung | null>(null);
  const [typed, setTyped] = useState({ temperature: '', humidity: '' });
  const [fault, setFault] = useState<string | null>(null);
  const { shown, fault: silence } = useStream(hung);
  const forecast = air.clocks.forecast(placeId).at(Math.floor(air.now / 60));
  const log = (from: 'typed' | 'simulated', temperature: number, humidity: number): void => {
    const reading = { id: nanoid(10), kind: 'air' as const, at: now, from, climateId: placeId, temperature, humidity };
    const outcome = apply('take-readings', { readings: [reading] }, { quiet: true });
    setFault(outcome.ok ? null : outcome.message);
    if (outcome.ok) setTyped({ temperature: '', humidity: '' });
  };
  const logTyped = (): void => {
    const warm = TEMPERATURE.read(typed.temperature, AIR_TEMPERATURES, units);
    const damp = anyNumber(typed.humidity, 1, 100);
    if (!warm.ok) setFault(`Temperature: ${warm.message}`);
    else if (!damp.ok) setFault(`Humidity: ${damp.message}`);
    else log('typed', warm.value, damp.value);
  };
  return (
    <Instrument
      name="Thermo-hygrometer"
      display={
        shown ? (
          <>
            {TEMPERATURE.fieldValue(shown.temperature, units).toFixed(1)}° · {shown.humidity}%
            <Fine>
              {shown.isSettled
                ? `dew point ${TEMPERATURE.format(dewPoint(shown.temperature, shown.humidity ?? 50), units)}`
                : 'settling…'}
            </Fine>
          </>
        ) : (
          <Fine>{silence ?? (hung ? 'settling…' : 'in the tray')}</Fine>
        )
      }
    >
      <ChoiceField
        label="Room"
        value={placeId}
        choices={job.climates.map(({ id, name }) => ({ value: id, words: name }))}
        onChange={(chosen) => {
          setPlaceId(chosen);
          setHung(null);
        }}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button
          fullWidth
          variant="outlined"
          disabled={!forecast}
          onClick={() => forecast && setHung({ instrument: 'hygrometer', place: placeId, ...forecast })}
        >
          Hang up
        </Button>
        <Button
          fullWidth
          variant="contained"
          disabled={shown?.isSettled !== true || hung === null}
          onClick={() => {
            if (!shown) return;
            log('simulated', shown.temperature, shown.humidity ?? 50);
            setHung(null);
          }}
        >
          Log reading
        </Button>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr auto', gap: 1, alignItems: 'center' }}>
        <TextField
          label={`Typed ${TEMPERATURE.unit(units)}`}
          value={typed.temperature}
          onChange={(event) => setTyped({ ...typed, temperature: event.target.value })}
        />
        <TextField
          label="Typed % RH"
          value={typed.humidity}
          onChange={(event) => setTyped({ ...typed, humidity: event.target.value })}
        />
        <Button onClick={logTyped}>Log typed reading</Button>
      </Box>
      {fault && (
        <Box role="alert" sx={{ color: 'var(--late)', fontSize: 14 }}>
          {fault}
        </Box>
      )}
    </Instrument>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { DatePicker } from '../../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { type Climate, AIR_TEMPERATURES } from '../../../../core/air/climate.ts';
import { TEMPERATURE, RAIN } from '../../../../core/units/measures.ts';
import { Fold } from '../../../parts/Fold.tsx';
import { useCommands, useJob, useNow } from '../../../open-job/use-job.ts';
import { anyNumber } from '../../../../core/units/typed-number.ts';

/** Hours of one day that are typed by hand, from one hour to another, and hours that are forgotten again. */
export function TypedHour({ climate }: { climate: Climate }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { units } = job.settings;
  const [date, setDate] = useState(now.slice(0, 10));
  const [from, setFrom] = useState(8);
  const [until, setUntil] = useState(17);
  const [temperature, setTemperature] = useState('');
  const [humidity, setHumidity] = useState('');
  const [rain, setRain] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const isOpenAir = climate.whereabouts === 'outdoors';

  const state = (): void => {
    const warm = TEMPERATURE.read(temperature, AIR_TEMPERATURES, units);
    const damp = anyNumber(humidity, 1, 100);
    const wet = rain.trim() === '' ? null : RAIN.read(rain, [0, 200], units);
    const wrong = !warm.ok
      ? `Temperature: ${warm.message}`
      : !damp.ok
        ? `Humidity: ${damp.message}`
        : wet && !wet.ok
          ? `Rain: ${wet.message}`
          : until < from
            ? 'Last hour must be after the first.'
            : null;
    setFault(wrong);
    if (!warm.ok || !damp.ok || wrong !== null) return;
    const hours = Array.from({ length: until - from + 1 }, (_unused, index) => ({
      at: `${date}T${String(from + index).padStart(2, '0')}:00`,
      temperature: warm.value,
      humidity: damp.value,
      wind: null,
      cloud: null,
      rain: wet?.ok ? wet.value : null,
    }));
    apply('take-hours', { climateId: climate.id, hours, source: 'typed', name: '', at: now });
  };

  return (
    <Fold title="Type hourly data" summary="one day, hour by hour">
      <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'center' }}>
        <DatePicker
          label="Day"
          value={DateTime.fromISO(date)}
          onAccept={(value) => value?.isValid && setDate(value.toISODate() ?? date)}
          slotProps={{ textField: { size: 'small', sx: { width: 165 } } }}
        />
        {(
          [
            ['First hour', from, setFrom],
            ['Last hour', until, setUntil],
          ] as const
        ).map(([label, hour, set]) => (
          <TextField
            key={label}
            select
            label={label}
            value={hour}
            onChange={(event) => set(Number(event.target.value))}
            sx={{ width: 105 }}
          >
            {Array.from({ length: 24 }, (_unused, index) => (
              <MenuItem key={index} value={index}>
                {index}:00
              </MenuItem>
            ))}
          </TextField>
        ))}
        <TextField
          label={`Temperature ${TEMPERATURE.unit(units)}`}
          value={temperature}
          onChange={(event) => setTemperature(event.target.value)}
          sx={{ width: 145 }}
        />
        <TextField
          label="Humidity, % RH"
          value={humidity}
          onChange={(event) => setHumidity(event.target.value)}
          sx={{ width: 115 }}
        />
        {isOpenAir && (
          <TextField
            label={`Rain ${RAIN.unit(units)}`}
            value={rain}
            onChange={(event) => setRain(event.target.value)}
            sx={{ width: 100 }}
          />
        )}
        <Button variant="outlined" onClick={state}>
          Save
        </Button>
        <Button
          disabled={climate.stated.hours.length === 0}
          onClick={() => apply('forget-hours', { climateId: climate.id, from: `${date}T00:00` })}
        >
          Clear hours from this day
        </Button>
      </Box>
      {fault !== null && (
        <Box role="alert" sx={{ color: 'var(--late)', fontSize: 14 }}>
          {fault}
        </Box>
      )}
    </Fold>
  );
}

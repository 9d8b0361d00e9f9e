import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { DateTime } from 'luxon';
import { VENTILATIONS, type Climate, type DaySwing } from '../../../core/air/climate.ts';
import { temperatureFieldValue, temperatureFromField } from '../../../core/units/quantity.ts';
import { useJob } from '../../ui/job-context.tsx';
import { anyNumber, wholeNumber } from '../../ui/number-field.ts';
import { Sheet } from '../../ui/Section.tsx';
import { StatedField } from '../../ui/StatedField.tsx';
import { DayAir } from './DayAir.tsx';

/** The climate of a room or workshop: the usual day, nights that differ, heating, moving air. */
export function ClimateEditor({ climate }: { climate: Climate }) {
  const { job, apply } = useJob();
  const change = (facts: Partial<Climate>, strokes?: string) =>
    apply(
      'state-climate',
      { climate: { ...climate, ...facts } },
      strokes ? { strokes: `${climate.id}/${strokes}`, quiet: true } : {},
    );
  const latest = climate.exceptions.at(-1)?.date ?? job.planning.start;
  const nextDate = DateTime.fromISO(latest).plus({ days: 1 }).toISODate() ?? latest;
  const { units } = job.settings;
  const { heating } = climate;
  return (
    <Sheet>
      <Box component="section" aria-label={`Climate of ${climate.name}`} sx={{ display: 'grid', gap: 1.5 }}>
        <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'flex-start' }}>
          <Typography variant="h3" sx={{ flex: 1, pt: 1 }}>
            {climate.name}
          </Typography>
          <TextField
            select
            label="Air"
            value={climate.ventilation}
            onChange={(event) => change({ ventilation: event.target.value as Climate['ventilation'] })}
            sx={{ width: 120 }}
          >
            {VENTILATIONS.map((ventilation) => (
              <MenuItem key={ventilation} value={ventilation}>
                {ventilation}
              </MenuItem>
            ))}
          </TextField>
        </Box>
        <DayAir climate={climate} date={job.planning.start} />
        <SwingFields
          climate={climate}
          swing={climate.usual}
          name="usual"
          onChange={(usual, strokes) => change({ usual }, strokes)}
        />
        {climate.exceptions.map((exception, index) => (
          <Box
            key={exception.date}
            component="section"
            aria-label={`Night to ${exception.date}`}
            sx={{ borderTop: '1px solid var(--line)', pt: 1.25, display: 'grid', gap: 1 }}
          >
            <Box sx={{ display: 'flex', alignItems: 'center' }}>
              <Typography sx={{ flex: 1, fontWeight: 650 }}>
                Night to {DateTime.fromISO(exception.date).toFormat('cccc d LLLL')}, and that day
              </Typography>
              <IconButton
                aria-label={`Forget the night to ${exception.date}`}
                onClick={() => change({ exceptions: climate.exceptions.filter((_other, other) => other !== index) })}
              >
                <DeleteIcon />
              </IconButton>
            </Box>
            <SwingFields
              climate={climate}
              swing={exception.swing}
              name={exception.date}
              onChange={(swing, strokes) =>
                change(
                  { exceptions: climate.exceptions.map((other, at) => (at === index ? { ...other, swing } : other)) },
                  strokes,
                )
              }
            />
          </Box>
        ))}
        <Button
          sx={{ justifySelf: 'start' }}
          onClick={() => {
            const { usual } = climate;
            const swing = {
              ...usual,
              coldest: Math.max(-20, usual.coldest - 6),
              humidityAtColdest: Math.min(95, usual.humidityAtColdest + 12),
            };
            change({ exceptions: [...climate.exceptions, { date: nextDate, swing }] });
          }}
        >
          Add a cold night
        </Button>
        <FormControlLabel
          control={
            <Switch
              checked={heating !== null}
              onChange={(event) =>
                change({ heating: event.target.checked ? { setPoint: 18, from: 18, until: 8 } : null })
              }
            />
          }
          label="Heated"
        />
        {heating && (
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1.25 }}>
            <StatedField
              label="Heat to"
              unit={units === 'metric' ? '°C' : '°F'}
              text={String(temperatureFieldValue(heating.setPoint, units))}
              draft={`${job.id}/${climate.id}/set-point`}
              take={(typed) => {
                const read = anyNumber(typed, -4, 122);
                return read.ok
                  ? change({ heating: { ...heating, setPoint: temperatureFromField(read.value, units) } }, 'set-point')
                  : read;
              }}
            />
            {(['from', 'until'] as const).map((key) => (
              <StatedField
                key={key}
                label={key === 'from' ? 'From hour' : 'Until hour'}
                text={String(heating[key])}
                draft={`${job.id}/${climate.id}/${key}`}
                take={(typed) => {
                  const hour = wholeNumber(typed, 0, 23);
                  return hour.ok ? change({ heating: { ...heating, [key]: hour.value } }, key) : hour;
                }}
              />
            ))}
          </Box>
        )}
      </Box>
    </Sheet>
  );
}

interface SwingFieldsProps {
  climate: Climate;
  swing: DaySwing;
  name: string;
  onChange(swing: DaySwing, strokes: string): ReturnType<ReturnType<typeof useJob>['apply']>;
}

const FIELDS = [
  ['warmest', 'Warmest, 15:00'],
  ['coldest', 'Coldest, 05:00'],
  ['humidityAtWarmest', 'Humidity when warmest'],
  ['humidityAtColdest', 'Humidity when coldest'],
] as const;

function SwingFields({ climate, swing, name, onChange }: SwingFieldsProps) {
  const { job } = useJob();
  const { units } = job.settings;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
      {FIELDS.map(([key, label]) => {
        const isTemperature = key === 'warmest' || key === 'coldest';
        return (
          <StatedField
            key={key}
            label={label}
            unit={isTemperature ? (units === 'metric' ? '°C' : '°F') : '%'}
            text={String(isTemperature ? temperatureFieldValue(swing[key], units) : Math.round(swing[key]))}
            draft={`${job.id}/${climate.id}/${name}/${key}`}
            take={(typed) => {
              const read = isTemperature ? anyNumber(typed, -4, 122) : anyNumber(typed, 5, 100);
              if (!read.ok) return read;
              return onChange(
                { ...swing, [key]: isTemperature ? temperatureFromField(read.value, units) : read.value },
                `${name}/${key}`,
              );
            }}
          />
        );
      })}
    </Box>
  );
}

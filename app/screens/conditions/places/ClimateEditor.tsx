import { formatMoment } from '../../../../core/units/moments.ts';
import { MeasureField } from '../../../parts/fields/MeasureField.tsx';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { DateTime } from 'luxon';
import {
  MAX_SPANS,
  USUAL_WARMING,
  VENTILATIONS,
  type Climate,
  type DaySwing,
  type HeatedSpan,
  type Heating,
} from '../../../../core/air/climate.ts';
import type { Facts } from '../../../../core/job/commands/facts.ts';
import type { Outcome } from '../../../../core/units/outcome.ts';
import { TEMPERATURE, TEMPERATURE_DIFFERENCE } from '../../../../core/units/measures.ts';
import { useCommands, useJob, useNow } from '../../../open-job/use-job.ts';
import { anyNumber, wholeNumber } from '../../../../core/units/typed-number.ts';
import { StatedField } from '../../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../../drawing/icons.tsx';

type Change = (facts: Facts<Climate>, strokes?: string) => Outcome<unknown>;
interface PartProps {
  climate: Climate;
  change: Change;
}

const fields = { display: 'grid', gap: 1.25, gridTemplateColumns: 'repeat(auto-fill, minmax(140px, 1fr))' } as const;

/** What a climate follows from where nothing is stated by the hour: its usual day or the open air, odd nights, heating, moving air. */
export function ClimateEditor({ climate }: { climate: Climate }) {
  const job = useJob();
  const { apply } = useCommands();
  const change: Change = (facts, strokes) =>
    apply(
      'change-climate',
      { id: climate.id, facts },
      strokes ? { strokes: `${climate.id}/${strokes}`, quiet: true } : {},
    );
  const isIndoors = climate.whereabouts === 'indoors';
  return (
    <Box component="section" aria-label={`Settings of ${climate.name}`} sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={fields}>
        <StatedField
          label="Name"
          text={climate.name}
          draft={`${job.id}/${climate.id}/name`}
          take={(name) => change({ name }, 'name')}
        />
        <ChoiceField
          label="Ventilation"
          value={climate.ventilation}
          choices={VENTILATIONS.map((ventilation) => ({ value: ventilation, words: ventilation }))}
          onChange={(chosen) => change({ ventilation: chosen })}
        />
        {isIndoors && (
          <FormControlLabel
            control={
              <Switch
                checked={climate.shelter !== null}
                onChange={(event) => change({ shelter: event.target.checked ? { lag: 6, warmer: 2 } : null })}
              />
            }
            label="Follows outdoors"
          />
        )}
        {isIndoors && (
          <FormControlLabel
            control={
              <Switch
                checked={climate.heating !== null}
                onChange={(event) =>
                  change({
                    heating: event.target.checked
                      ? { spans: [{ setPoint: 18, from: 18, until: 8 }], ...USUAL_WARMING }
                      : null,
                  })
                }
              />
            }
            label="Heated"
          />
        )}
      </Box>
      {climate.shelter === null ? (
        <UsualDays climate={climate} change={change} />
      ) : (
        <ShelterFields climate={climate} change={change} shelter={climate.shelter} />
      )}
      {climate.heating && <HeatingFields climate={climate} change={change} heating={climate.heating} />}
      <Button
        sx={{ justifySelf: 'start', color: 'var(--ink-soft)' }}
        onClick={() => apply('remove-climate', { id: climate.id })}
      >
        Remove room
      </Button>
    </Box>
  );
}

/** Walls between a place and the open air. */
function ShelterFields({ climate, change, shelter }: PartProps & { shelter: NonNullable<Climate['shelter']> }) {
  const job = useJob();
  return (
    <Box sx={fields}>
      <StatedField
        label="Lags outdoors by"
        unit="h"
        text={String(shelter.lag)}
        helper="shed 2–4, brick house 10+"
        draft={`${job.id}/${climate.id}/lag`}
        take={(typed) => {
          const lag = anyNumber(typed, 0, 72);
          return lag.ok ? change({ shelter: { lag: lag.value } }, 'lag') : lag;
        }}
      />
      <MeasureField
        label="Warmer than outdoors by"
        measure={TEMPERATURE_DIFFERENCE}
        value={shelter.warmer}
        limits={[-5, 15]}
        draft={`${job.id}/${climate.id}/warmer`}
        helper="sun, people, lamps"
        take={(warmer) => change({ shelter: { warmer } }, 'warmer')}
      />
    </Box>
  );
}

function HeatingFields({ climate, change, heating }: PartProps & { heating: Heating }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const place = `${job.id}/${climate.id}`;
  const since = heating.onSince && formatMoment(heating.onSince, 'dayTime');
  return (
    <>
      <FormControlLabel
        label={since ? `On since ${since}` : 'Heating is on (if not, the plan adds a job to switch it on)'}
        control={
          <Checkbox
            checked={heating.onSince !== null}
            onChange={(event) =>
              apply('switch-heating', { climateId: climate.id, onSince: event.target.checked ? now : null })
            }
          />
        }
      />
      {heating.spans.map((span, index) => (
        <SpanFields
          key={index}
          span={span}
          name={`${place}/span-${index}`}
          change={(facts, key) => change({ heating: { spans: { [index]: facts } } }, `span-${index}/${key}`)}
          onRemove={() => {
            const spans = heating.spans.filter((_span, at) => at !== index);
            change({ heating: spans.length === 0 ? null : { spans } });
          }}
        />
      ))}
      <Box sx={fields}>
        <Button
          disabled={heating.spans.length >= MAX_SPANS}
          onClick={() => change({ heating: { spans: [...heating.spans, { setPoint: 20, from: 22, until: 7 }] } })}
        >
          Add heating period
        </Button>
        <MeasureField
          label="Warms up at"
          per="an hour"
          measure={TEMPERATURE_DIFFERENCE}
          value={heating.warmUp}
          limits={[0.2, 60]}
          draft={`${place}/warm-up`}
          take={(warmUp) => change({ heating: { warmUp } }, 'warm-up')}
        />
        <StatedField
          label="Holds heat for"
          unit="h"
          text={String(heating.holds)}
          draft={`${place}/holds`}
          take={(typed) => {
            const read = anyNumber(typed, 0, 72);
            return read.ok ? change({ heating: { holds: read.value } }, 'holds') : read;
          }}
        />
      </Box>
    </>
  );
}

interface SpanFieldsProps {
  span: HeatedSpan;
  name: string;
  change(facts: Partial<HeatedSpan>, key: string): Outcome<unknown>;
  onRemove(): void;
}

/** One span of the day in which it is heated. */
function SpanFields({ span, name, change, onRemove }: SpanFieldsProps) {
  return (
    <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'center' }}>
      <MeasureField
        label="Heat to"
        measure={TEMPERATURE}
        value={span.setPoint}
        limits={[-20, 50]}
        draft={`${name}/set-point`}
        sx={{ width: 130 }}
        take={(setPoint) => change({ setPoint }, 'set-point')}
      />
      {(['from', 'until'] as const).map((key) => (
        <StatedField
          key={key}
          label={key === 'from' ? 'From hour' : 'Until hour'}
          text={String(span[key])}
          draft={`${name}/${key}`}
          sx={{ width: 130 }}
          take={(typed) => {
            const hour = wholeNumber(typed, 0, 23);
            return hour.ok ? change({ [key]: hour.value }, key) : hour;
          }}
        />
      ))}
      <IconButton aria-label={`Remove heating ${span.from}–${span.until}`} onClick={onRemove}>
        <DeleteIcon />
      </IconButton>
    </Box>
  );
}

/** The usual day, and nights that differ. */
function UsualDays({ climate, change }: PartProps) {
  const job = useJob();
  const latest = climate.exceptions.at(-1)?.date ?? job.planning.start;
  const nextDate = DateTime.fromISO(latest).plus({ days: 1 }).toISODate() ?? latest;
  return (
    <>
      <SwingFields
        climate={climate}
        swing={climate.usual}
        name="usual"
        onChange={(usual, strokes) => change({ usual }, strokes)}
      />
      {climate.exceptions.map((exception) => (
        <Box
          key={exception.date}
          component="section"
          aria-label={`Cold night before ${formatMoment(exception.date, 'longDay')}`}
          sx={{ borderTop: '1px solid var(--line)', pt: 1.25, display: 'grid', gap: 1 }}
        >
          <Box sx={{ display: 'flex', alignItems: 'center' }}>
            <Typography sx={{ flex: 1, fontWeight: 650 }}>
              Cold night before {formatMoment(exception.date, 'longDay')}, and that day
            </Typography>
            <IconButton
              aria-label={`Remove cold night before ${formatMoment(exception.date, 'longDay')}`}
              onClick={() => change({ exceptions: { [exception.date]: null } })}
            >
              <DeleteIcon />
            </IconButton>
          </Box>
          <SwingFields
            climate={climate}
            swing={exception.swing}
            name={exception.date}
            onChange={(swing, strokes) => change({ exceptions: { [exception.date]: { swing } } }, strokes)}
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
          change({ exceptions: { [nextDate]: { date: nextDate, swing } } });
        }}
      >
        Add a cold night
      </Button>
    </>
  );
}

interface SwingFieldsProps {
  climate: Climate;
  swing: DaySwing;
  name: string;
  onChange(swing: Partial<DaySwing>, strokes: string): Outcome<unknown>;
}

const FIELDS = [
  ['warmest', 'Warmest, 15:00'],
  ['coldest', 'Coldest, 05:00'],
  ['humidityAtWarmest', 'Humidity when warmest'],
  ['humidityAtColdest', 'Humidity when coldest'],
] as const;

function SwingFields({ climate, swing, name, onChange }: SwingFieldsProps) {
  const job = useJob();
  return (
    <Box sx={fields}>
      {FIELDS.map(([key, label]) => {
        const isTemperature = key === 'warmest' || key === 'coldest';
        const draft = `${job.id}/${climate.id}/${name}/${key}`;
        if (isTemperature) {
          return (
            <MeasureField
              key={key}
              label={label}
              measure={TEMPERATURE}
              value={swing[key]}
              limits={[-30, 50]}
              draft={draft}
              take={(value) => onChange({ [key]: value }, `${name}/${key}`)}
            />
          );
        }
        return (
          <StatedField
            key={key}
            label={label}
            unit="%"
            text={String(Math.round(swing[key]))}
            draft={draft}
            take={(typed) => {
              const read = anyNumber(typed, 1, 100);
              return read.ok ? onChange({ [key]: read.value }, `${name}/${key}`) : read;
            }}
          />
        );
      })}
    </Box>
  );
}

import { ChoiceField, choicesOf } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { DatePicker } from '../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import { nanoid } from 'nanoid';
import { ALL_ALONG, usualWeek } from '../../../core/job/document/new-job.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { Sheet } from '../../parts/Section.tsx';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { wholeNumber } from '../../../core/units/typed-number.ts';
import { PainterHours } from './PainterHours.tsx';

/** Days, crew, places and climates: what the plan is made from besides the pieces. */
export function PlanSettings() {
  const job = useJob();
  const { apply } = useCommands();
  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { lg: '1fr 1fr' }, alignItems: 'start' }}>
      <Box sx={{ display: 'grid', gap: 2 }}>
        <DaysAndTurning />
        <OrderAndCuttingIn />
        <Sheet>
          <Typography variant="h3" sx={{ mb: 1.5 }}>
            Places
          </Typography>
          <Box sx={{ display: 'grid', gap: 1.25 }}>
            {job.places.map((place) => (
              <Box key={place.id} sx={{ display: 'grid', gridTemplateColumns: '1fr 110px 1fr', gap: 1.25 }}>
                <StatedField
                  label={place.kind === 'bench' ? 'Bench' : 'Rack'}
                  text={place.name}
                  draft={`${job.id}/${place.id}/name`}
                  take={(name) =>
                    apply(
                      'change-place',
                      { id: place.id, facts: { name } },
                      { strokes: `${place.id}/name`, quiet: true },
                    )
                  }
                />
                <StatedField
                  label={`${place.kind === 'bench' ? 'Bench' : 'Rack'} spaces`}
                  text={String(place.slots)}
                  draft={`${job.id}/${place.id}/slots`}
                  take={(typed) => {
                    const slots = wholeNumber(typed, 1, 200);
                    return slots.ok
                      ? apply(
                          'change-place',
                          { id: place.id, facts: { slots: slots.value } },
                          { strokes: `${place.id}/slots`, quiet: true },
                        )
                      : slots;
                  }}
                />
                <ChoiceField
                  label="Climate"
                  value={place.climateId}
                  choices={job.climates.map((climate) => ({ value: climate.id, words: climate.name }))}
                  onChange={(chosen) => apply('change-place', { id: place.id, facts: { climateId: chosen } })}
                />
              </Box>
            ))}
          </Box>
        </Sheet>
        <Sheet>
          <Typography variant="h3" sx={{ mb: 1.5 }}>
            Crew and hours
          </Typography>
          <Box sx={{ display: 'grid', gap: 2 }}>
            {job.crew.map((painter) => (
              <PainterHours key={painter.id} painter={painter} />
            ))}
            <Button
              sx={{ justifySelf: 'start' }}
              onClick={() =>
                apply('add-painter', {
                  entry: {
                    id: nanoid(8),
                    name: `Painter ${job.crew.length + 1}`,
                    skill: 'steady',
                    week: job.crew[0]?.week ?? usualWeek(),
                    ...ALL_ALONG,
                  },
                })
              }
            >
              Add painter
            </Button>
          </Box>
        </Sheet>
      </Box>
      <Sheet>
        <Typography variant="h3" sx={{ mb: 1 }}>
          Air
        </Typography>
        <Box component="ul" sx={{ display: 'grid' }}>
          {job.climates.map((climate) => (
            <Box component="li" key={climate.id} sx={{ borderTop: '1px solid var(--line)' }}>
              <Button
                fullWidth
                sx={{ justifyContent: 'space-between', color: 'var(--ink)', minHeight: 48 }}
                onClick={() => goTo({ stage: 'conditions', jobId: job.id, view: 'places', placeId: climate.id })}
              >
                {climate.name}
                <span style={{ fontWeight: 500, color: 'var(--ink-soft)' }}>
                  {climate.heating ? 'heated' : climate.whereabouts === 'outdoors' ? 'outdoors' : 'unheated'}
                </span>
              </Button>
            </Box>
          ))}
        </Box>
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)', mt: 1 }}>
          Set weather, heating, cold nights and readings in Conditions.
        </Typography>
      </Sheet>
    </Box>
  );
}

const LINES = { skill: 'by skill', tape: 'taped', freehand: 'freehand' } as const;

/** The order of trades, how lines are kept, and whether an outside face takes all its coats in a day. */
function OrderAndCuttingIn() {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { trades, lines, outsideInADay } = job.planning;
  return (
    <Sheet>
      <Typography variant="h3" sx={{ mb: 1.5 }}>
        Order and lines
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' }, gap: 1.25, mb: 1 }}>
        <ChoiceField
          label="Order in a room"
          value={trades}
          choices={[
            { value: 'walls-first', words: localise('ceiling, walls, then woodwork') },
            { value: 'trim-first', words: localise('ceiling, woodwork, then walls') },
          ]}
          onChange={(chosen) => apply('change-planning', { trades: chosen })}
        />
        <ChoiceField
          label="Cutting in"
          value={lines ?? 'skill'}
          choices={choicesOf(LINES)}
          onChange={(chosen) => apply('change-planning', { lines: chosen === 'skill' ? null : chosen })}
        />
      </Box>
      <FormControlLabel
        control={
          <Switch
            checked={outsideInADay}
            onChange={(event) => apply('change-planning', { outsideInADay: event.target.checked })}
          />
        }
        label="All coats outside in one day"
      />
      {outsideInADay && (
        <Typography sx={{ fontSize: 14, color: 'var(--tacky)', fontWeight: 650 }}>
          Risk: blisters, wrinkles and a soft film, above all in sun.
        </Typography>
      )}
    </Sheet>
  );
}

function DaysAndTurning() {
  const job = useJob();
  const { apply } = useCommands();
  const { start, promised, turning } = job.planning;
  const take = (key: 'start' | 'promised', value: DateTime | null): void => {
    if (value === null && key === 'promised') apply('change-planning', { promised: null });
    else if (value?.isValid) apply('change-planning', { [key]: value.toISODate() });
  };
  return (
    <Sheet>
      <Typography variant="h3" sx={{ mb: 1.5 }}>
        Days
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25, mb: 2 }}>
        <DatePicker
          label="First day"
          value={DateTime.fromISO(start)}
          onAccept={(value) => take('start', value)}
          slotProps={{ textField: { size: 'small' } }}
        />
        <DatePicker
          label="Promised by"
          value={promised ? DateTime.fromISO(promised) : null}
          onAccept={(value) => take('promised', value)}
          slotProps={{ textField: { size: 'small' }, field: { clearable: true } }}
        />
      </Box>
      <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)', mb: 0.5 }}>Loose pieces</Typography>
      <ToggleButtonGroup
        exclusive
        fullWidth
        size="small"
        value={turning}
        aria-label="Loose pieces"
        onChange={(_event, chosen: Job['planning']['turning'] | null) =>
          chosen && apply('change-planning', { turning: chosen })
        }
      >
        <ToggleButton value="one-face">one face at a time</ToggleButton>
        <ToggleButton value="both-on-points">both faces at once, on stands</ToggleButton>
      </ToggleButtonGroup>
      <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)', mt: 0.75 }}>
        {turning === 'one-face'
          ? 'Clean faces, no marks. Every coat dries twice.'
          : 'Half the waiting. Stands leave small marks underneath.'}
      </Typography>
    </Sheet>
  );
}

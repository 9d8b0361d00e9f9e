import { formatMoment } from '../../../core/units/moments.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import IconButton from '@mui/material/IconButton';
import { DatePicker } from '../../parts/fields/date-pickers.tsx';
import { DateTime } from 'luxon';
import type { Facts } from '../../../core/job/commands/facts.ts';
import { SKILLS, WEEKDAYS, type Painter, type Weekday } from '../../../core/job/document/crew-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { DeleteIcon } from '../../drawing/icons.tsx';

type Hours = Painter['week'][Weekday];

const written = (hours: Hours): string => hours.map(({ from, until }) => `${from}-${until}`).join(', ');

/** Reads hours as painters write them: `8-12, 12:30-16:30`; nothing is a day off. */
function readHours(typed: string): Outcome<Hours> {
  const spans = typed
    .split(/[,;]/)
    .map((span) => span.trim())
    .filter(Boolean);
  const hours: Hours = [];
  for (const span of spans) {
    const match = /^(\d{1,2})(?::(\d{2}))?\s*[-–]\s*(\d{1,2})(?::(\d{2}))?$/.exec(span);
    if (!match) return refused(`Can’t read “${span}”. Type hours, e.g. 8-12, 12:30-16:30.`);
    const time = (hour = '', minute = '00'): string => `${hour.padStart(2, '0')}:${minute}`;
    hours.push({ from: time(match[1], match[2]), until: time(match[3], match[4]) });
  }
  return accepted(hours);
}

/** One painter: name, skill and the hours of every weekday. */
export function PainterHours({ painter }: { painter: Painter }) {
  const job = useJob();
  const { apply } = useCommands();
  const state = (facts: Facts<Painter>, strokes?: string) =>
    apply(
      'change-painter',
      { id: painter.id, facts },
      strokes ? { strokes: `${painter.id}/${strokes}`, quiet: true } : {},
    );
  return (
    <Box component="fieldset" aria-label={painter.name} sx={{ border: 0, p: 0, m: 0, display: 'grid', gap: 1.25 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 150px 44px', gap: 1.25 }}>
        <StatedField
          label="Name"
          text={painter.name}
          draft={`${job.id}/${painter.id}/name`}
          take={(name) => state({ name }, 'name')}
        />
        <ChoiceField
          label="Skill"
          value={painter.skill}
          choices={SKILLS.map((skill) => ({ value: skill, words: skill }))}
          onChange={(chosen) => state({ skill: chosen })}
        />
        <IconButton
          aria-label={`Remove ${painter.name}`}
          disabled={job.crew.length === 1}
          onClick={() => apply('remove-painter', { id: painter.id })}
        >
          <DeleteIcon />
        </IconButton>
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))', gap: 1 }}>
        {WEEKDAYS.map((day) => (
          <StatedField
            key={day}
            label={capital(day)}
            text={written(painter.week[day])}
            draft={`${job.id}/${painter.id}/${day}`}
            slotProps={{ htmlInput: { 'aria-label': `${painter.name}, ${day}` } }}
            take={(typed) => {
              const hours = readHours(typed);
              return hours.ok ? state({ week: { [day]: hours.value } }, day) : hours;
            }}
          />
        ))}
      </Box>
      <DaysThere painter={painter} state={state} />
    </Box>
  );
}

/** Days off, and from when until when a painter is with the crew. */
function DaysThere({ painter, state }: { painter: Painter; state: (facts: Partial<Painter>) => Outcome<Job> }) {
  const { apply } = useCommands();
  const { daysOff, from, until, name, id } = painter;
  const dayOf = (day: string | null): DateTime | null => (day === null ? null : DateTime.fromISO(day));
  const field = (label: string): object => ({
    textField: { size: 'small', slotProps: { htmlInput: { 'aria-label': `${name}, ${label}` } } },
    field: { clearable: true },
  });
  const limit = (key: 'from' | 'until', day: DateTime | null): void => {
    if (day === null || day.isValid) state({ [key]: day?.toISODate() ?? null });
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}>
      <DatePicker
        label="On the job from"
        value={dayOf(from)}
        onAccept={(day) => limit('from', day)}
        slotProps={field('from')}
      />
      <DatePicker
        label="On the job until"
        value={dayOf(until)}
        onAccept={(day) => limit('until', day)}
        slotProps={field('until')}
      />
      <DatePicker
        label="Day off"
        value={null}
        onAccept={(day) =>
          day?.isValid && apply('give-day-off', { painterIds: [id], date: day.toISODate() ?? '', comes: false })
        }
        slotProps={field('day off')}
      />
      {daysOff.length > 0 && (
        <Box
          component="ul"
          aria-label={`Days off of ${name}`}
          sx={{ gridColumn: '1 / -1', display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
        >
          {daysOff.map((day) => (
            <li key={day}>
              <Chip
                label={`off ${formatMoment(day, 'day')}`}
                onDelete={() => apply('give-day-off', { painterIds: [id], date: day, comes: true })}
              />
            </li>
          ))}
        </Box>
      )}
    </Box>
  );
}

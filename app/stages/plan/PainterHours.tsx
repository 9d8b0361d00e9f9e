import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { SKILLS, WEEKDAYS, type Painter, type Weekday } from '../../../core/job/schema.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useJob } from '../../ui/job-context.tsx';
import { StatedField } from '../../ui/StatedField.tsx';

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
    if (!match) return refused(`“${span}” is not a span of hours. Write 8-12, 12:30-16:30.`);
    const time = (hour = '', minute = '00'): string => `${hour.padStart(2, '0')}:${minute}`;
    hours.push({ from: time(match[1], match[2]), until: time(match[3], match[4]) });
  }
  return accepted(hours);
}

/** One painter: name, skill and the hours of every weekday. */
export function PainterHours({ painter }: { painter: Painter }) {
  const { job, apply } = useJob();
  const state = (facts: Partial<Painter>, strokes?: string) =>
    apply(
      'state-painter',
      { painter: { ...painter, ...facts } },
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
        <TextField
          select
          label="Skill"
          value={painter.skill}
          onChange={(event) => state({ skill: event.target.value as Painter['skill'] })}
        >
          {SKILLS.map((skill) => (
            <MenuItem key={skill} value={skill}>
              {skill}
            </MenuItem>
          ))}
        </TextField>
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
              return hours.ok ? state({ week: { ...painter.week, [day]: hours.value } }, day) : hours;
            }}
          />
        ))}
      </Box>
    </Box>
  );
}

import Box from '@mui/material/Box';
import { accepted, type Outcome } from '../../../core/units/outcome.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';
import { anyNumber } from '../../../core/units/typed-number.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';

const FIELDS = [
  ['latitude', 'Latitude, north', 90, '54.3'],
  ['longitude', 'Longitude, east', 180, '10.1'],
] as const;

/** Where the site lies, for sun and weather. */
export function SiteFields() {
  const job = useJob();
  const { apply } = useCommands();
  return (
    <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'flex-start' }}>
      {FIELDS.map(([key, label, most, example]) => (
        <StatedField
          key={key}
          label={label}
          unit="°"
          text={job.site[key] === null ? '' : String(job.site[key])}
          helper={job.site[key] === null ? `e.g. ${example}` : ''}
          draft={`${job.id}/${key}`}
          sx={{ width: 170 }}
          take={(typed): Outcome<unknown> => {
            const read = typed.trim() === '' ? accepted(null) : anyNumber(typed, -most, most);
            return read.ok ? apply('change-site', { [key]: read.value }, { strokes: key, quiet: true }) : read;
          }}
        />
      ))}
    </Box>
  );
}

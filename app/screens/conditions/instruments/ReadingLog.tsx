import { TableHead } from '../../../parts/TableHead.tsx';
import { formatMoment } from '../../../../core/units/moments.ts';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { Reading } from '../../../../core/job/document/reading-schema.ts';
import type { Job } from '../../../../core/job/document/schema.ts';
import { TEMPERATURE, FILM } from '../../../../core/units/measures.ts';
import { useCommands, useJob } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { DeleteIcon } from '../../../drawing/icons.tsx';
import { STAGE_WORDS } from '../stage-words.ts';

const SHOWN = 60;
const SOURCES = { typed: 'typed', simulated: 'simulated', file: 'from a file' } as const;

/** Readings, the latest first. */
export function ReadingLog() {
  const job = useJob();
  const { apply } = useCommands();
  if (job.readings.length === 0) {
    return <Typography sx={{ color: 'var(--ink-soft)' }}>No readings yet.</Typography>;
  }
  const latest = job.readings.toSorted((one, other) => (one.at < other.at ? 1 : -1)).slice(0, SHOWN);
  return (
    <ListTable>
      <TableHead columns={['When', 'Where', 'Reading', 'Source', '']} />
      <tbody>
        {latest.map((reading) => (
          <tr key={reading.id}>
            <td>{formatMoment(reading.at, 'dayTime')}</td>
            <td>{readingPlace(job, reading)}</td>
            <td>{shownBy(job, reading)}</td>
            <td>{reading.kind === 'stage' ? 'typed' : SOURCES[reading.from]}</td>
            <td>
              <IconButton
                size="small"
                aria-label={`Delete the reading of ${formatMoment(reading.at, 'dateTime')}`}
                onClick={() => apply('remove-reading', { id: reading.id })}
              >
                <DeleteIcon fontSize="small" />
              </IconButton>
            </td>
          </tr>
        ))}
      </tbody>
    </ListTable>
  );
}

function readingPlace(job: Job, reading: Reading): string {
  if (reading.kind === 'air') return job.climates.find(({ id }) => id === reading.climateId)?.name ?? 'deleted room';
  const piece =
    reading.kind === 'surface'
      ? job.pieces.find(({ id }) => id === reading.pieceId)
      : job.pieces.find(({ id }) => reading.taskId.startsWith(`${id}/`));
  return piece?.mark ?? 'deleted piece';
}

function shownBy({ settings }: Job, reading: Reading): string {
  switch (reading.kind) {
    case 'air':
      return `${TEMPERATURE.format(reading.temperature, settings.units)}, ${Math.round(reading.humidity)}%`;
    case 'surface':
      return `surface ${TEMPERATURE.format(reading.temperature, settings.units)}`;
    case 'film':
      return `${FILM.format(reading.film, settings.units)} wet`;
    case 'stage':
      return STAGE_WORDS[reading.stage];
  }
}

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import { readReadingsCsv, writeReadingsCsv, type ReadReadings } from '../../../../core/exchange/readings-csv.ts';
import { download } from '../../../ui/download.ts';
import { useJob } from '../../../ui/job-context.tsx';

/** Readings of a hygrometer from a file, played into the log; and those of the log as such a file. */
export function ReplayFile() {
  const { job, apply } = useJob();
  const file = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [read, setRead] = useState<(ReadReadings & { name: string }) | null>(null);
  const take = ({ readings }: ReadReadings): void => {
    const entries = readings.map((reading) => ({ ...reading, id: nanoid(10) }));
    if (apply('take-readings', { readings: entries }).ok) setRead(null);
  };
  const readFile = async (chosen: File): Promise<void> => {
    const outcome = readReadingsCsv(await chosen.text(), job);
    setFault(outcome.ok ? null : `${chosen.name}: ${outcome.message}`);
    if (!outcome.ok) return;
    if (outcome.value.faults.length === 0) take(outcome.value);
    else setRead({ ...outcome.value, name: chosen.name });
  };
  return (
    <Box sx={{ display: 'grid', gap: 1.5, mb: 3 }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => file.current?.click()}>
          Play in a file of readings
        </Button>
        <Button onClick={() => download('readings.csv', writeReadingsCsv(job), 'text/csv')}>Readings out as CSV</Button>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Columns: time, place, temperature, humidity.</Box>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv,text/plain"
          hidden
          aria-label="Readings as CSV"
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            event.target.value = '';
            if (chosen) void readFile(chosen);
          }}
        />
      </Box>
      {fault !== null && <Alert severity="error">{fault}</Alert>}
      {read && (
        <Alert
          severity="warning"
          action={
            <Box sx={{ display: 'grid', gap: 0.5 }}>
              <Button color="inherit" onClick={() => take(read)}>
                Take the {read.readings.length} good ones
              </Button>
              <Button color="inherit" onClick={() => setRead(null)}>
                Take nothing
              </Button>
            </Box>
          }
        >
          <strong>
            {read.name}: {read.faults.length} {read.faults.length === 1 ? 'row' : 'rows'} can’t be taken.
          </strong>
          <ul>
            {read.faults.slice(0, 6).map(({ row, message }) => (
              <li key={row}>
                Row {row}: {message}
              </li>
            ))}
          </ul>
        </Alert>
      )}
    </Box>
  );
}

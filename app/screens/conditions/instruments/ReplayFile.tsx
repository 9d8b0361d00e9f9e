import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { readReadingsCsv, writeReadingsCsv, type ReadReadings } from '../../../../core/exchange/readings-csv.ts';
import { BadRows } from '../BadRows.tsx';
import { download } from '../../../device/download.ts';
import { FileButton } from '../../../parts/FileButton.tsx';
import { useCommands, useJob } from '../../../open-job/use-job.ts';

/** Readings of a hygrometer from a file, played into the log; and those of the log as such a file. */
export function ReplayFile() {
  const job = useJob();
  const { apply } = useCommands();
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
        <FileButton words="Import readings" label="Readings, CSV" onChoose={(chosen) => void readFile(chosen)} />
        <Button onClick={() => download('readings.csv', writeReadingsCsv(job), 'text/csv')}>Export readings</Button>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>Columns: time, place, temperature, humidity.</Box>
      </Box>
      {fault !== null && <Alert severity="error">{fault}</Alert>}
      {read && (
        <BadRows
          file={read.name}
          faults={read.faults}
          good={`${read.readings.length} good ${read.readings.length === 1 ? 'one' : 'ones'}`}
          onTake={() => take(read)}
          onLeave={() => setRead(null)}
        />
      )}
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { startJob } from '../../keeping/jobs.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { askToKeep } from '../../keeping/storage-room.ts';
import { goTo } from '../../device/route.ts';
import { Sheet } from '../../parts/Section.tsx';
import { AddIcon } from '../../drawing/icons.tsx';

/** Begins a job with its name. */
export function StartJob() {
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const start = async (): Promise<void> => {
    if (name.trim() === '') {
      setFault('Name the job, e.g. the house or the room.');
      return;
    }
    try {
      const jobId = await startJob(name.trim().slice(0, 120), DateTime.now().toISODate());
      // From here on there is something that is worth keeping.
      void askToKeep();
      goTo({ stage: 'walk', jobId });
    } catch (error) {
      setFault(`Can’t save the job: ${reasonOf(error)}.`);
    }
  };

  return (
    <Sheet>
      <Box
        component="form"
        sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap' }}
        onSubmit={(event) => {
          event.preventDefault();
          void start();
        }}
      >
        <TextField
          label="Job name"
          value={name}
          error={fault !== null}
          helperText={fault}
          onChange={(event) => {
            setName(event.target.value);
            setFault(null);
          }}
          sx={{ flex: '1 1 260px' }}
        />
        <Button type="submit" variant="contained" startIcon={<AddIcon />} sx={{ mt: '5px' }}>
          Start job
        </Button>
      </Box>
    </Sheet>
  );
}

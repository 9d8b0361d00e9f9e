import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { LanguageContext } from '../../open-job/use-job.ts';
import { startEmptyJob, startJob } from '../../keeping/jobs.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { askToKeep } from '../../keeping/storage-room.ts';
import { goTo } from '../../device/route.ts';
import { KeepingBars } from '../../parts/keeping/KeepingBars.tsx';
import { Link } from '../../parts/Link.tsx';
import { Wordmark } from '../../parts/Wordmark.tsx';
import { Question } from './StartPart.tsx';
import { StartBar } from './StartBar.tsx';
import { useStart } from './use-start.ts';
import { WhatPart } from './WhatPart.tsx';
import { WherePart } from './WherePart.tsx';
import { WhoPart } from './WhoPart.tsx';

/** Begins a job by three things: what, where, and who and when. All the rest is assumed, and told so. */
export default function Start() {
  const state = useStart();
  const { begun, change, made, settings, forget } = state;
  const [fault, setFault] = useState<string | null>(null);
  const begin = async (put: () => Promise<string>): Promise<void> => {
    try {
      const jobId = await put();
      // From here on there is something that is worth keeping.
      void askToKeep();
      await forget();
      goTo({ stage: 'walk', jobId });
    } catch (error) {
      setFault(`Can’t save the job: ${reasonOf(error)}.`);
    }
  };
  return (
    <LanguageContext value={settings}>
      <Box sx={{ maxWidth: 1080, mx: 'auto', px: { xs: 2, md: 4 }, pt: { xs: 2, md: 3.5 } }}>
        <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 3, mb: 2.5 }}>
          <Link to={{ stage: '' }} aria-label="Nivel, all jobs" style={{ textDecoration: 'none', color: 'inherit' }}>
            <Wordmark ink="var(--ink)" />
          </Link>
          <Typography variant="h1">Start a job</Typography>
        </Box>
        <Box component="main">
          <KeepingBars />
          {fault !== null && (
            <Alert severity="error" sx={{ mb: 2 }}>
              {fault}
            </Alert>
          )}
          <WhatPart state={state} />
          <WherePart state={state} />
          <WhoPart state={state} />
          <Box sx={{ mb: 3 }}>
            <Question words="Job name">
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
                <TextField
                  value={begun.name}
                  onChange={(event) => change({ name: event.target.value })}
                  slotProps={{ htmlInput: { maxLength: 120, 'aria-label': 'Job name' } }}
                />
                <Button
                  onClick={() =>
                    void begin(() => startEmptyJob(begun.name.trim() || 'New job', DateTime.now().toISODate()))
                  }
                >
                  Start empty
                </Button>
              </Box>
            </Question>
          </Box>
          <StartBar
            state={state}
            onStart={() =>
              made.ok &&
              void begin(() =>
                startJob({ ...made.value, name: begun.name.trim() || 'New job', createdAt: new Date().toISOString() }),
              )
            }
          />
        </Box>
      </Box>
    </LanguageContext>
  );
}

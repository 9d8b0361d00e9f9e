import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { hasCamera } from '../../parts/codes/CodeReader.tsx';
import { CodesIn } from '../../parts/codes/CodesIn.tsx';
import { FileButton } from '../../parts/FileButton.tsx';
import { Wordmark } from '../../parts/Wordmark.tsx';
import { DevicesIcon, UploadIcon } from '../../drawing/icons.tsx';
import { StartJob } from './StartJob.tsx';
import type { Importing } from './use-importing.tsx';

interface JobsHeaderProps {
  importing: Pick<Importing, 'importFile' | 'openDay'>;
  hasJobs: boolean;
}

/** The name of the app, and the ways in for jobs from elsewhere. */
export function JobsHeader({ importing, hasJobs }: JobsHeaderProps) {
  const [isReading, setIsReading] = useState(false);
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: { xs: 0.5, sm: 2 },
        flexWrap: 'wrap',
        maxWidth: 1080,
        minHeight: 64,
        mx: 'auto',
        px: { xs: 2, md: 4 },
        pt: 1.5,
      }}
    >
      <Wordmark ink="var(--ink)" />
      <Box sx={{ flex: 1 }} />
      {hasJobs && <StartJob />}
      <Button component="a" href="/practice" sx={{ display: hasJobs ? 'inline-flex' : 'none' }}>
        Practise
      </Button>
      <Button component="a" href="/guide" sx={{ display: { xs: hasJobs ? 'inline-flex' : 'none', sm: 'inline-flex' } }}>
        Guide
      </Button>
      {hasCamera() && (
        <Button startIcon={<DevicesIcon />} onClick={() => setIsReading(true)}>
          Receive a day
        </Button>
      )}
      <FileButton
        variant="text"
        startIcon={<UploadIcon />}
        words="Import"
        label="Job file"
        accept=".json,.zip,.txt,application/json,application/zip,text/plain"
        onChoose={importing.importFile}
      />
      {isReading && (
        <Dialog open onClose={() => setIsReading(false)} fullWidth maxWidth="sm" aria-labelledby="codes-title">
          <DialogTitle id="codes-title">Point the camera at the codes</DialogTitle>
          <DialogContent sx={{ display: 'grid', gap: 2 }}>
            <CodesIn
              onText={(text) => {
                setIsReading(false);
                void importing.openDay(text);
              }}
            />
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setIsReading(false)}>Close</Button>
          </DialogActions>
        </Dialog>
      )}
    </Box>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { hasCamera } from '../../parts/codes/CodeReader.tsx';
import { CodesIn } from '../../parts/codes/CodesIn.tsx';
import { FileButton } from '../../parts/FileButton.tsx';
import { Wordmark } from '../../parts/Wordmark.tsx';
import { DevicesIcon, UploadIcon } from '../../drawing/icons.tsx';
import type { Importing } from './use-importing.tsx';

/** The name of the app, and the ways in for jobs from elsewhere. */
export function JobsHeader({ importing }: { importing: Pick<Importing, 'importFile' | 'openDay'> }) {
  const [isReading, setIsReading] = useState(false);
  return (
    <Box
      component="header"
      sx={{ display: 'flex', alignItems: 'center', gap: { xs: 1, sm: 3 }, flexWrap: 'wrap', mb: 4 }}
    >
      <Wordmark ink="var(--ink)" />
      <Typography sx={{ color: 'var(--ink-soft)', flex: 1, display: { xs: 'none', sm: 'block' } }}>
        From first look to rehung door.
      </Typography>
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
        accept=".json,.zip,application/json,application/zip"
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

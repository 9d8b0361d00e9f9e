import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { pieceNamed } from '../../../core/hanging/label-strip.ts';
import { CodeReader, hasCamera } from '../../parts/codes/CodeReader.tsx';
import { ScanIcon } from '../../drawing/icons.tsx';
import { useJob } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';

/** A label is scanned, or its mark typed, and its piece opens. */
export function FindPiece() {
  const job = useJob();
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [isScanning, setIsScanning] = useState(false);
  const open = (said: string): boolean => {
    const named = pieceNamed(job, said);
    if (typeof named === 'string') {
      setFault(named);
      return false;
    }
    setFault(null);
    setIsScanning(false);
    goTo({ stage: 'hang', jobId: job.id, pieceId: named.id });
    return true;
  };
  return (
    <Box
      component="form"
      onSubmit={(event: React.SyntheticEvent) => {
        event.preventDefault();
        open(typed);
      }}
      sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', flexWrap: 'wrap' }}
    >
      <TextField
        label="Tag on the label"
        value={typed}
        placeholder="D-05"
        error={fault !== null}
        helperText={fault}
        onChange={(event) => {
          setTyped(event.target.value);
          setFault(null);
        }}
        slotProps={{ htmlInput: { autoCapitalize: 'characters', autoComplete: 'off' } }}
        sx={{ width: { xs: 150, sm: 220 }, mt: 0, '& .MuiInputBase-root': { minHeight: 56 } }}
      />
      <Button type="submit" variant="outlined" sx={{ minHeight: 56 }} disabled={typed.trim() === ''}>
        Open
      </Button>
      {hasCamera() && (
        <Button variant="contained" startIcon={<ScanIcon />} sx={{ minHeight: 56 }} onClick={() => setIsScanning(true)}>
          Scan
        </Button>
      )}
      {isScanning && (
        <Dialog open onClose={() => setIsScanning(false)} fullWidth maxWidth="xs" aria-labelledby="scan-title">
          <DialogTitle id="scan-title">Point the camera at the label</DialogTitle>
          <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
            <CodeReader onCode={open} />
            {fault && <span>{fault}</span>}
          </DialogContent>
          <DialogActions>
            <Button sx={{ minHeight: 48 }} onClick={() => setIsScanning(false)}>
              Close
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </Box>
  );
}

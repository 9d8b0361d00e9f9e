import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Portal from '@mui/material/Portal';
import { useEffect, useState } from 'react';
import { useUnwritten, type Unwritten } from '../../keeping/keeping.ts';
import { storageFault } from '../../keeping/storage-fault.ts';
import { ReloadBar } from './ReloadBar.tsx';
import { wrapping } from './wrapping.ts';

/** What stands over every page while something is not kept, or Nivel should be reloaded. Nothing, as a rule. */
export function KeepingBars() {
  const unwritten = useUnwritten();
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void storageFault().then((found) => !gone && setFault(found));
    return () => {
      gone = true;
    };
  }, []);
  return (
    <Box className="no-print" sx={{ display: 'grid', gap: 1, '&:not(:empty)': { mb: 2 } }}>
      {fault !== null && (
        <Alert severity="error">
          <strong>Nothing is being saved.</strong> {fault}
        </Alert>
      )}
      {unwritten.size > 0 && <UnwrittenBars unwritten={unwritten} />}
      <ReloadBar />
    </Box>
  );
}

/** Changes that are in this tab only: above everything, since a dialog or a piece may cover the screen. */
function UnwrittenBars({ unwritten }: { unwritten: ReadonlyMap<string, Unwritten> }) {
  return (
    <Portal>
      <Box
        className="no-print"
        sx={{
          position: 'fixed',
          top: 8,
          left: 8,
          right: 8,
          zIndex: 'snackbar',
          maxWidth: 760,
          mx: 'auto',
          display: 'grid',
          gap: 1,
        }}
      >
        {[...unwritten].map(([key, { words, tryAgain, save }]) => (
          <Alert
            key={key}
            severity="error"
            elevation={6}
            sx={wrapping}
            action={
              <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
                {save && (
                  <Button color="inherit" onClick={save}>
                    Save as file
                  </Button>
                )}
                <Button color="inherit" onClick={tryAgain}>
                  Try again
                </Button>
              </Box>
            }
          >
            <strong>Not saved yet.</strong> {words}
          </Alert>
        ))}
      </Box>
    </Portal>
  );
}

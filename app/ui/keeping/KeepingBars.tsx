import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { useUnwritten } from '../../store/keeping.ts';
import { storageFault } from '../../store/storage-fault.ts';
import { NewVersionBar } from './NewVersionBar.tsx';

/** What stands over every page while something is not kept, or a new version waits. Nothing, as a rule. */
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
          <strong>Nothing is kept here.</strong> {fault}
        </Alert>
      )}
      {[...unwritten].map(([key, { words, tryAgain, save }]) => (
        <Alert
          key={key}
          severity="error"
          action={
            <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
              {save && (
                <Button color="inherit" onClick={save}>
                  Save as a file
                </Button>
              )}
              <Button color="inherit" onClick={tryAgain}>
                Try again
              </Button>
            </Box>
          }
        >
          <strong>Not kept yet.</strong> {words}
        </Alert>
      ))}
      <NewVersionBar />
    </Box>
  );
}

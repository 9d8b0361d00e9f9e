import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useUnwritten } from '../../store/keeping.ts';
import { takeNewVersion, useNewVersion } from '../../store/new-version.ts';

/** Offers a version of Nivel that has been fetched. It takes over when the painter says so, and nothing is half written. */
export function NewVersionBar() {
  const isThere = useNewVersion();
  const isUnwritten = useUnwritten().size > 0;
  const [isTaking, setIsTaking] = useState(false);
  if (!isThere) return null;
  return (
    <Alert
      severity="info"
      action={
        <Button
          color="inherit"
          disabled={isUnwritten || isTaking}
          onClick={() => {
            setIsTaking(true);
            void takeNewVersion();
          }}
        >
          Reload
        </Button>
      }
    >
      {isUnwritten ? 'New version: it can be loaded once everything here is written.' : 'New version, reload.'}
    </Alert>
  );
}

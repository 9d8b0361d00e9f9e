import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { useUnwritten } from '../../store/keeping.ts';
import { takeNewVersion, useNewVersion } from '../../store/new-version.ts';
import { reasonOf } from '../../store/reason.ts';
import { useUnderway } from '../../store/underway.ts';

/** Offers a version of Nivel that has been fetched. It takes over when the painter says so, and nothing is half done. */
export function NewVersionBar() {
  const isThere = useNewVersion();
  const isUnwritten = useUnwritten().size > 0;
  const isUnderway = useUnderway();
  const [isTaking, setIsTaking] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  if (!isThere) return null;
  const take = async (): Promise<void> => {
    setIsTaking(true);
    try {
      await takeNewVersion();
    } catch (error) {
      setFault(reasonOf(error));
      setIsTaking(false);
    }
  };
  const words = (): string => {
    if (isUnwritten) return 'New version: it can be loaded once everything here is written.';
    if (isUnderway) return 'New version: it can be loaded once the backup is written, or read.';
    if (fault !== null) return `The new version can’t be loaded yet: ${fault}. This one goes on working.`;
    return 'New version, reload.';
  };
  return (
    <Alert
      severity={fault === null ? 'info' : 'warning'}
      action={
        <Button color="inherit" disabled={isUnwritten || isUnderway || isTaking} onClick={() => void take()}>
          Reload
        </Button>
      }
    >
      {words()}
    </Alert>
  );
}

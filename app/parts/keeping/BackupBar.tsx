import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import { useEffect, useEffectEvent, useState } from 'react';
import { database } from '../../keeping/database.ts';
import { lastWork } from '../../keeping/last-work.ts';
import { keepLocally, local } from '../../keeping/local.ts';
import { BackupProgressLine } from './BackupProgressLine.tsx';
import { useBackup } from './use-backup.ts';
import { wrapping } from './wrapping.ts';

/** The day here of a moment. */
const dayOf = (moment: string): string => formatMoment(DateTime.fromISO(moment), 'isoDate');

/** The day on which the painter last said “not now”. */
const NOT_NOW = 'nivel-backup-not-now';

/**
 * Proposes a backup after a day with work that has none. Where the painter chose a folder and the browser still lets
 * Nivel write there, it is made without asking.
 */
export function BackupBar() {
  const worked = useLiveQuery(() => lastWork(database), []);
  const { last, isAsking, answer, backUp, cancel } = useBackup();
  const [notNow, setNotNow] = useState(() => local.getItem(NOT_NOW));
  const today = DateTime.now().toISODate();
  const isDue =
    last !== undefined &&
    worked !== undefined &&
    worked !== null &&
    (last.at === null || last.at < worked) &&
    dayOf(worked) < today;
  const begin = useEffectEvent(async () => {
    const state = await last?.folder?.queryPermission({ mode: 'readwrite' });
    if (state === 'granted') backUp(false);
  });
  useEffect(() => {
    if (isDue) void begin();
  }, [isDue]);
  if (isAsking) return <BackupProgressLine progress={answer && 'doing' in answer ? answer : null} onCancel={cancel} />;
  if (!isDue || notNow === today) return null;
  return (
    <Alert
      severity="info"
      sx={{ ...wrapping, mb: 2 }}
      action={
        <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
          <Button color="inherit" onClick={() => backUp()}>
            Back up now
          </Button>
          <Button
            color="inherit"
            onClick={() => {
              keepLocally(NOT_NOW, today);
              setNotNow(today);
            }}
          >
            Not today
          </Button>
        </Box>
      }
    >
      {answer && 'fault' in answer
        ? answer.fault
        : `${last.at === null ? 'No backup yet' : `Work of ${formatMoment(DateTime.fromISO(worked), 'day')} isn’t backed up`}.`}
    </Alert>
  );
}

import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useLiveQuery } from 'dexie-react-hooks';
import { DateTime } from 'luxon';
import { useState } from 'react';
import { database } from '../../keeping/database.ts';
import { download } from '../../device/download.ts';
import { useJob } from '../../open-job/use-job.ts';
import { wrapping } from './wrapping.ts';

/** Changes that were given and could not be carried out: what they were, why, and the way to keep them. */
export function SetAsideBar() {
  const { id, name } = useJob();
  const aside = useLiveQuery(() => database.setAside.where('jobId').equals(id).sortBy('at'), [id]) ?? [];
  const [isOpen, setIsOpen] = useState(false);
  if (aside.length === 0) return null;
  return (
    <Alert
      severity="warning"
      sx={{ ...wrapping, mb: 2 }}
      action={
        <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
          <Button color="inherit" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
            {isOpen ? 'Hide' : 'Show'}
          </Button>
          <Button color="inherit" onClick={() => download(`${name} set aside.json`, JSON.stringify(aside, null, 1))}>
            Save as file
          </Button>
          <Button color="inherit" onClick={() => void database.setAside.where('jobId').equals(id).delete()}>
            Discard
          </Button>
        </Box>
      }
    >
      {aside.length === 1 ? 'One change' : `${aside.length} changes`} couldn’t be applied and{' '}
      {aside.length === 1 ? 'is' : 'are'} set aside. The rest is in the job.
      {isOpen && (
        <Box component="ul" sx={{ mt: 1, pl: 2.5, display: 'grid', gap: 0.5 }}>
          {aside.map(({ id: entryId, name: command, at, why, args }) => (
            <li key={entryId} style={{ overflowWrap: 'anywhere' }}>
              {formatMoment(DateTime.fromISO(at), 'dateTime')}, {command.replaceAll('-', ' ')}: {why}
              <code style={{ display: 'block', fontSize: 12 }}>{JSON.stringify(args).slice(0, 300)}</code>
            </li>
          ))}
        </Box>
      )}
    </Alert>
  );
}

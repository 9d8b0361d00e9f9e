import { formatMoment } from '../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Popover from '@mui/material/Popover';
import { DateTime } from 'luxon';
import { useEffect, useState } from 'react';
import { database } from '../keeping/database.ts';
import { historyOf, type HistoryEntry } from '../keeping/history.ts';
import { useCommands, useJob } from '../open-job/use-job.ts';

/** Everything that was done to the job, newest first; what has been undone is struck through. */
export default function HistoryPanel({ anchor, onClose }: { anchor: HTMLElement; onClose(): void }) {
  const job = useJob();
  const { store } = useCommands();
  const { id } = job;
  const [entries, setEntries] = useState<HistoryEntry[] | null>(null);
  useEffect(() => {
    let gone = false;
    void store
      .settled()
      .then(() => historyOf(database, id))
      .then((read) => !gone && setEntries(read));
    return () => {
      gone = true;
    };
  }, [store, id]);
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      transformOrigin={{ vertical: 'top', horizontal: 'right' }}
    >
      <Box
        component="ol"
        aria-label="History"
        sx={{ p: 2, width: 380, maxWidth: '90vw', maxHeight: 420, overflow: 'auto' }}
      >
        {entries?.length === 0 && <li>No changes yet.</li>}
        {entries?.map((entry) => (
          <Box
            component="li"
            key={entry.number}
            sx={{
              display: 'flex',
              justifyContent: 'space-between',
              gap: 2,
              py: 0.6,
              fontSize: 14,
              color: entry.undone ? 'var(--ink-soft)' : 'inherit',
              textDecoration: entry.undone ? 'line-through' : 'none',
            }}
          >
            <span>{entry.label}</span>
            <span style={{ color: 'var(--ink-soft)', whiteSpace: 'nowrap' }}>
              {formatMoment(DateTime.fromISO(entry.at), 'dateTime')}
            </span>
          </Box>
        ))}
      </Box>
    </Popover>
  );
}

import HistoryIcon from '@mui/icons-material/History';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Popover from '@mui/material/Popover';
import Tooltip from '@mui/material/Tooltip';
import { DateTime } from 'luxon';
import { useState } from 'react';
import type { JobStore } from '../store/job-store.ts';
import { useJob } from './job-context.tsx';

type Entry = Awaited<ReturnType<JobStore['history']>>[number];

/** Everything that was done to the job, newest first; what has been undone is struck through. */
export function HistoryButton() {
  const { store } = useJob();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [entries, setEntries] = useState<Entry[]>([]);
  return (
    <>
      <Tooltip title="History">
        <IconButton
          aria-label="History"
          onClick={(event) => {
            setAnchor(event.currentTarget);
            void store.settled().then(() => store.history().then(setEntries));
          }}
        >
          <HistoryIcon />
        </IconButton>
      </Tooltip>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
      >
        <Box
          component="ol"
          aria-label="History"
          sx={{ p: 2, width: 380, maxWidth: '90vw', maxHeight: 420, overflow: 'auto' }}
        >
          {entries.length === 0 && <li>Nothing has been changed yet.</li>}
          {entries.map((entry) => (
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
                {DateTime.fromISO(entry.at).toFormat('d LLL HH:mm')}
              </span>
            </Box>
          ))}
        </Box>
      </Popover>
    </>
  );
}

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { StoredJob } from '../../keeping/database.ts';
import { forgetJob, setDeleted, type listJobs } from '../../keeping/jobs.ts';
import { downloadUnreadable } from '../../device/download.ts';
import { Section } from '../../parts/Section.tsx';

interface LostJobsProps {
  damaged: Awaited<ReturnType<typeof listJobs>>['damaged'];
  deleted: readonly StoredJob[];
  /** Does something to the store, and tells what goes wrong. */
  onWork(work: Promise<unknown>): void;
}

/** Rows that can't be read, and jobs that were thrown away. */
export function LostJobs({ damaged, deleted, onWork }: LostJobsProps) {
  return (
    <>
      {damaged.length > 0 && (
        <Section title="Unreadable">
          <Box component="ul">
            {damaged.map(({ row, message }) => (
              <Box component="li" key={row.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
                <span style={{ flex: '0 1 560px' }}>{message}</span>
                <Button onClick={() => downloadUnreadable(row)}>Save as file</Button>
                <Button color="error" onClick={() => onWork(forgetJob(row.id))}>
                  Delete for ever
                </Button>
              </Box>
            ))}
          </Box>
        </Section>
      )}
      {deleted.length > 0 && (
        <Section title="Deleted">
          <Box component="ul">
            {deleted.map((stored) => (
              <Box component="li" key={stored.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', py: 0.5 }}>
                <span style={{ flex: '0 1 320px' }}>{stored.job.name}</span>
                <Button onClick={() => onWork(setDeleted(stored.id, false))}>Restore</Button>
                <Button color="error" onClick={() => onWork(forgetJob(stored.id))}>
                  Delete for ever
                </Button>
              </Box>
            ))}
          </Box>
        </Section>
      )}
    </>
  );
}

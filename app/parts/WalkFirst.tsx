import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useJob } from '../open-job/use-job.ts';
import { goTo } from '../device/route.ts';
import { EmptyState } from './Section.tsx';

/** The empty state of every stage that lives on pieces: walk the job first. */
export function WalkFirst({ title, children }: { title: string; children: ReactNode }) {
  const job = useJob();
  return (
    <EmptyState
      title={title}
      action={
        <Button variant="contained" onClick={() => goTo({ stage: 'walk', jobId: job.id })}>
          Go to Walk
        </Button>
      }
    >
      {children}
    </EmptyState>
  );
}

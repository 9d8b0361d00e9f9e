import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { isOpen } from '../../../core/checking/defect-status.ts';
import { useJob } from '../../open-job/use-job.ts';
import { EmptyState, Section } from '../../parts/Section.tsx';
import { FoundList } from './FoundList.tsx';

/** Every defect of the job: what is open first. */
export function DefectList() {
  const job = useJob();
  if (job.defects.length === 0) {
    return <EmptyState title="No defects yet">Inspect with a lamp and tap any defect.</EmptyState>;
  }
  const open = job.defects.filter((defect) => isOpen(job, defect));
  const closed = job.defects.filter((defect) => !isOpen(job, defect));
  return (
    <Box sx={{ maxWidth: 820 }}>
      <Section title={`Open: ${open.length}`}>
        {open.length === 0 ? <Typography>None open.</Typography> : <FoundList defects={open} isTagged />}
      </Section>
      {closed.length > 0 && (
        <Section title={`Closed: ${closed.length}`}>
          <FoundList defects={closed} isTagged />
        </Section>
      )}
    </Box>
  );
}

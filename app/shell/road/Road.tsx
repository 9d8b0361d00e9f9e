import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { roadStep } from '../../../core/starting/road.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { stageAt, type Stage } from '../../screens/registry.ts';
import { TakeRecommended } from './TakeRecommended.tsx';

/** Until a plan is accepted: what this stage needs before the next, and the way there. */
export default function Road({ stage }: { stage: Stage }) {
  const job = useJob();
  const localise = useLocalise();
  const step = roadStep(job, stage.id);
  if (step === null) return null;
  const next = step.next === null ? undefined : stageAt(step.next);
  return (
    <Box
      component="aside"
      aria-label="Next step"
      sx={{
        position: 'sticky',
        bottom: { xs: 'calc(62px + env(safe-area-inset-bottom))', md: 0 },
        zIndex: 4,
        mx: { xs: 1, md: 4 },
        mt: 2,
        px: 2,
        py: 1.25,
        background: 'var(--sheet)',
        border: '1px solid var(--line)',
        borderTop: '3px solid var(--vial-deep)',
        borderRadius: '8px 8px 0 0',
        boxShadow: 'var(--shadow)',
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: { xs: 1, sm: 2 },
      }}
    >
      <Box sx={{ flex: '1 1 220px', fontWeight: 650 }}>{localise(step.needs)}</Box>
      {stage.id === 'build-up' && step.next === null && <TakeRecommended />}
      {next && (
        <Button variant="contained" onClick={() => goTo({ stage: next.id, jobId: job.id })} sx={{ minHeight: 44 }}>
          Next: {next.name}
        </Button>
      )}
    </Box>
  );
}

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { memo, useMemo } from 'react';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import { useJob } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';

/** Says that the accepted plan is not of this job any more, as long as it is not. */
export const PlanOutdatedBar = memo(function PlanOutdatedBar() {
  const job = useJob();
  const fingerprint = useMemo(() => planFingerprint(job), [job]);
  if (job.plan === null || job.plan.fingerprint === fingerprint) return null;
  return (
    <Alert
      severity="warning"
      action={
        <Button color="inherit" sx={{ minHeight: 44 }} onClick={() => goTo({ stage: 'plan', jobId: job.id })}>
          Replan
        </Button>
      }
    >
      The job has changed since this plan.
    </Alert>
  );
});

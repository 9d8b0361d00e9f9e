import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { outdatedBuildUps } from '../../core/build-up/build-up-review.ts';
import { useJob } from '../open-job/use-job.ts';
import { goTo } from '../device/route.ts';

/** Which chosen build-ups need another look, where order or plan rest on them. Nothing is changed for the painter. */
export function OutdatedBuildUpBar({ rests }: { rests: string }) {
  const job = useJob();
  const doubts = outdatedBuildUps(job);
  const [first] = doubts;
  if (!first) return null;
  return (
    <Alert
      severity="warning"
      sx={{ mb: 2 }}
      action={
        <Button color="inherit" onClick={() => goTo({ stage: 'build-up', jobId: job.id, groupId: first.group.id })}>
          Look again
        </Button>
      }
    >
      {rests} rests on {doubts.length === 1 ? 'a build-up that is' : `${doubts.length} build-ups that are`} in doubt:{' '}
      {doubts
        .map(({ group, changes, verdict }) => {
          const forbidding = verdict.findings.find(({ rule }) => rule.severity === 'forbidden');
          return `${group.name} (${forbidding?.rule.reason ?? changes.join('; ')})`;
        })
        .join(' ')}
    </Alert>
  );
}

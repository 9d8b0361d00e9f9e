import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { outdatedBuildUps } from '../../core/build-up/build-up-review.ts';
import { useJob } from '../open-job/use-job.ts';
import { goTo } from '../device/route.ts';

/** Which chosen build-ups need another look, where order or plan use them. `rests` begins the sentence: “The plan uses”. */
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
          Check it
        </Button>
      }
    >
      {rests} {doubts.length === 1 ? 'a build-up that needs' : `${doubts.length} build-ups that need`} another look:{' '}
      {doubts
        .map(({ group, changes, verdict }) => {
          const forbidding = verdict.findings.find(({ rule }) => rule.severity === 'forbidden');
          return `${group.name} (${forbidding?.rule.reason ?? changes.join('; ')})`;
        })
        .join(' ')}
    </Alert>
  );
}

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useCommands, useJob, useLocalise } from '../open-job/use-job.ts';

/** What is answered otherwise since the job was written by an earlier version, until somebody has read it. */
export function LiftedBar() {
  const { lifted } = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  if (lifted.length === 0) return null;
  return (
    <Alert
      severity="info"
      sx={{ mb: 2 }}
      action={
        <Button color="inherit" onClick={() => apply('confirm-lifted', {})}>
          OK
        </Button>
      }
    >
      This job is from an earlier version. {lifted.map((words) => localise(words)).join(' ')}
    </Alert>
  );
}

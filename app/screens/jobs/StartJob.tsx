import Button from '@mui/material/Button';
import { goTo } from '../../device/route.ts';
import { AddIcon } from '../../drawing/icons.tsx';

/** The way to a new job. */
export function StartJob() {
  return (
    <Button variant="contained" startIcon={<AddIcon />} onClick={() => goTo({ stage: 'start' })}>
      Start a job
    </Button>
  );
}

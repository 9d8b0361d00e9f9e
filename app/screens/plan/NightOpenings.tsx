import { counted } from '../../../core/units/sentence.ts';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { marksInWords } from '../../../core/job/marks.ts';
import { nightsLeftOpen } from '../../../core/planning/reading/nights-left-open.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { useCommands, useJob } from '../../open-job/use-job.ts';

/** Openings that must close at night and stand open in this plan, with how many nights at most. */
export function NightOpenings({ reading }: { reading: PlanReading }) {
  const job = useJob();
  const { apply } = useCommands();
  const open = nightsLeftOpen(job, reading);
  const [longest] = open;
  if (!longest) return null;
  const standIn = (): void => {
    const edits = open.map(({ piece: { id } }) => ({ id, facts: { access: { standIn: true } } }));
    apply('revise-pieces', { edits });
  };
  return (
    <Alert
      severity="warning"
      sx={{ mb: 2 }}
      action={
        <Button color="inherit" size="small" onClick={standIn}>
          Use temporary doors
        </Button>
      }
    >
      {marksInWords(open.map(({ piece }) => piece.mark))} won’t be back by nightfall ({longest.piece.mark} is off up to{' '}
      {counted(longest.nights, 'night')}). Fit temporary doors or boards, warm the drying room, or paint in place.
    </Alert>
  );
}

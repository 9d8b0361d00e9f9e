import Alert from '@mui/material/Alert';
import { marksInWords } from '../../../core/job/marks.ts';
import { openNights } from '../../../core/planning/open-nights.ts';
import type { PlanReading } from '../../../core/planning/read-plan.ts';
import { useJob } from '../../ui/job-context.tsx';

/** Openings that must close at night and stand open in this plan, with how many nights at most. */
export function NightOpenings({ reading }: { reading: PlanReading }) {
  const { job } = useJob();
  const open = openNights(job, reading);
  const [longest] = open;
  if (!longest) return null;
  return (
    <Alert severity="info" sx={{ mb: 2 }}>
      {marksInWords(open.map(({ piece }) => piece.mark))}: the opening must close at night, and the piece is away for up
      to {longest.nights} {longest.nights === 1 ? 'night' : 'nights'} ({longest.piece.mark}). Have boards or stand-in
      doors ready, or paint in place.
    </Alert>
  );
}

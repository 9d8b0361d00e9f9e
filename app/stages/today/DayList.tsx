import CheckIcon from '@mui/icons-material/Check';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { marksInWords } from '../../../core/job/marks.ts';
import { localTime } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/read-plan.ts';
import { stepWords } from '../../../core/planning/step-words.ts';
import type { SheetRun } from '../../../core/running/day-sheet.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Sheet } from '../../ui/Section.tsx';

interface DayListProps {
  sheet: readonly SheetRun[];
  reading: PlanReading;
  current: string | null;
}

/** The runs of the day in order, done ones ticked. */
export function DayList({ sheet, reading, current }: DayListProps) {
  const { job, say } = useJob();
  const zone = job.site.timeZone;
  if (sheet.length === 0) return <Typography>No work is planned for this painter today.</Typography>;
  return (
    <Sheet pad={0}>
      <Box component="ol" aria-label="Runs of the day">
        {sheet.map(({ run, state, done }) => (
          <Box
            component="li"
            key={run.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: '62px 1fr 28px',
              gap: 1,
              px: 2,
              py: 1.1,
              borderBottom: '1px solid var(--line)',
              '&:last-child': { borderBottom: 0 },
              borderLeft: run.id === current ? '6px solid var(--vial-deep)' : '6px solid transparent',
              color: state === 'done' ? 'var(--ink-soft)' : 'inherit',
            }}
          >
            <strong>{localTime(reading.t0, run.start, zone).toFormat('HH:mm')}</strong>
            <span>
              {run.steps[0] && say(stepWords(run.steps[0]))}
              <Box component="span" sx={{ color: 'var(--ink-soft)', display: 'block', fontSize: 14 }}>
                {marksInWords(run.steps.map((step) => step.piece.mark))}
                {state === 'running' && done > 0 && `, ${done} of ${run.steps.length} done`}
              </Box>
            </span>
            {state === 'done' && <CheckIcon titleAccess="done" sx={{ color: 'var(--ready)' }} />}
          </Box>
        ))}
      </Box>
    </Sheet>
  );
}

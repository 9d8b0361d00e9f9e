import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import { localTime } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import type { SheetRun } from '../../../core/running/day-sheet.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { Sheet } from '../../parts/Section.tsx';
import { CheckIcon } from '../../drawing/icons.tsx';
import { StampList } from './StampList.tsx';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

interface DayListProps {
  sheet: readonly SheetRun[];
  reading: PlanReading;
  current: string | null;
  stamps: Stamps;
}

/** The runs of the day in order, done ones ticked; a touch opens one: its stamps to be corrected, or to be done first. */
export const DayList = memo(function DayList({ sheet, reading, current, stamps }: DayListProps) {
  const job = useJob();
  const localise = useLocalise();
  const [openId, setOpenId] = useState<string | null>(null);
  const zone = job.site.timeZone;
  if (sheet.length === 0) return <Typography>No work today.</Typography>;
  return (
    <Sheet pad={0}>
      <Box component="ol" aria-label="Today’s jobs">
        {sheet.map(({ run, state, done }) => {
          const isOpen = openId === run.id;
          return (
            <Box
              component="li"
              key={run.id}
              sx={{
                borderBottom: '1px solid var(--line)',
                '&:last-child': { borderBottom: 0 },
                borderLeft: run.id === current ? '6px solid var(--vial-deep)' : '6px solid transparent',
              }}
            >
              <Box
                component="button"
                type="button"
                aria-expanded={isOpen}
                onClick={() => setOpenId(isOpen ? null : run.id)}
                sx={{
                  display: 'grid',
                  gridTemplateColumns: '62px 1fr 28px',
                  gap: 1,
                  width: '100%',
                  px: 2,
                  py: 1.1,
                  minHeight: 52,
                  border: 0,
                  background: 'none',
                  font: 'inherit',
                  textAlign: 'left',
                  cursor: 'pointer',
                  color: state === 'done' ? 'var(--ink-soft)' : 'inherit',
                }}
              >
                <strong>{formatMoment(localTime(reading.t0, run.start, zone), 'time')}</strong>
                <span>
                  {run.steps[0] && localise(stepWords(run.steps[0]))}
                  <Box component="span" sx={{ color: 'var(--ink-soft)', display: 'block', fontSize: 14 }}>
                    {marksInWords(run.steps.map((step) => step.piece.mark))}
                    {state === 'running' && done > 0 && `, ${done} of ${run.steps.length} done`}
                  </Box>
                </span>
                {state === 'done' && <CheckIcon titleAccess="done" sx={{ color: 'var(--ready)' }} />}
              </Box>
              {isOpen && (
                <Box sx={{ px: 2, pb: 1.5, display: 'grid', gap: 1 }}>
                  <StampList steps={run.steps} stamps={stamps} />
                  {state === 'open' && run.id !== current && (
                    <Button variant="outlined" sx={{ minHeight: 48 }} onClick={() => stamps.first(run)}>
                      Do this first
                    </Button>
                  )}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Sheet>
  );
});

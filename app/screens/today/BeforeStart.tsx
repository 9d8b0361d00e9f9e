import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { buyLines, buyWords } from '../../../core/starting/road.ts';
import { openQuestions } from '../../../core/surface-tests/known-surface.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { How } from '../../parts/How.tsx';
import { Sheet } from '../../parts/Section.tsx';

/** Before anything is done: what to buy, when to start, and when it is all hung. */
export function BeforeStart({ reading }: { reading: PlanReading }) {
  const job = useJob();
  const localise = useLocalise();
  const [first] = reading.runs;
  if (job.log.length > 0 || first === undefined || job.plan === null) return null;
  const zone = job.site.timeZone;
  const at = (minutes: number, style: 'dayTime' | 'day'): string =>
    formatMoment(localTime(reading.t0, minutes, zone), style);
  const isOpen = job.groups.some(({ id }) => openQuestions(job, id).size > 0);
  return (
    <Box component="section" aria-label="Before you start">
      <Sheet>
        <Typography variant="h2" component="p">
          {localise(buyWords(job))}. <How of="What to buy" lines={() => buyLines(job)} page="quantities" />
        </Typography>
        <Box sx={{ fontSize: 16 }}>
          Start {at(first.start, 'dayTime')}. All hung by{' '}
          <strong>{at(job.plan.finish * job.plan.tickMinutes, 'day')}</strong>.
        </Box>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
          <Button
            variant="outlined"
            sx={{ minHeight: 44 }}
            onClick={() => goTo({ stage: 'quantities', jobId: job.id })}
          >
            What to buy
          </Button>
          {isOpen && (
            <Button sx={{ minHeight: 44 }} onClick={() => goTo({ stage: 'test', jobId: job.id, view: 'surer' })}>
              Make it surer
            </Button>
          )}
        </Box>
      </Sheet>
    </Box>
  );
}

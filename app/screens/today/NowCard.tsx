import { counted } from '../../../core/units/sentence.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import { progressByTask } from '../../../core/job/progress.ts';
import { placeOf, roomOf } from '../../../core/job/queries/places.ts';
import { localTime } from '../../../core/job/site-time.ts';
import type { PlanReading, Run } from '../../../core/planning/reading/read-plan.ts';
import { minutesOfSteps } from '../../../core/planning/reading/run-days.ts';
import { isBenchWork } from '../../../core/steps/step-needs.ts';
import { workAccount } from '../../../core/steps/work-account.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import type { SheetRun } from '../../../core/running/day-sheet.ts';
import type { DryingPiece } from '../../../core/running/drying-status.ts';
import { openSteps } from '../../../core/running/stamps.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { How } from '../../parts/How.tsx';
import { Sheet } from '../../parts/Section.tsx';
import { StrokesLine } from './StrokesLine.tsx';
import type { Stamps } from '../../parts/stamping/use-stamps.ts';

import { RunPieces } from './RunPieces.tsx';
import { StampButtons } from './StampButtons.tsx';
import { StepCautions } from './StepCautions.tsx';
import { WetPaintWarning } from './WetPaintWarning.tsx';

interface NowCardProps {
  next: SheetRun | null;
  reading: PlanReading;
  at: number;
  stamps: Stamps;
  dryingPieces: readonly DryingPiece[];
  /** The run of this painter that comes after it today; null when none does. */
  after: Run | null;
  /** Whose day it is; null where one painter works alone. */
  painter: string | null;
}

/** From more pieces than this on, tags alone stand for them, so that the buttons stay in reach. */
const LONG_RUN = 8;

/** The batch that is on: which pieces, where, how long; start it, log pieces one by one or all at once. */
export const NowCard = memo(function NowCard({
  next,
  reading,
  at,
  stamps,
  dryingPieces,
  after,
  painter,
}: NowCardProps) {
  const job = useJob();
  const localise = useLocalise();
  if (next === null) {
    return (
      <Sheet>
        <Typography variant="h2" sx={{ mb: 2 }}>
          {painter ? `Nothing left for ${painter}` : 'Nothing left to do'}
        </Typography>
        <Button variant="outlined" onClick={() => goTo({ stage: 'hang', jobId: job.id })}>
          Close and wash dates
        </Button>
      </Sheet>
    );
  }
  const { run } = next;
  const open = openSteps(job, run);
  const [step] = open;
  if (!step) return null;
  const isRunning = progressByTask(job.log).get(step.id)?.startedAt != null;
  // Only those are shown that are still to be tapped, so that the buttons stay in sight on a phone.
  const done = run.steps.filter((entry) => !open.includes(entry));
  const zone = job.site.timeZone;
  const begins = localTime(reading.t0, run.start, zone);
  const isLater = run.start > at + 5;
  const sameDay = Math.floor(run.start / 1440) === Math.floor(at / 1440);
  const word = isRunning
    ? 'Now'
    : isLater
      ? sameDay
        ? `Next: ${formatMoment(begins, 'time')}`
        : `Next: ${formatMoment(begins, 'dayTime')}`
      : 'Now';
  const where = isBenchWork(step) ? placeOf(job, 'bench').name : roomOf(job, step.piece)?.name;
  const minutes = minutesOfSteps(run, open, reading);
  const early = dryingPieces.findLast(
    (drying) => open.some((entry) => entry.id === drying.next?.id) && drying.opens > at,
  );
  return (
    <Sheet pad={2.5}>
      <Box component="section" aria-label="Now">
        <Typography
          sx={{ fontWeight: 700, color: isLater && !isRunning ? 'var(--ink-soft)' : 'var(--ready)', fontSize: 16 }}
        >
          {word}
        </Typography>
        <Typography variant="h1" component="p" sx={{ fontSize: { xs: 24, sm: 28 }, my: 0.5 }}>
          {localise(stepWords(step))}
        </Typography>
        <Typography sx={{ color: 'var(--ink-soft)', fontSize: 16 }}>
          {where} · {counted(open.length, 'piece')} · {formatDuration(minutes)}
          {run.setupMinutes > 0 && !isRunning && ` + ${formatDuration(run.setupMinutes)} set-up`}{' '}
          <How
            of={`${formatDuration(minutes)} for this job`}
            lines={() => workAccount(job, open, minutes)}
            page="plan#minutes-of-a-job"
          />
        </Typography>
        {/* Above the pieces: on a phone the buttons stay in sight, and what stands below them may not. */}
        <Box sx={{ mt: 1.5 }}>
          <StepCautions step={step} needsTwo={run.needsTwo} />
          {early && <WetPaintWarning early={early} reading={reading} at={at} sameDay={sameDay} />}
        </Box>
        <RunPieces steps={open} isLong={open.length > LONG_RUN} onDone={(entry) => stamps.done([entry])} />
        {done.length > 0 && (
          <Typography sx={{ color: 'var(--ink-soft)', mb: 2 }}>
            Done: {marksInWords(done.map(({ piece }) => piece.mark))}
          </Typography>
        )}
        <StrokesLine step={step} />
        <StampButtons steps={open} isRunning={isRunning} isEarly={early !== undefined} stamps={stamps} after={after} />
        {open.length > 1 && (
          <Typography sx={{ mt: 1, fontSize: 14, color: 'var(--ink-soft)' }}>
            Or tap each tag as you finish it.
          </Typography>
        )}
      </Box>
    </Sheet>
  );
});

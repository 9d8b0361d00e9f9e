import { ReplanningStatus } from '../../parts/replanning/ReplanningStatus.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Suspense, useDeferredValue, useMemo, useState } from 'react';
import { fetchedLater } from '../../device/fetched-later.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { dayOf } from '../../../core/running/day.ts';
import { daySheet, nextRun } from '../../../core/running/day-sheet.ts';
import { Failure } from '../../parts/Failure.tsx';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { EmptyState } from '../../parts/Section.tsx';
import { TooEarlyBar } from '../../parts/replanning/TooEarlyBar.tsx';
import { useTooEarlyAhead } from '../../parts/replanning/use-too-early.ts';
import { useAfterPaint } from '../../device/use-after-paint.ts';
import { useReadingOf, useStepsOf } from '../../open-job/use-reading.ts';
import { AirNow } from './AirNow.tsx';
import { ClockDoubtDialog } from '../../parts/stamping/ClockDoubtDialog.tsx';
import { BeforeStart } from './BeforeStart.tsx';
import { NowCard } from './NowCard.tsx';
import { PlanOutdatedBar } from './PlanOutdatedBar.tsx';
import { ReminderBar } from './ReminderBar.tsx';
import { SiteWorkList } from './SiteWorkList.tsx';
import { useStamps } from '../../parts/stamping/use-stamps.ts';
import { WhoseDay } from './WhoseDay.tsx';

const TodaySidebar = fetchedLater(() => import('./TodaySidebar.tsx'));

/** The day in the hand: what is now, what is next, and what may be touched. */
export default function Today() {
  const job = useJob();
  // A stamp is seen at once on its card; what follows from it for all that lies and all that comes may take a moment.
  const behind = useDeferredValue(job);
  const problem = useStepsOf(behind);
  const reading = useReadingOf(behind, problem, behind.plan);
  if (reading === null) {
    return (
      <EmptyState
        title="No plan yet"
        action={
          <Button variant="contained" size="large" onClick={() => goTo({ stage: 'plan', jobId: job.id })}>
            Make a plan
          </Button>
        }
      >
        Accept a plan to see today’s jobs and what’s drying.
      </EmptyState>
    );
  }
  return <DayView behind={behind} problem={problem} reading={reading} />;
}

interface DayViewProps {
  /** The job as `problem` and `reading` know it. */
  behind: Job;
  problem: JobSteps;
  reading: PlanReading;
}

function DayView({ behind, problem, reading }: DayViewProps) {
  const job = useJob();
  const now = useNow();
  const [chosen, setChosen] = useState<string | null>(null);
  const asked = (job.crew.find(({ id }) => id === chosen) ?? job.crew[0])?.id ?? '';
  // The button answers the finger at once; what it brings may take a moment on a slow phone.
  const painterId = useDeferredValue(asked);
  const { stamps, replanning, doubt } = useStamps(problem, reading, painterId);
  const day = useMemo(() => dayOf(behind, problem, reading, now), [behind, problem, reading, now]);
  const early = useTooEarlyAhead();
  // What is on can be pressed before all that lies beside it is drawn.
  const isDrawn = useAfterPaint();
  const { at, dryingPieces } = day;
  const next = useMemo(() => nextRun(job, reading, painterId), [job, reading, painterId]);
  const sheet = useMemo(() => daySheet(behind, reading, painterId, at), [behind, reading, painterId, at]);
  const after = sheet.find(({ run, state }) => state === 'open' && run.id !== next?.run.id)?.run ?? null;
  return (
    <Box
      sx={{
        display: 'grid',
        gap: { xs: 2.5, md: 4 },
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.08fr)' },
        // On a phone, what may be touched stands right under what is on.
        gridTemplateAreas: { xs: '"now" "touch" "day"', lg: '"now touch" "day touch"' },
        gridTemplateRows: { lg: 'auto 1fr' },
        alignItems: 'start',
        maxWidth: 1240,
      }}
    >
      <Box sx={{ gridArea: 'now', display: 'grid', gap: 2, minWidth: 0 }}>
        {job.crew.length > 1 && (
          <Box sx={{ minHeight: 44 }}>
            {isDrawn && <WhoseDay crew={job.crew} painterId={asked} onChoose={setChosen} />}
          </Box>
        )}
        <BeforeStart reading={reading} />
        <PlanOutdatedBar />
        {doubt && <ClockDoubtDialog doubt={doubt} />}
        {!replanning.isReplanning && <TooEarlyBar problem={problem} early={early} onReplan={() => stamps.replan()} />}
        <ReplanningStatus {...replanning} />
        <ReminderBar day={day} />
        <NowCard
          next={next}
          reading={reading}
          at={at}
          stamps={stamps}
          dryingPieces={dryingPieces}
          after={after}
          painter={job.crew.length > 1 ? (job.crew.find(({ id }) => id === painterId)?.name ?? null) : null}
        />
        {isDrawn && <AirNow problem={problem} at={at} />}
        {isDrawn && <SiteWorkList reading={reading} painterId={painterId} at={at} />}
      </Box>
      {isDrawn && (
        <Failure>
          <Suspense>
            <TodaySidebar day={day} sheet={sheet} current={next?.run.id ?? null} stamps={stamps} />
          </Suspense>
        </Failure>
      )}
    </Box>
  );
}

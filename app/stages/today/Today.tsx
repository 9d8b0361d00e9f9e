import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Job } from '../../../core/job/schema.ts';
import { localTime } from '../../../core/job/site-time.ts';
import type { JobSteps } from '../../../core/planning/job-steps.ts';
import type { PlanReading } from '../../../core/planning/read-plan.ts';
import { dayOf } from '../../../core/running/day.ts';
import { daySheet, nextRun } from '../../../core/running/day-sheet.ts';
import { useJob } from '../../ui/job-context.tsx';
import { ReplanCard } from '../../ui/replanning/ReplanCard.tsx';
import { goTo } from '../../ui/route.ts';
import { EmptyState, Section } from '../../ui/Section.tsx';
import { TooEarlyBar } from '../../ui/TooEarlyBar.tsx';
import { useTooEarlyAhead } from '../../ui/use-too-early.ts';
import { useAfterPaint } from '../../ui/use-after-paint.ts';
import { useReadingOf, useStepsOf } from '../../ui/use-reading.ts';
import { AirNow } from './AirNow.tsx';
import { DayList } from './DayList.tsx';
import { Evening } from './Evening.tsx';
import { Learnt } from './Learnt.tsx';
import { NowCard } from './NowCard.tsx';
import { PlanStands } from './PlanStands.tsx';
import { RackPicture } from './RackPicture.tsx';
import { ReminderBar } from './ReminderBar.tsx';
import { ShareDay } from './ShareDay.tsx';
import { SiteWorkList } from './SiteWorkList.tsx';
import { Tins } from './Tins.tsx';
import { TouchList } from './TouchList.tsx';
import { useStamps } from './use-stamps.ts';
import { WhoseDay } from './WhoseDay.tsx';

/** The day in the hand: what is now, what is next, and what may be touched. */
export default function Today() {
  const { job } = useJob();
  // A stamp is seen at once on its card; what follows from it for all that lies and all that comes may take a moment.
  const behind = useDeferredValue(job);
  const problem = useStepsOf(behind);
  const reading = useReadingOf(behind, problem, behind.plan);
  if (reading === null) {
    return (
      <EmptyState
        title="No plan for today yet"
        action={
          <Button variant="contained" size="large" onClick={() => goTo({ stage: 'plan', jobId: job.id })}>
            Make the plan
          </Button>
        }
      >
        Accept a plan, and its runs stand here in order, with every wet piece beside them.
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
  const { job, now } = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const [touched, setTouched] = useState<'list' | 'rack'>('list');
  const asked = (job.crew.find(({ id }) => id === chosen) ?? job.crew[0])?.id ?? '';
  // The button answers the finger at once; what it brings may take a moment on a slow phone.
  const painterId = useDeferredValue(asked);
  const shown = useDeferredValue(touched);
  const { stamps, replanning } = useStamps(problem, reading, painterId);
  const day = useMemo(() => dayOf(behind, problem, reading, now), [behind, problem, reading, now]);
  const early = useTooEarlyAhead();
  // What is on can be pressed before all that lies beside it is drawn.
  const isDrawn = useAfterPaint();
  const { at, ripening } = day;
  const next = useMemo(() => nextRun(job, reading, painterId), [job, reading, painterId]);
  const sheet = useMemo(() => daySheet(behind, reading, painterId, at), [behind, reading, painterId, at]);
  const after = sheet.find(({ run, state }) => state === 'open' && run.id !== next?.run.id)?.run ?? null;
  const when = (minutes: number): string => {
    if (minutes === Infinity) return 'too cold';
    const time = localTime(reading.t0, Math.ceil(minutes), job.site.timeZone);
    const isToday = time.hasSame(localTime(reading.t0, at, job.site.timeZone), 'day');
    return time.toFormat(isToday ? 'HH:mm' : 'ccc HH:mm');
  };
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
        <PlanStands />
        {!replanning.isReplanning && <TooEarlyBar problem={problem} early={early} onReplan={() => stamps.replan()} />}
        {replanning.isReplanning && (
          <Box role="status">
            <LinearProgress aria-label="Planning the rest anew" />
            Planning the rest anew…
          </Box>
        )}
        {replanning.lines && !replanning.isReplanning && (
          <ReplanCard lines={replanning.lines} onPutAway={replanning.putAway} />
        )}
        <ReminderBar day={day} />
        <NowCard next={next} reading={reading} at={at} stamps={stamps} ripening={ripening} after={after} />
        {isDrawn && <AirNow problem={problem} at={at} />}
        {isDrawn && <SiteWorkList reading={reading} painterId={painterId} at={at} />}
      </Box>
      {isDrawn && (
        <Box sx={{ gridArea: 'touch', minWidth: 0 }}>
          <Section
            title="What may be touched"
            aside={
              <ToggleButtonGroup
                exclusive
                size="small"
                value={touched}
                aria-label="How it is shown"
                onChange={(_event, view: typeof touched | null) => view && setTouched(view)}
                sx={{ ml: 'auto' }}
              >
                <ToggleButton value="list" sx={{ minHeight: 44, px: 2 }}>
                  List
                </ToggleButton>
                <ToggleButton value="rack" sx={{ minHeight: 44, px: 2 }}>
                  Rack
                </ToggleButton>
              </ToggleButtonGroup>
            }
          >
            {shown === 'rack' && <RackPicture ripening={ripening} reading={reading} at={at} when={when} />}
            {shown === 'list' && <TouchList ripening={ripening} t0={reading.t0} at={at} onTacky={stamps.tacky} />}
          </Section>
          <Section title="Tins in use">
            <Tins reading={reading} />
          </Section>
        </Box>
      )}
      {isDrawn && (
        <Box sx={{ gridArea: 'day', minWidth: 0 }}>
          <Section title="The day">
            <DayList sheet={sheet} reading={reading} current={next?.run.id ?? null} stamps={stamps} />
            <Learnt problem={problem} />
          </Section>
          <Evening day={day} />
          <Box sx={{ mt: 2.5 }}>
            <ShareDay onTaken={stamps.replan} />
          </Box>
        </Box>
      )}
    </Box>
  );
}

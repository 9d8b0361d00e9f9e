import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useEffect, useEffectEvent, useMemo, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import { acceptedPlan, planFingerprint } from '../../../core/planning/accept.ts';
import type { JobProblem } from '../../../core/planning/job-to-problem.ts';
import { stepWords } from '../../../core/planning/step-words.ts';
import { formatDuration } from '../../../core/units/quantity.ts';
import { Why } from '../../../core/planning/why.ts';
import { useJob } from '../../ui/job-context.tsx';
import { goTo } from '../../ui/route.ts';
import { EmptyState, Section } from '../../ui/Section.tsx';
import { useJobProblem, usePlanReading } from '../../ui/use-reading.ts';
import { Agenda } from './Agenda.tsx';
import { Board } from './Board.tsx';
import { CrewHoursTable } from './CrewHoursTable.tsx';
import { HangTable } from './HangTable.tsx';
import { NightOpenings } from './NightOpenings.tsx';
import { DoubtBar } from '../../ui/DoubtBar.tsx';
import { PlanFiles } from './PlanFiles.tsx';
import { PlanHeader } from './PlanHeader.tsx';
import { RiskPanel } from './RiskPanel.tsx';
import { PlanSettings } from './PlanSettings.tsx';
import { TakePanel } from './TakePanel.tsx';
import { usePlanner } from './use-planner.ts';
import { WeatherBar } from './WeatherBar.tsx';
import { WhyPanel } from './WhyPanel.tsx';
import { withMarks } from '../../../core/planning/task-words.ts';

/** The days of the job: solved, verified, and shown as painters' runs above the rack. */
export default function Plan() {
  const { job, now, apply } = useJob();
  const planner = usePlanner();
  const problem = useJobProblem();
  const fingerprint = planFingerprint(job);
  const accepted = job.plan?.fingerprint === fingerprint ? job.plan : null;
  const draft = planner.draft?.fingerprint === fingerprint ? planner.draft : null;
  const shown = useMemo(() => (draft ? { ...draft.plan, t0: draft.problem.t0 } : accepted), [draft, accepted]);
  const reading = usePlanReading(problem, shown);
  /** The run that is asked about; null for the finish. */
  const [asked, setAsked] = useState<{ taskId: string; what: string } | null>(null);
  const why = useMemo(() => shown && new Why(job, problem, shown), [job, problem, shown]);
  const links = useMemo(() => (asked ? why?.notEarlier(asked.taskId) : why?.critical()) ?? [], [why, asked]);
  const plannable = problem.steps.size > 0;
  const isAccepted = accepted !== null;
  // The clock alone does not call for another plan.
  const start = useEffectEvent(planner.start);

  // Whatever is stated differently is planned at once: nobody should have to ask twice.
  useEffect(() => {
    if (!plannable || isAccepted) return;
    const timer = setTimeout(() => start(), 350);
    return () => clearTimeout(timer);
  }, [fingerprint, plannable, isAccepted]);

  if (!plannable && problem.unpaintable.length > 0) return <Unpaintable unpaintable={problem.unpaintable} />;
  if (!plannable) {
    const next = job.pieces.length === 0 ? 'walk' : 'build-up';
    return (
      <EmptyState
        title="Nothing to plan yet"
        action={
          <Button variant="contained" onClick={() => goTo({ stage: next, jobId: job.id })}>
            {next === 'walk' ? 'Walk the job' : 'Choose a build-up'}
          </Button>
        }
      >
        A plan needs pieces with a build-up.
      </EmptyState>
    );
  }
  return (
    <Box>
      {problem.unplanned.length > 0 && (
        <Alert severity="warning" sx={{ mb: 2 }}>
          Not in the plan: {marksInWords(problem.unplanned.map((piece) => piece.mark))}. They have no build-up, or
          nothing in scope.
        </Alert>
      )}
      {problem.unpaintable.length > 0 && <Unpaintable unpaintable={problem.unpaintable} />}
      <DoubtBar rests="The plan" />
      {reading && <NightOpenings reading={reading} />}
      {reading && <WeatherBar problem={problem} reading={reading} />}
      {shown && reading && (
        <PlanHeader
          plan={shown}
          reading={reading}
          isDraft={draft !== null}
          because={draft?.because ?? ''}
          onAccept={() => {
            if (!draft) return;
            const reason = job.plan === null ? 'Accept the plan' : 'Accept the new plan';
            apply('accept-plan', { plan: acceptedPlan(job, draft.problem, draft.plan, { at: now, reason }) });
            goTo({ stage: 'today', jobId: job.id });
          }}
          onReplan={planner.start}
          isSearching={planner.isSearching}
        />
      )}
      {planner.isSearching && (
        <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 2 }}>
          <LinearProgress aria-label="Planning" sx={{ flex: 1 }} />
          <span>{draft ? 'Looking for a better plan…' : 'Planning…'}</span>
          <Button size="small" onClick={planner.cancel}>
            {draft ? 'Good enough' : 'Cancel'}
          </Button>
        </Box>
      )}
      {planner.reasons.length > 0 && (
        <Alert severity="error" sx={{ mb: 2 }}>
          <strong>There is no plan.</strong>
          <ul>
            {planner.reasons.slice(0, 8).map((reason) => (
              <li key={reason.message}>{withMarks(reason.message, problem)}</li>
            ))}
          </ul>
        </Alert>
      )}
      {reading && (
        <Section title="The board">
          <Board reading={reading} problem={problem} onAsk={setAsked} />
        </Section>
      )}
      {shown && reading && (
        <Section title="Why not earlier?">
          <Box sx={{ display: 'grid', gap: 2 }}>
            <WhyPanel
              title={asked ? asked.what : 'What the finish hangs on, from the end back'}
              links={links}
              t0={reading.t0}
              onClose={asked && (() => setAsked(null))}
            />
            <CrewHoursTable problem={problem} plan={shown} from={minutesSince(reading.t0, now, job.site.timeZone)} />
          </Box>
        </Section>
      )}
      {shown && reading && (
        <Section title="What would it take?">
          <TakePanel plan={shown} />
        </Section>
      )}
      {shown && reading && (
        <Section title="What could go wrong">
          <RiskPanel problem={problem} plan={shown} />
        </Section>
      )}
      <Section title="What the plan works with">
        <PlanSettings />
      </Section>
      {shown && reading && (
        <>
          <Section title="Day by day" aside={<PlanFiles reading={reading} plan={shown} />}>
            <Agenda reading={reading} onAsk={setAsked} />
          </Section>
          <Section title="When each piece can be used">
            <HangTable reading={reading} problem={problem} />
          </Section>
        </>
      )}
    </Box>
  );
}

/** Coats for which no paintable hours are long enough, with what would be. */
function Unpaintable({ unpaintable }: Pick<JobProblem, 'unpaintable'>) {
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      <strong>Not in the plan, for want of paintable hours:</strong>
      <ul>
        {unpaintable.map(({ step, work, longest }) => (
          <li key={step.id}>
            {step.piece.mark}, {stepWords(step).toLowerCase()}: it takes {formatDuration(work)} in one go, and its
            paintable hours last {longest === 0 ? 'no time' : formatDuration(longest)} at most. Another product, a
            warmer room, or painting it in sections would help.
          </li>
        ))}
      </ul>
    </Alert>
  );
}

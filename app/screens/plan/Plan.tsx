import { formatMoment } from '../../../core/units/moments.ts';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useCallback, useMemo, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import { MAX_REASON, type AcceptedPlan, type Pin } from '../../../core/job/document/plan-schema.ts';
import { localTime, minutesSince } from '../../../core/job/site-time.ts';
import { acceptedPlan, planFingerprint } from '../../../core/planning/revising/accept.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { pinsKeptBy, withPinned } from '../../../core/planning/drafting/pinned.ts';
import type { Run } from '../../../core/planning/reading/read-plan.ts';
import { stepWords } from '../../../core/steps/step-words.ts';
import { taskWords, withMarks } from '../../../core/planning/reading/task-words.ts';
import { DelayExplainer } from '../../../core/planning/reading/delay-explainer.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { DoubtBar } from '../../parts/OutdatedBuildUpBar.tsx';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { goTo, useRoute } from '../../device/route.ts';
import { EmptyState, Section } from '../../parts/Section.tsx';
import { TooEarlyBar } from '../../parts/replanning/TooEarlyBar.tsx';
import { useTooEarly } from '../../parts/replanning/use-too-early.ts';
import { useJobProblem, usePlanReading } from '../../open-job/use-reading.ts';
import { Agenda } from './Agenda.tsx';
import { Board } from './board/Board.tsx';
import { BrokenPins } from './BrokenPins.tsx';
import { CalmerBar } from './CalmerBar.tsx';
import { CandidateBar } from './CandidateBar.tsx';
import { ChangesPanel } from './ChangesPanel.tsx';
import { CrewHoursTable } from './CrewHoursTable.tsx';
import { HangTable } from './HangTable.tsx';
import { NightOpenings } from './NightOpenings.tsx';
import { PlanFiles } from './PlanFiles.tsx';
import { PlanHeader } from './PlanHeader.tsx';
import { PlanSettings } from './PlanSettings.tsx';
import { RiskPanel } from './RiskPanel.tsx';
import { JourneyPanel, RunPanel } from './RunPanel.tsx';
import { RunSheetView } from './RunSheetView.tsx';
import { SpeedUpPanel } from './SpeedUpPanel.tsx';
import { useAcceptedPlans } from './use-earlier-plans.ts';
import { useCandidates } from './use-candidates.ts';
import { useMoving, type MovedPlan } from './use-moving.ts';
import { WeatherBar } from './WeatherBar.tsx';
import { WhyPanel } from './WhyPanel.tsx';

/** The days of the job: solved, verified, and shown as painters' runs above the rack. */
export default function Plan() {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { view, day } = useRoute();
  const problem = useJobProblem();
  const { candidates, chosen, choose, planner, isPlanningNear, calmer, replan, show, discard } = useCandidates(problem);
  const earlier = useAcceptedPlans();
  const zone = job.site.timeZone;
  const shown = useMemo(() => chosen && { ...chosen.plan, t0: chosen.problem.t0 }, [chosen]);
  const reading = usePlanReading(problem, shown);
  /** The run that is looked at; null for the finish. */
  const [asked, setAsked] = useState<{ taskId: string; what: string } | null>(null);
  const [followed, setFollowed] = useState<string | null>(null);
  const why = useMemo(() => shown && new DelayExplainer(job, problem, shown), [job, problem, shown]);
  const links = useMemo(() => (asked ? why?.explainStart(asked.taskId) : why?.explainFinish()) ?? [], [why, asked]);
  const run = reading?.runs.find(({ steps }) => steps.some(({ id }) => id === asked?.taskId)) ?? null;
  const plannable = problem.steps.size > 0;
  const pins = chosen?.pins ?? job.pins;

  const onMoved = useCallback(
    ({ plan, pins: made }: MovedPlan, { taskIds, start }: { taskIds: readonly string[]; start: number }) => {
      const { t0, tickMinutes } = problem.problem;
      const when = formatMoment(localTime(t0, start, zone), 'dayTime');
      show({
        plan,
        problem: { t0, tickMinutes },
        pins: withPinned(pins, made, t0, zone),
        reason: `Moved to ${when}: ${taskWords(job, problem, taskIds[0] ?? '')}`,
      });
    },
    [problem, zone, pins, show, job],
  );
  const moving = useMoving(problem, shown, pins, onMoved);

  const chooseRun = (looked: Run): void => {
    const [step] = looked.steps;
    if (!step || !reading) return;
    const when = formatMoment(localTime(reading.t0, looked.start, zone), 'weekdayTime');
    const marks = marksInWords(looked.steps.map(({ piece }) => piece.mark));
    setAsked({ taskId: step.id, what: `${when}, ${marks}: ${stepWords(step).toLowerCase()}` });
  };
  const pin = (made: readonly Pin[]): void => {
    // What is not accepted yet keeps its pins to itself until it is.
    if (chosen && chosen.id !== 'accepted') show({ ...chosen, pins: withoutTasks(pins, made).concat(made) });
    else apply('pin-tasks', { pins: [...made] });
  };
  const unpin = (taskIds: readonly string[]): void => {
    const loose = taskIds.map((taskId) => ({ taskId }));
    if (chosen && chosen.id !== 'accepted') show({ ...chosen, pins: withoutTasks(pins, loose) });
    else apply('unpin-tasks', { taskIds: [...taskIds] });
  };
  const accept = (): void => {
    if (!chosen || chosen.id === 'accepted' || !('cost' in chosen.plan)) return;
    const { reason, because } = chosen;
    const plan = acceptedPlan(job, chosen.problem, chosen.plan, { at: now, reason, because });
    apply('accept-plan', { plan, pins: [...chosen.pins] });
    discard();
    if (job.plan === null) goTo({ stage: 'today', jobId: job.id });
  };
  const takeUp = (plan: AcceptedPlan): void => {
    const reason = `Back to: ${plan.reason}`.slice(0, MAX_REASON);
    apply('accept-plan', { plan: { ...plan, reason }, pins: pinsKeptBy(job, plan) });
    discard();
  };

  // What is shown is compared with others, not with itself.
  const comparable = earlier.filter(
    (plan) => plan.t0 === shown?.t0 && !(chosen?.id === 'accepted' && plan === job.plan),
  );

  if (view === 'run-sheet' && reading) return <RunSheetView reading={reading} problem={problem} day={day} />;
  if (!plannable && problem.tooLong.length > 0) return <TooLong tooLong={problem.tooLong} />;
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
      {problem.tooLong.length > 0 && <TooLong tooLong={problem.tooLong} />}
      <DoubtBar rests="The plan" />
      {reading && <NightOpenings reading={reading} />}
      {reading && <WeatherBar problem={problem} reading={reading} />}
      <BrokenPins problem={problem} />
      {chosen?.id === 'accepted' && <AcceptedTooEarly problem={problem} plan={chosen.plan} onReplan={replan} />}
      {reading && chosen && (
        <CandidateBar candidates={candidates} chosen={chosen.id} t0={reading.t0} onChoose={choose} />
      )}
      {shown && reading && chosen && (
        <PlanHeader
          plan={shown}
          reading={reading}
          isDraft={chosen.id !== 'accepted'}
          canDiscard={candidates.some(({ id }) => id === 'accepted')}
          because={chosen.because}
          onAccept={accept}
          onReplan={replan}
          onDiscard={discard}
          isSearching={planner.isSearching || isPlanningNear}
        />
      )}
      {shown && chosen && chosen.id !== 'calmer' && !planner.isSearching && !isPlanningNear && (
        <CalmerBar calmer={calmer} onLook={(laterBy) => calmer.start(shown, laterBy)} />
      )}
      {planner.isSearching && (
        <Box role="status" sx={{ display: 'flex', alignItems: 'center', gap: 2, mb: 2 }}>
          <LinearProgress aria-label="Planning" sx={{ flex: 1 }} />
          <span>{planner.draft ? 'Looking for a better plan…' : 'Planning…'}</span>
          <Button size="small" onClick={planner.cancel}>
            {planner.draft ? 'Good enough' : 'Cancel'}
          </Button>
        </Box>
      )}
      {planner.reasons.length > 0 && (
        <Alert severity="error" sx={{ mb: 2 }}>
          <strong>There is no plan.</strong>
          <ul>
            {planner.reasons.slice(0, 8).map((reason) => (
              <li key={reason.message}>{withMarks(reason.message, job, problem)}</li>
            ))}
          </ul>
        </Alert>
      )}
      {reading && (
        <Section title="The board">
          <Board
            reading={reading}
            problem={problem}
            pins={pins}
            before={chosen && chosen.id !== 'accepted' && job.plan?.t0 === reading.t0 ? job.plan : null}
            moving={moving}
            chosen={run}
            followed={followed}
            onChoose={chooseRun}
            onFollow={setFollowed}
          />
          {followed !== null && <JourneyPanel pieceId={followed} reading={reading} onClose={() => setFollowed(null)} />}
          {run && (
            // It stays in sight beside a board that is taller than the screen.
            <Box
              sx={{
                position: 'sticky',
                bottom: { xs: 72, md: 12 },
                zIndex: 5,
                mt: 2,
                boxShadow: '0 -6px 24px rgb(0 0 0 / 18%)',
              }}
            >
              <RunPanel
                run={run}
                reading={reading}
                pins={pins}
                moving={moving}
                followed={followed}
                onFollow={setFollowed}
                onPin={pin}
                onUnpin={unpin}
                onClose={() => {
                  moving.putBack();
                  setAsked(null);
                }}
              />
            </Box>
          )}
        </Section>
      )}
      {shown && reading && comparable.length > 0 && (
        <Section title="What changed">
          <ChangesPanel
            key={chosen?.id}
            plan={shown}
            t0={reading.t0}
            problem={problem}
            accepted={comparable}
            canTakeUp={(plan) => plan !== job.plan && plan.fingerprint === planFingerprint(job)}
            onTakeUp={takeUp}
          />
        </Section>
      )}
      {shown && reading && (
        <Section title="Why not earlier?">
          <Box sx={{ display: 'grid', gap: 2 }}>
            <WhyPanel
              key={asked?.taskId}
              title={asked ? asked.what : 'Chain to the finish'}
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
          <SpeedUpPanel plan={shown} />
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

/** Pins but those of some tasks. */
function withoutTasks(pins: readonly Pin[], tasks: readonly Pick<Pin, 'taskId'>[]): Pin[] {
  const loose = new Set(tasks.map(({ taskId }) => taskId));
  return pins.filter(({ taskId }) => !loose.has(taskId));
}

/** Why a step fits into no hours, and ways out. */
function tooLongWords({ work, longest, hours }: JobProblem['tooLong'][number]): string {
  const most = longest === 0 ? 'no time' : formatDuration(longest);
  return hours === 'paintable'
    ? `it takes ${formatDuration(work)} in one go, and its paintable hours last ${most} at most. Another product, a warmer room, or painting it in sections would help.`
    : `it takes ${formatDuration(work)} in one go, and the longest half-day lasts ${most}. Lengthen it, or leave the piece in its place and stop at a joint.`;
}

/** Pieces that are left out because no hours are long enough for one of their steps. */
function TooLong({ tooLong }: Pick<JobProblem, 'tooLong'>) {
  return (
    <Alert severity="warning" sx={{ mb: 2 }}>
      <strong>Not in the plan, for want of hours in one go:</strong>
      <ul>
        {tooLong.map((each) => (
          <li key={each.step.id}>
            {each.step.piece.mark}, {stepWords(each.step).toLowerCase()}: {tooLongWords(each)}
          </li>
        ))}
      </ul>
    </Alert>
  );
}

/** Whether the accepted plan would touch wet paint, as the problem at hand says. */
function AcceptedTooEarly({
  problem,
  plan,
  onReplan,
}: {
  problem: JobProblem;
  plan: Pick<AcceptedPlan, 'tasks'>;
  onReplan(): void;
}) {
  return <TooEarlyBar problem={problem} early={useTooEarly(problem, plan)} onReplan={onReplan} />;
}

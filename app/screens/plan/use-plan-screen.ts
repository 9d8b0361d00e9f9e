import { formatMoment } from '../../../core/units/moments.ts';
import { useCallback, useMemo, useState } from 'react';
import { marksInWords } from '../../../core/job/marks.ts';
import { MAX_REASON, type AcceptedPlan, type Pin } from '../../../core/job/document/plan-schema.ts';
import { localTime } from '../../../core/job/site-time.ts';
import { acceptedPlan } from '../../../core/planning/revising/accept.ts';
import { pinsKeptBy, withPinned } from '../../../core/planning/drafting/pinned.ts';
import type { Run } from '../../../core/planning/reading/read-plan.ts';
import { stepPhrase } from '../../../core/steps/step-words.ts';
import { taskWords } from '../../../core/planning/reading/task-words.ts';
import { DelayExplainer } from '../../../core/planning/reading/delay-explainer.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { goTo } from '../../device/route.ts';
import { useJobProblem, usePlanReading } from '../../open-job/use-reading.ts';
import { useAcceptedPlans } from './use-earlier-plans.ts';
import type { Candidate } from './candidates.ts';
import { useCandidates, type CandidatesState } from './use-candidates.ts';
import type { MovedPlan } from './held-run.ts';
import { useMoving } from './use-moving.ts';

/** What the plan's panels share. */
export type PlanScreen = ReturnType<typeof usePlanScreen>;

/** The plan that is shown, what is looked at in it, and what can be done with it. */
export function usePlanScreen() {
  const job = useJob();
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
    setAsked({ taskId: step.id, what: `${when}, ${marks}: ${stepPhrase(step)}` });
  };
  const deciding = useDecisions(chosen, pins, { show, discard });

  // What is shown is compared with others, not with itself.
  const comparable = earlier.filter(
    (plan) => plan.t0 === shown?.t0 && !(chosen?.id === 'accepted' && plan === job.plan),
  );
  return {
    problem,
    candidates,
    chosen,
    choose,
    planner,
    isSearching: planner.isSearching || isPlanningNear,
    calmer,
    replan,
    discard,
    shown,
    reading,
    asked,
    setAsked,
    followed,
    setFollowed,
    links,
    run,
    pins,
    moving,
    chooseRun,
    ...deciding,
    comparable,
  };
}

/** What is done with the plan that is shown: pinned, accepted, or exchanged for an earlier one. */
function useDecisions(
  chosen: Candidate | null,
  pins: readonly Pin[],
  { show, discard }: Pick<CandidatesState, 'show' | 'discard'>,
) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
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
    const reason = `Restored: ${plan.reason}`.slice(0, MAX_REASON);
    apply('accept-plan', { plan: { ...plan, reason }, pins: pinsKeptBy(job, plan) });
    discard();
  };

  return { pin, unpin, accept, takeUp };
}

/** Pins but those of some tasks. */
function withoutTasks(pins: readonly Pin[], tasks: readonly Pick<Pin, 'taskId'>[]): Pin[] {
  const loose = new Set(tasks.map(({ taskId }) => taskId));
  return pins.filter(({ taskId }) => !loose.has(taskId));
}

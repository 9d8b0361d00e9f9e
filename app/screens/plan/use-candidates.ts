import { useCallback, useEffect, useEffectEvent, useMemo, useState } from 'react';
import { minutesSince } from '../../../core/job/site-time.ts';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { candidatesOf, shownCandidate, type Candidate, type CandidateId } from './candidates.ts';
import { useCalmer, type CalmerState } from './use-calmer.ts';
import { useNearPlan } from './use-near-plan.ts';
import { usePlanner, type PlannerState } from './use-planner.ts';

/** A plan that came of moving a run by hand. */
export type ByHand = Pick<Candidate, 'plan' | 'problem' | 'pins' | 'reason'>;

export interface CandidatesState {
  /** What there is to choose from; empty before anything is planned. */
  candidates: readonly Candidate[];
  /** The one that is shown. */
  chosen: Candidate | null;
  choose(id: CandidateId): void;
  planner: PlannerState;
  isPlanningNear: boolean;
  calmer: CalmerState;
  /** Plans near the accepted plan, and anew. */
  replan(): void;
  /** Shows a plan that was made by hand. */
  show(byHand: ByHand): void;
  /** Back to what was accepted, or to what was planned. */
  discard(): void;
}

/** Before a changed job is planned, ms: one change often follows another. */
const SETTLED = 350;

/** The plans of the open job: accepted, near that, anew, and by hand. What is stated differently is planned at once. */
export function useCandidates(problem: JobProblem): CandidatesState {
  const job = useJob();
  const now = useNow();
  const planner = usePlanner();
  const near = useNearPlan();
  const calmer = useCalmer(problem);
  const fingerprint = planFingerprint(job);
  const [byHand, setByHand] = useState<(ByHand & { fingerprint: string }) | null>(null);
  const [picked, setPicked] = useState<CandidateId | null>(null);
  const { plan } = job;
  const isAccepted = plan?.fingerprint === fingerprint;
  const isPlannable = problem.steps.size > 0;
  const { t0 } = problem.problem;
  const at = minutesSince(t0, now, job.site.timeZone);
  const candidates = useMemo(
    () =>
      candidatesOf(
        { plan, pins: job.pins, fingerprint, steps: problem.steps, t0, now: at },
        { byHand, near: near.draft, anew: planner.draft, calmer: calmer.draft },
      ),
    [plan, job.pins, fingerprint, problem.steps, t0, at, byHand, near.draft, planner.draft, calmer.draft],
  );
  const chosen = shownCandidate(candidates, picked);

  const replan = useCallback(() => {
    setPicked(null);
    // What is calmer than one plan need not be calmer than the next.
    calmer.forget();
    if (plan?.t0 === t0) near.start(plan);
    planner.start();
  }, [plan, t0, near, planner, calmer]);

  const start = useEffectEvent(replan);
  // Whatever is stated differently is planned at once: nobody should have to ask twice. The clock alone does not call for it.
  useEffect(() => {
    if (!isPlannable || isAccepted) return;
    const timer = setTimeout(() => start(), SETTLED);
    return () => clearTimeout(timer);
  }, [fingerprint, isPlannable, isAccepted]);

  const show = useCallback(
    (made: ByHand) => {
      calmer.forget();
      setByHand({ ...made, fingerprint });
      setPicked('moved');
    },
    [fingerprint, calmer],
  );
  const discard = useCallback(() => {
    setByHand(null);
    setPicked(null);
    near.forget();
    planner.forget();
    calmer.forget();
  }, [near, planner, calmer]);

  return {
    candidates,
    chosen,
    choose: setPicked,
    planner,
    isPlanningNear: near.isPlanning,
    calmer,
    replan,
    show,
    discard,
  };
}

import { useCallback, useEffect, useEffectEvent, useMemo, useState } from 'react';
import { minutesSince } from '../../../core/job/site-time.ts';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import type { ComparedPlan } from '../../../core/planning/revising/compare-plans.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { candidateOf, type Candidate, type CandidateId } from './candidates.ts';
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

/** Minutes by which a plan that moves little may end later and still be the one that is shown first. */
const FAR_LATER = 240;
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
  // A plan that begins on another day has other minutes.
  const before: ComparedPlan | null = plan !== null && plan.t0 === t0 ? plan : null;

  const candidates = useMemo(() => {
    const against = { steps: problem.steps, plan: before, now: at };
    const found: Candidate[] = [];
    if (plan && isAccepted) {
      const reason = 'Accept the plan again';
      const { because } = plan;
      found.push(candidateOf('accepted', { plan, problem: plan, pins: job.pins, because, reason, price: '' }, against));
    }
    if (byHand?.fingerprint === fingerprint) {
      found.push(candidateOf('moved', { ...byHand, because: '', price: '' }, against));
    }
    if (near.draft?.fingerprint === fingerprint) {
      const reason = 'Replanned, as little moved as need be';
      const candidate = candidateOf('near', { ...near.draft, pins: job.pins, reason, price: '' }, against);
      // Where nothing has to move, it is the accepted plan again.
      if (!isAccepted || (candidate.changes?.moved.length ?? 0) > 0) found.push(candidate);
    }
    if (planner.draft?.fingerprint === fingerprint) {
      const reason = plan === null ? 'Accept the plan' : 'Accept the new plan';
      found.push(candidateOf('anew', { ...planner.draft, pins: job.pins, reason, price: '' }, against));
    }
    if (calmer.draft?.fingerprint === fingerprint) {
      const reason = `Calmer: ${calmer.draft.price}`;
      found.push(candidateOf('calmer', { ...calmer.draft, pins: job.pins, reason }, against));
    }
    return found;
  }, [
    plan,
    isAccepted,
    before,
    byHand,
    near.draft,
    planner.draft,
    calmer.draft,
    fingerprint,
    problem.steps,
    at,
    job.pins,
  ]);
  const [kept, found] = (['near', 'anew'] as const).map((id) => candidates.find((candidate) => candidate.id === id));
  const isFarLater = kept && found && kept.plan.finish > found.plan.finish + FAR_LATER;
  const order: CandidateId[] = [
    ...(picked ? [picked] : []),
    'moved',
    ...(isFarLater ? (['anew', 'near'] as const) : (['near', 'anew'] as const)),
    'accepted',
    'calmer',
  ];
  const chosen = order.map((id) => candidates.find((candidate) => candidate.id === id)).find(Boolean) ?? null;

  const replan = useCallback(() => {
    setPicked(null);
    // What is calmer than one plan need not be calmer than the next.
    calmer.forget();
    if (before !== null) near.start(before);
    planner.start();
  }, [before, near, planner, calmer]);

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

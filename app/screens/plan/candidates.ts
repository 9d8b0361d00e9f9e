import type { AcceptedPlan, Pin } from '../../../core/job/document/plan-schema.ts';
import { comparePlans, type ComparedPlan, type PlanChanges } from '../../../core/planning/revising/compare-plans.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { PlanProblem } from '../../../core/scheduling/problem.ts';
import type { FoundPlan } from '../../../core/scheduling/plan.ts';
import { inOwnHands } from '../../../core/scheduling/recorded-work.ts';

/** Where a plan came from. */
export type CandidateId = 'accepted' | 'moved' | 'near' | 'anew' | 'calmer';

/** One of the plans that could be worked by. */
export interface Candidate {
  id: CandidateId;
  title: string;
  plan: FoundPlan | AcceptedPlan;
  problem: Pick<PlanProblem, 't0' | 'tickMinutes'>;
  pins: readonly Pin[];
  /** Against the plan that was accepted last; null for that itself, or where there was none. */
  changes: PlanChanges | null;
  /** What it gives and takes against the one that it is calmer than; empty for all others. */
  price: string;
  /** Why nothing can be earlier than its bound; empty where nobody has asked. */
  because: string;
  /** What history calls it when it is accepted. */
  reason: string;
}

const TITLES: Readonly<Record<CandidateId, string>> = {
  accepted: 'Current plan',
  moved: 'Your change',
  near: 'Fewest changes',
  anew: 'Fresh plan',
  calmer: 'Calmer',
};

/** A candidate with what it changes in the plan that was accepted last. */
export function candidateOf(
  id: CandidateId,
  made: Omit<Candidate, 'id' | 'title' | 'changes'>,
  before: { steps: JobProblem['steps']; plan: ComparedPlan | null; now: number },
): Candidate {
  const title = id === 'anew' && before.plan === null ? 'Soonest' : TITLES[id];
  if (before.plan === null || id === 'accepted') return { id, title, ...made, changes: null };
  const changes = comparePlans({ steps: before.steps }, before.plan, made.plan, before.now);
  const plan = { ...made.plan, tasks: inOwnHands(made.plan.tasks, before.plan.tasks) };
  return { id, title, ...made, plan, changes };
}

/** A plan, with the fingerprint of the job it was made for. */
type Made = Pick<Candidate, 'plan' | 'problem'> & { fingerprint: string };

/** The plans made so far, null if not made. A plan made for another state of the job is ignored. */
export interface MadePlans {
  byHand: (Made & Pick<Candidate, 'pins' | 'reason'>) | null;
  near: (Made & Pick<Candidate, 'because'>) | null;
  anew: (Made & Pick<Candidate, 'because'>) | null;
  calmer: (Made & Pick<Candidate, 'because' | 'price'>) | null;
}

/** The job as it is now. */
export interface PlannedJob {
  plan: AcceptedPlan | null;
  pins: readonly Pin[];
  fingerprint: string;
  steps: JobProblem['steps'];
  /** The midnight from which the problem's minutes count, and now on that clock. */
  t0: string;
  now: number;
}

/** All candidates, unordered. */
export function candidatesOf(job: PlannedJob, { byHand, near, anew, calmer }: MadePlans): Candidate[] {
  const { plan, pins, fingerprint } = job;
  // A plan that begins on another day has other minutes.
  const before = { steps: job.steps, plan: plan?.t0 === job.t0 ? plan : null, now: job.now };
  const isAccepted = plan?.fingerprint === fingerprint;
  const found: Candidate[] = [];
  if (plan && isAccepted) {
    const own = { plan, problem: plan, pins, because: plan.because, reason: 'Kept the plan', price: '' };
    found.push(candidateOf('accepted', own, before));
  }
  if (byHand?.fingerprint === fingerprint) {
    found.push(candidateOf('moved', { ...byHand, because: '', price: '' }, before));
  }
  if (near?.fingerprint === fingerprint) {
    const reason = 'Replanned with fewest changes';
    const candidate = candidateOf('near', { ...near, pins, reason, price: '' }, before);
    // Where nothing has to move, it is the accepted plan again.
    if (!isAccepted || (candidate.changes?.moved.length ?? 0) > 0) found.push(candidate);
  }
  if (anew?.fingerprint === fingerprint) {
    const reason = plan === null ? 'Accepted the plan' : 'Accepted a fresh plan';
    found.push(candidateOf('anew', { ...anew, pins, reason, price: '' }, before));
  }
  if (calmer?.fingerprint === fingerprint) {
    found.push(candidateOf('calmer', { ...calmer, pins, reason: `Calmer: ${calmer.price}` }, before));
  }
  return found;
}

/** A near plan is shown first unless it finishes more than this many minutes after the new one. */
const FAR_LATER = 240;

/** The candidate to show: the picked one if still there, then moved by hand, near, new, accepted. */
export function shownCandidate(candidates: readonly Candidate[], picked: CandidateId | null): Candidate | null {
  const byId = (id: CandidateId): Candidate | undefined => candidates.find((candidate) => candidate.id === id);
  const [near, anew] = [byId('near'), byId('anew')];
  const isFarLater = near && anew && near.plan.finish > anew.plan.finish + FAR_LATER;
  const order: CandidateId[] = [
    ...(picked ? [picked] : []),
    'moved',
    ...(isFarLater ? (['anew', 'near'] as const) : (['near', 'anew'] as const)),
    'accepted',
    'calmer',
  ];
  return order.map(byId).find(Boolean) ?? null;
}

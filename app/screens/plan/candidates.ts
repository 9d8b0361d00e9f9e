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
  accepted: 'The accepted plan',
  moved: 'Moved by hand',
  near: 'As little moved as need be',
  anew: 'Planned anew',
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

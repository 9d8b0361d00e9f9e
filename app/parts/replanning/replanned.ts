import type { AcceptedPlan, Pin } from '../../../core/job/document/plan-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { withPinned } from '../../../core/planning/drafting/pinned.ts';
import { noPlanReason } from '../../../core/planning/reading/task-words.ts';
import { acceptedPlan } from '../../../core/planning/revising/accept.ts';
import type { Move, Moved } from '../../../core/planning/revising/moving.ts';
import type { NoPlan } from '../../../core/scheduling/plan.ts';
import { jobSteps } from '../../../core/steps/job-steps.ts';
import type { PendingQuery } from '../../asking/pending-query.ts';
import type { NearAnswer, VerifiedPlan } from '../../asking/planner.worker.ts';

/** The planners to ask, injected so that tests need no worker. */
export interface Planners {
  near(job: Job, now: string, plan: AcceptedPlan): PendingQuery<NearAnswer>;
  anew(job: Job, now: string): PendingQuery<VerifiedPlan | NoPlan>;
  moved(job: Job, now: string, plan: AcceptedPlan, move: Move): PendingQuery<Moved>;
}

/** Waits for a query; null if a newer one has replaced it. */
export type Awaiting = <Answer>(planning: PendingQuery<Answer>) => Promise<Answer | NoPlan | null>;

/** The plan to accept, or the reason there is none. */
export type Replanned = { plan: AcceptedPlan; pins?: Pin[] } | { refused: string };

/** Replans from `now`, close to the current plan; from scratch if that fails. Null if replaced by a newer query. */
export async function replannedRest(
  job: Job,
  { now, reason }: { now: string; reason: string },
  planners: Planners,
  answerOf: Awaiting,
): Promise<Replanned | null> {
  const near = job.plan && (await answerOf(planners.near(job, now, job.plan)));
  if (job.plan && near === null) return null;
  const answer = near && 'plan' in near ? near : await answerOf(planners.anew(job, now));
  if (answer === null) return null;
  if ('plan' in answer) {
    const { because } = answer;
    return { plan: acceptedPlan(job, answer.problem, answer.plan, { at: now, reason, because }) };
  }
  const why = firstReason(job, now, answer);
  return { refused: `Can’t replan. ${why} Your entry is saved. The old plan still stands.` };
}

/** Moves a run and fits the rest around it. Null if replaced by a newer query. */
export async function replannedByMove(
  job: Job & { plan: AcceptedPlan },
  move: Move,
  { now, reason }: { now: string; reason: string },
  planners: Planners,
  answerOf: Awaiting,
): Promise<Replanned | null> {
  const before = job.plan;
  const moved = await answerOf(planners.moved(job, now, before, move));
  if (moved === null) return null;
  if ('refused' in moved) return moved;
  if (!('plan' in moved)) return { refused: `The rest won’t fit round it. ${firstReason(job, now, moved)}` };
  return {
    plan: acceptedPlan(job, before, moved.plan, { at: now, reason, because: before.because }),
    pins: withPinned(job.pins, moved.pins, before.t0, job.site.timeZone),
  };
}

/** The first reason that there is no plan, in the words of the trade. */
function firstReason(job: Job, now: string, { reasons: [reason] }: NoPlan): string {
  return reason ? noPlanReason(job, jobSteps(job, `${now.slice(0, 10)}T00:00`), reason) : '';
}

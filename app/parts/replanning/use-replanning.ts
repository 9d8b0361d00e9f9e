import { useRef, useState } from 'react';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import type { Move } from '../../../core/planning/revising/moving.ts';
import { replanLines, type ReplanLines } from '../../../core/running/replan-lines.ts';
import { jobSteps } from '../../../core/steps/job-steps.ts';
import type { PendingQuery } from '../../asking/pending-query.ts';
import { beginMoving, startNearPlanning, startPlanning } from '../../asking/planner.ts';
import { notify } from '../../device/notices.ts';
import { useCommands, useNow } from '../../open-job/use-job.ts';
import { replannedByMove, replannedRest, type Awaiting, type Planners, type Replanned } from './replanned.ts';

export interface Replanning {
  isReplanning: boolean;
  /** What the last replan came to; null once it was put away. */
  lines: ReplanLines | null;
  putAway(): void;
  /** Plans the rest anew, moving as little of it as need be. `gesture` names the stamp that asked for it: they are one step of history. */
  replan(reason: string, gesture: string): Promise<void>;
  /** Has a run stand elsewhere, and the rest make way. */
  move(move: Move, reason: string): Promise<void>;
}

const PLANNERS: Planners = {
  near: startNearPlanning,
  anew: (job, now) => startPlanning(job, now, () => undefined),
  moved: (job, now, plan, move) => {
    const { move: ask, end } = beginMoving(job, now, plan);
    return { result: ask(move).finally(end), cancel: end };
  },
};

/** Planning while the work goes on: verified, put in the plan's place, and told in three lines. */
export function useReplanning(): Replanning {
  const now = useNow();
  const { apply, store } = useCommands();
  const [isReplanning, setIsReplanning] = useState(false);
  const [lines, setLines] = useState<ReplanLines | null>(null);
  const running = useRef<Pick<PendingQuery<unknown>, 'cancel'> | null>(null);

  const answerOf: Awaiting = async (planning) => {
    running.current?.cancel();
    running.current = planning;
    setIsReplanning(true);
    const answer = await planning.result.catch((error: unknown) => ({
      status: 'infeasible' as const,
      reasons: [{ kind: 'failed' as const, task: null, fault: error instanceof Error ? error.message : String(error) }],
    }));
    return running.current === planning ? answer : null;
  };
  const take = (made: Replanned | null, before: AcceptedPlan | null, gesture?: string): void => {
    if (made === null) return;
    running.current = null;
    setIsReplanning(false);
    if ('refused' in made) {
      notify(made.refused, { variant: 'error', autoHideDuration: 9000 });
      return;
    }
    if (apply('accept-plan', made, gesture === undefined ? {} : { strokes: gesture }).ok) tell(before, made.plan);
  };
  const tell = (before: AcceptedPlan | null, after: AcceptedPlan): void => {
    const job = store.latest();
    if (!job || before === null || before.t0 !== after.t0) return;
    const at = minutesSince(after.t0, now, job.site.timeZone);
    setLines(replanLines(job, jobSteps(job, `${now.slice(0, 10)}T00:00`), before, after, at));
  };

  const replan = async (reason: string, gesture: string): Promise<void> => {
    const job = store.latest();
    if (job) take(await replannedRest(job, { now, reason }, PLANNERS, answerOf), job.plan, gesture);
  };
  const move = async (wanted: Move, reason: string): Promise<void> => {
    const job = store.latest();
    const plan = job?.plan;
    if (plan) take(await replannedByMove({ ...job, plan }, wanted, { now, reason }, PLANNERS, answerOf), plan);
  };

  return { isReplanning, lines, putAway: () => setLines(null), replan, move };
}

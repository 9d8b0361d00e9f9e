import { useRef, useState } from 'react';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import { acceptedPlan } from '../../../core/planning/revising/accept.ts';
import { jobSteps } from '../../../core/steps/job-steps.ts';
import type { Move } from '../../../core/planning/revising/moving.ts';
import { withPinned } from '../../../core/planning/drafting/pinned.ts';
import type { NoPlan } from '../../../core/scheduling/plan.ts';
import { withMarks } from '../../../core/planning/reading/task-words.ts';
import { replanLines, type ReplanLines } from '../../../core/running/replan-lines.ts';
import { useCommands, useNow } from '../../open-job/use-job.ts';
import type { PendingQuery } from '../../asking/pending-query.ts';
import { beginMoving, startNearPlanning, startPlanning } from '../../asking/planner.ts';
import { notify } from '../../device/notices.ts';

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

const unplannable = (error: unknown): NoPlan => ({
  status: 'infeasible',
  reasons: [{ task: null, message: error instanceof Error ? error.message : String(error) }],
});

/** Planning while the work goes on: verified, put in the plan's place, and told in three lines. */
export function useReplanning(): Replanning {
  const now = useNow();
  const { apply, store } = useCommands();
  const [isReplanning, setIsReplanning] = useState(false);
  const [lines, setLines] = useState<ReplanLines | null>(null);
  const running = useRef<Pick<PendingQuery<unknown>, 'cancel'> | null>(null);

  /** What a planning comes to; null where another one has overtaken it. */
  const answerOf = async <A>(planning: PendingQuery<A>): Promise<A | NoPlan | null> => {
    running.current?.cancel();
    running.current = planning;
    setIsReplanning(true);
    const answer = await planning.result.catch((error: unknown) => unplannable(error));
    if (running.current !== planning) return null;
    return answer;
  };
  const over = (): void => {
    running.current = null;
    setIsReplanning(false);
  };
  const tell = (before: AcceptedPlan | null, after: AcceptedPlan): void => {
    const job = store.latest();
    if (!job || before === null || before.t0 !== after.t0) return;
    const at = minutesSince(after.t0, now, job.site.timeZone);
    setLines(replanLines(job, jobSteps(job, `${now.slice(0, 10)}T00:00`), before, after, at));
  };
  const refuse = (why: string): void => notify(why, { variant: 'error', autoHideDuration: 9000 });

  const replan = async (reason: string, gesture: string): Promise<void> => {
    const stamped = store.latest();
    if (!stamped) return;
    // The day goes on as it was planned, as far as it can; where that leads nowhere, all is planned anew.
    const near = stamped.plan ? await answerOf(startNearPlanning(stamped, now, stamped.plan)) : unplannable('no plan');
    if (near === null) return;
    const answer = 'plan' in near ? near : await answerOf(startPlanning(stamped, now, () => undefined));
    if (answer === null) return;
    over();
    if (!('plan' in answer)) {
      const why = withMarks(answer.reasons[0]?.message ?? '', stamped, jobSteps(stamped, `${now.slice(0, 10)}T00:00`));
      refuse(`The rest can’t be planned: ${why} What you stated stays, and so does the plan of before.`);
      return;
    }
    const { because } = answer;
    const plan = acceptedPlan(stamped, answer.problem, answer.plan, { at: now, reason, because });
    if (apply('accept-plan', { plan }, { strokes: gesture }).ok) tell(stamped.plan, plan);
  };

  const move = async (wanted: Move, reason: string): Promise<void> => {
    const job = store.latest();
    const before = job?.plan;
    if (!job || !before) return;
    const moving = beginMoving(job, now, before);
    const moved = await answerOf({ result: moving.move(wanted), cancel: moving.end });
    moving.end();
    if (moved === null) return;
    over();
    if (!('plan' in moved)) {
      refuse('refused' in moved ? moved.refused : (moved.reasons[0]?.message ?? 'That can’t be planned.'));
      return;
    }
    const plan = acceptedPlan(job, before, moved.plan, { at: now, reason, because: before.because });
    const pins = withPinned(job.pins, moved.pins, before.t0, job.site.timeZone);
    if (apply('accept-plan', { plan, pins }).ok) tell(before, plan);
  };

  return { isReplanning, lines, putAway: () => setLines(null), replan, move };
}

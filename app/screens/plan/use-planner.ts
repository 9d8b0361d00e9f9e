import { useCallback } from 'react';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import type { NoPlan } from '../../../core/scheduling/plan.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { startPlanning, type VerifiedPlan } from '../../asking/planner.ts';

/** A plan that was found for a state of the job, and is not accepted yet. */
export interface Draft extends VerifiedPlan {
  fingerprint: string;
}

export interface PlannerState {
  isSearching: boolean;
  draft: Draft | null;
  reasons: NoPlan['reasons'];
  /** Plans the job as it is now. */
  start(): void;
  /** Ends the search with the best plan so far. */
  cancel(): void;
  /** Ends it, and puts away what was found. */
  forget(): void;
}

/** Plans the open job in a worker; better plans show as they are found. */
export function usePlanner(): PlannerState {
  const job = useJob();
  const now = useNow();
  const { isAsking, answer, failure, ask, cancel, forget } = useWorkerQuery<Draft | NoPlan>();

  const start = useCallback(() => {
    const fingerprint = planFingerprint(job);
    ask((tell) => {
      const { result, cancel: end } = startPlanning(job, now, (found) => tell({ fingerprint, ...found }));
      return { result: result.then((found) => ('plan' in found ? { fingerprint, ...found } : found)), cancel: end };
    });
  }, [job, now, ask]);

  const draft = answer !== null && 'plan' in answer ? answer : null;
  const found = answer !== null && !('plan' in answer) ? answer.reasons : [];
  const reasons: NoPlan['reasons'] = failure === null ? found : [{ kind: 'failed', task: null, fault: failure }];
  return { isSearching: isAsking, draft, reasons, start, cancel, forget };
}

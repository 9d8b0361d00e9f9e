import { useCallback } from 'react';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import type { ComparedPlan } from '../../../core/planning/revising/compare-plans.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { startNearPlanning } from '../../asking/planner.ts';
import type { Draft } from './use-planner.ts';

export interface NearPlanState {
  isPlanning: boolean;
  /** The plan that moves little; null also where it can't be kept near: it is planned anew all the same. */
  draft: Draft | null;
  start(plan: ComparedPlan): void;
  forget(): void;
}

/** Plans the open job near a plan in a worker. */
export function useNearPlan(): NearPlanState {
  const job = useJob();
  const now = useNow();
  const { isAsking, answer, ask, forget } = useWorkerQuery<Draft | 'none'>();

  const start = useCallback(
    (plan: ComparedPlan) => {
      const fingerprint = planFingerprint(job);
      ask(() => {
        const { result, cancel } = startNearPlanning(job, now, plan);
        return { result: result.then((near) => ('plan' in near ? { fingerprint, ...near } : 'none')), cancel };
      });
    },
    [job, now, ask],
  );
  return { isPlanning: isAsking, draft: answer === 'none' ? null : answer, start, forget };
}

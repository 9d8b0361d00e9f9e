import { useCallback, useEffect, useRef, useState } from 'react';
import { planFingerprint } from '../../../core/planning/accept.ts';
import type { ComparedPlan } from '../../../core/planning/compare-plans.ts';
import { useJob } from '../../ui/job-context.tsx';
import { startNearPlanning, type NearPlanning } from '../../workers/planner.ts';
import type { Draft } from './use-planner.ts';

export interface NearPlanState {
  isPlanning: boolean;
  /** The plan that moves little, and what of the job it was made for. */
  draft: Draft | null;
  start(plan: ComparedPlan): void;
  forget(): void;
}

/** Plans the open job near a plan in a worker. */
export function useNearPlan(): NearPlanState {
  const { job, now } = useJob();
  const running = useRef<NearPlanning | null>(null);
  const [isPlanning, setIsPlanning] = useState(false);
  const [draft, setDraft] = useState<Draft | null>(null);

  const start = useCallback(
    (plan: ComparedPlan) => {
      running.current?.cancel();
      setIsPlanning(true);
      const fingerprint = planFingerprint(job);
      const planning = startNearPlanning(job, now, plan);
      running.current = planning;
      planning.result
        .then(
          (answer) => running.current === planning && setDraft('plan' in answer ? { fingerprint, ...answer } : null),
        )
        // Where it can't be kept near, it is planned anew all the same.
        .catch(() => running.current === planning && setDraft(null))
        .finally(() => {
          if (running.current !== planning) return;
          running.current = null;
          setIsPlanning(false);
        });
    },
    [job, now],
  );
  const forget = useCallback(() => {
    running.current?.cancel();
    running.current = null;
    setIsPlanning(false);
    setDraft(null);
  }, []);

  useEffect(() => () => running.current?.cancel(), []);
  return { isPlanning, draft, start, forget };
}

import { useCallback } from 'react';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import type { Risk } from '../../../core/scheduling/chance/risk.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { startSampling } from '../../asking/planner.ts';

type Plan = Pick<AcceptedPlan, 'tasks'>;

export interface RiskState {
  isRunning: boolean;
  risk: Risk | null;
  failure: string | null;
  run(): void;
  cancel(): void;
}

/** Plays a plan many times in workers, when asked; what was found is forgotten with the plan. */
export function useRisk(plan: Plan): RiskState {
  const job = useJob();
  const now = useNow();
  const { isAsking, answer, failure, ask, cancel } = useWorkerQuery<{ plan: Plan; risk: Risk }>();
  const run = useCallback(
    () =>
      ask(() => {
        const { result, cancel: end } = startSampling(job, now, plan);
        return { result: result.then((risk) => ({ plan, risk })), cancel: end };
      }),
    [job, now, plan, ask],
  );
  return { isRunning: isAsking, risk: answer?.plan === plan ? answer.risk : null, failure, run, cancel };
}

import { useCallback, useEffect, useRef, useState } from 'react';
import type { AcceptedPlan } from '../../../core/job/record.ts';
import type { Risk } from '../../../core/planning/risk.ts';
import { useJob } from '../../ui/job-context.tsx';
import { startSampling, type Sampling } from '../../workers/planner.ts';

type Plan = Pick<AcceptedPlan, 'tasks'>;

export interface RiskState {
  isRunning: boolean;
  risk: Risk | null;
  failure: string | null;
  run(): void;
  cancel(): void;
}

/** Plays a plan many times in a worker, when asked; what was found is forgotten with the plan. */
export function useRisk(plan: Plan | null): RiskState {
  const { job, now } = useJob();
  const running = useRef<Sampling | null>(null);
  const [found, setFound] = useState<{ plan: Plan; risk: Risk } | null>(null);
  const [isRunning, setIsRunning] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);

  const cancel = useCallback(() => {
    running.current?.cancel();
    running.current = null;
    setIsRunning(false);
  }, []);

  const run = useCallback(() => {
    if (plan === null) return;
    running.current?.cancel();
    setIsRunning(true);
    setFailure(null);
    const sampling = startSampling(job, now, plan);
    running.current = sampling;
    sampling.result
      .then((risk) => running.current === sampling && setFound({ plan, risk }))
      .catch((error: unknown) => {
        if (running.current === sampling) setFailure(error instanceof Error ? error.message : String(error));
      })
      .finally(() => {
        if (running.current !== sampling) return;
        running.current = null;
        setIsRunning(false);
      });
  }, [job, now, plan]);

  useEffect(() => () => running.current?.cancel(), []);

  return { isRunning, risk: found !== null && found.plan === plan ? found.risk : null, failure, run, cancel };
}

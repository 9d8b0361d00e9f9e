import { useDeferredValue, useEffect, useEffectEvent, useMemo, useState } from 'react';
import type { AcceptedPlan } from '../../../core/job/document/plan-schema.ts';
import { aheadOf, type JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import { waitConflicts, type WaitConflict } from '../../../core/scheduling/wait-conflicts.ts';
import { startLookingAhead } from '../../asking/planner.ts';
import { useJob, useToday } from '../../open-job/use-job.ts';

/** What of a plan would come too early by a problem that is at hand. */
export function useTooEarly({ problem }: JobProblem, plan: Pick<AcceptedPlan, 'tasks'>): WaitConflict[] {
  // Whoever moves runs does not wait for this.
  const asked = useDeferredValue(problem);
  return useMemo(() => waitConflicts(asked, plan), [asked, plan]);
}

/** Ms of quiet before the worker is asked: hands that stamp do not pay for it. */
const QUIET = 1200;

/** What of the accepted plan would come too early, as a worker finds out while nothing else is done. */
export function useTooEarlyAhead(): readonly WaitConflict[] {
  const job = useJob();
  const [found, setFound] = useState<readonly WaitConflict[]>([]);
  const today = useToday();
  const { plan } = job;
  const question = aheadOf(job, today, plan);
  const ask = useEffectEvent(() => startLookingAhead(job, `${today}T00:00`));
  useEffect(() => {
    setFound([]);
    if (question.plan === null) return undefined;
    let cancel = (): void => undefined;
    const timer = setTimeout(() => {
      const asked = ask();
      cancel = asked.cancel;
      asked.result.then(setFound, () => setFound([]));
    }, QUIET);
    return () => {
      clearTimeout(timer);
      cancel();
    };
  }, [question]);
  return found;
}

import { useCallback, useEffect, useRef, useState } from 'react';
import { planFingerprint } from '../../../core/planning/accept.ts';
import type { FoundPlan, NoPlan, PlanProblem } from '../../../core/planning/problem.ts';
import { useJob } from '../../ui/job-context.tsx';
import { startPlanning, type Planning } from '../../workers/planner.ts';

/** A plan that was found for a state of the job, and is not accepted yet. */
export interface Draft {
  fingerprint: string;
  plan: FoundPlan;
  problem: Pick<PlanProblem, 't0' | 'tickMinutes'>;
  because: string;
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
  const { job, now } = useJob();
  const running = useRef<Planning | null>(null);
  const [isSearching, setIsSearching] = useState(false);
  const [draft, setDraft] = useState<Draft | null>(null);
  const [reasons, setReasons] = useState<NoPlan['reasons']>([]);

  const cancel = useCallback(() => {
    running.current?.cancel();
    running.current = null;
    setIsSearching(false);
  }, []);

  const start = useCallback(() => {
    running.current?.cancel();
    setIsSearching(true);
    setReasons([]);
    const fingerprint = planFingerprint(job);
    const planning = startPlanning(job, now, (found) => {
      if (running.current === planning) setDraft({ fingerprint, ...found });
    });
    running.current = planning;
    planning.result
      .then((answer) => {
        if (running.current !== planning) return;
        if ('plan' in answer) setDraft({ fingerprint, ...answer });
        else {
          setDraft(null);
          setReasons(answer.reasons);
        }
      })
      .catch((error: unknown) => {
        if (running.current !== planning) return;
        setReasons([
          { task: null, message: `The planner failed: ${error instanceof Error ? error.message : String(error)}` },
        ]);
      })
      .finally(() => {
        if (running.current !== planning) return;
        running.current = null;
        setIsSearching(false);
      });
  }, [job, now]);

  useEffect(() => () => running.current?.cancel(), []);

  const forget = useCallback(() => {
    cancel();
    setDraft(null);
    setReasons([]);
  }, [cancel]);

  return { isSearching, draft, reasons, start, cancel, forget };
}

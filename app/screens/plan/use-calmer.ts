import { useCallback } from 'react';
import { minutesSince } from '../../../core/job/site-time.ts';
import { planFingerprint } from '../../../core/planning/revising/accept.ts';
import { latestFinish, priceOfCalm, priceWords } from '../../../core/planning/revising/calmer.ts';
import type { JobProblem } from '../../../core/planning/drafting/job-to-problem.ts';
import type { DatedPlan } from '../../../core/planning/revising/compare-plans.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { startPlanning, type VerifiedPlan } from '../../asking/planner.ts';
import type { Draft } from './use-planner.ts';

/** A plan that is calmer than another one, with what that costs. */
export interface CalmerDraft extends Draft {
  price: string;
}

/** That nothing calmer was found for a state of the job; minutes. */
interface NoneCalmer {
  fingerprint: string;
  laterBy: number;
}

export interface CalmerState {
  isSearching: boolean;
  draft: CalmerDraft | null;
  /** Up to how much later nothing calmer was found, in minutes; null where nobody has looked, or something was found. */
  noneWithin: number | null;
  /** Why the search broke off; null where it did not. */
  failure: string | null;
  /** Looks for what is calmer than a plan and ends so many minutes later at most. */
  start(than: DatedPlan, laterBy: number): void;
  /** Ends the search with the calmest so far. */
  cancel(): void;
  forget(): void;
}

/** Looks in workers for a plan of the open job that is calmer than another one. */
export function useCalmer({ problem }: JobProblem): CalmerState {
  const job = useJob();
  const now = useNow();
  const { isAsking, answer, failure, ask, cancel, forget } = useWorkerQuery<CalmerDraft | NoneCalmer>();

  const start = useCallback(
    (than: DatedPlan, laterBy: number) => {
      const fingerprint = planFingerprint(job);
      const from = minutesSince(problem.t0, now, job.site.timeZone) / problem.tickMinutes;
      const limit = latestFinish(problem, than, laterBy / problem.tickMinutes);
      const none: NoneCalmer = { fingerprint, laterBy };
      const priced = (found: VerifiedPlan): CalmerDraft | NoneCalmer => {
        const price = found.plan.finish <= limit ? priceOfCalm(problem, than, found.plan, from) : null;
        return price === null ? none : { ...found, fingerprint, price: priceWords(price) };
      };
      ask((tell) => {
        const told = (found: VerifiedPlan): void => {
          const calmer = priced(found);
          if ('plan' in calmer) tell(calmer);
        };
        const { result, cancel: end } = startPlanning(job, now, told, { than, limit, laterBy });
        return { result: result.then((found) => ('plan' in found ? priced(found) : none)), cancel: end };
      });
    },
    [job, now, problem, ask],
  );
  const draft = answer !== null && 'plan' in answer ? answer : null;
  const none = answer !== null && !('plan' in answer) && answer.fingerprint === planFingerprint(job) ? answer : null;
  const noneWithin = isAsking ? null : (none?.laterBy ?? null);
  return { isSearching: isAsking, draft, noneWithin, failure, start, cancel, forget };
}

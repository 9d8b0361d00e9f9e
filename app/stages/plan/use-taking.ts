import { useCallback } from 'react';
import type { Bought } from '../../../core/choosing/what-would-it-take.ts';
import { useJob } from '../../ui/job-context.tsx';
import { useAsked } from '../../ui/use-asked.ts';
import { startTaking } from '../../workers/planner.ts';

export interface TakingState {
  isRunning: boolean;
  /** What has been tried so far; all of it, in order, when it is done. Empty before anybody asked. */
  bought: readonly Bought[];
  failure: string | null;
  /** Asks what it would take to be done by `due`, in minutes from the plan's t0. */
  ask(due: number): void;
  cancel(): void;
}

/** Tries changes in a worker when asked; what was found is forgotten when the job changes. */
export function useTaking(fingerprint: string): TakingState {
  const { job, now } = useJob();
  const { isAsking, answer, failure, ask: askWorker, cancel } = useAsked<{ fingerprint: string; bought: Bought[] }>();
  const ask = useCallback(
    (due: number) =>
      askWorker((tell) => {
        const bought: Bought[] = [];
        tell({ fingerprint, bought });
        const { result, cancel: end } = startTaking(job, now, due, (tried) => {
          bought.push(tried);
          tell({ fingerprint, bought: [...bought] });
        });
        return { result: result.then((all) => ({ fingerprint, bought: all })), cancel: end };
      }),
    [job, now, fingerprint, askWorker],
  );
  const bought = answer?.fingerprint === fingerprint ? answer.bought : [];
  return { isRunning: isAsking, bought, failure, ask, cancel };
}

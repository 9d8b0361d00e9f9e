import { useCallback, useEffect, useRef, useState } from 'react';
import type { Bought } from '../../../core/choosing/what-would-it-take.ts';
import { useJob } from '../../ui/job-context.tsx';
import { startTaking, type Taking } from '../../workers/planner.ts';

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
  const running = useRef<Taking | null>(null);
  const [found, setFound] = useState<{ fingerprint: string; bought: readonly Bought[] } | null>(null);
  const [isRunning, setIsRunning] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);

  const cancel = useCallback(() => {
    running.current?.cancel();
    running.current = null;
    setIsRunning(false);
  }, []);

  const ask = useCallback(
    (due: number) => {
      running.current?.cancel();
      setIsRunning(true);
      setFailure(null);
      setFound({ fingerprint, bought: [] });
      const taking = startTaking(job, now, due, (tried) => {
        if (running.current !== taking) return;
        setFound((known) => ({ fingerprint, bought: [...(known?.bought ?? []), tried] }));
      });
      running.current = taking;
      taking.result
        .then((bought) => running.current === taking && setFound({ fingerprint, bought }))
        .catch((error: unknown) => {
          if (running.current === taking) setFailure(error instanceof Error ? error.message : String(error));
        })
        .finally(() => {
          if (running.current !== taking) return;
          running.current = null;
          setIsRunning(false);
        });
    },
    [job, now, fingerprint],
  );

  useEffect(() => () => running.current?.cancel(), []);

  return { isRunning, bought: found?.fingerprint === fingerprint ? found.bought : [], failure, ask, cancel };
}

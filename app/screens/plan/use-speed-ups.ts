import { useCallback } from 'react';
import type { SpeedUp, DayAsked } from '../../../core/choosing/speed-ups.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useWorkerQuery } from '../../asking/use-worker-query.ts';
import { startTaking } from '../../asking/planner.ts';

export interface SpeedUpsState {
  isRunning: boolean;
  /** What has been tried so far; all of it, in order, when it is done. Empty before anybody asked. */
  bought: readonly SpeedUp[];
  /** What one more place or pair of hands would save about, in words; empty before it is known. */
  estimate: string;
  failure: string | null;
  /** Asks what it would take to be done by a day. */
  ask(asked: DayAsked): void;
  cancel(): void;
}

interface Answer {
  fingerprint: string;
  bought: readonly SpeedUp[];
  estimate: string;
}

/** Tries changes in a worker when asked; what was found is forgotten when the job changes. */
export function useSpeedUps(fingerprint: string): SpeedUpsState {
  const job = useJob();
  const now = useNow();
  const { isAsking, answer, failure, ask: askWorker, cancel } = useWorkerQuery<Answer>();
  const ask = useCallback(
    (asked: DayAsked) =>
      askWorker((tell) => {
        let soFar: Answer = { fingerprint, bought: [], estimate: '' };
        tell(soFar);
        const { result, cancel: end } = startTaking(job, now, asked, (told) => {
          soFar =
            'tried' in told
              ? { ...soFar, bought: [...soFar.bought, told.tried] }
              : { ...soFar, estimate: told.estimate };
          tell(soFar);
        });
        return { result: result.then((bought) => ({ ...soFar, bought })), cancel: end };
      }),
    [job, now, fingerprint, askWorker],
  );
  const own = answer?.fingerprint === fingerprint ? answer : null;
  return { isRunning: isAsking, bought: own?.bought ?? [], estimate: own?.estimate ?? '', failure, ask, cancel };
}

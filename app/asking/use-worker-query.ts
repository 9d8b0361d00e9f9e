import { useCallback, useEffect, useRef, useState } from 'react';
import type { PendingQuery } from './pending-query.ts';

/** What has been asked of a worker: one thing at a time, of which only the last counts. */
export interface WorkerQuery<Answer> {
  isAsking: boolean;
  /** What has been answered so far; null before that, and once it is forgotten. */
  answer: Answer | null;
  /** What went wrong, when it was not answered. */
  failure: string | null;
  /** Asks; whatever was asked before is ended. What is known before the end is told as it is found. */
  ask(start: (tell: (soFar: Answer) => void) => PendingQuery<Answer>): void;
  /** Ends it, and keeps what has been answered so far. */
  cancel(): void;
  /** Ends it, and puts the answer away. */
  forget(): void;
}

/** Asks a worker from a screen; what is under way ends with the screen. */
export function useWorkerQuery<Answer>(): WorkerQuery<Answer> {
  const running = useRef<{ end(): void } | null>(null);
  const [isAsking, setIsAsking] = useState(false);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [failure, setFailure] = useState<string | null>(null);

  const cancel = useCallback(() => {
    running.current?.end();
    running.current = null;
    setIsAsking(false);
  }, []);

  const ask = useCallback((start: (tell: (soFar: Answer) => void) => PendingQuery<Answer>) => {
    running.current?.end();
    const own = { end: (): void => undefined };
    running.current = own;
    const isLast = (): boolean => running.current === own;
    setIsAsking(true);
    setFailure(null);
    const asked = start((soFar) => {
      if (isLast()) setAnswer(soFar);
    });
    own.end = asked.cancel;
    asked.result
      .then((all) => isLast() && setAnswer(all))
      .catch((error: unknown) => {
        if (isLast()) setFailure(error instanceof Error ? error.message : String(error));
      })
      .finally(() => {
        if (!isLast()) return;
        running.current = null;
        setIsAsking(false);
      });
  }, []);

  const forget = useCallback(() => {
    cancel();
    setAnswer(null);
    setFailure(null);
  }, [cancel]);

  useEffect(() => () => running.current?.end(), []);
  return { isAsking, answer, failure, ask, cancel, forget };
}

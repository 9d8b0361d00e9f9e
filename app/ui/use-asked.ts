import { useCallback, useEffect, useRef, useState } from 'react';
import type { Asked } from '../workers/asked.ts';

/** What has been asked of a worker: one thing at a time, of which only the last counts. */
export interface Question<Answer> {
  isAsking: boolean;
  /** What has been answered so far; null before that, and once it is forgotten. */
  answer: Answer | null;
  /** What went wrong, when it was not answered. */
  failure: string | null;
  /** Asks; whatever was asked before is ended. What is known before the end is told as it is found. */
  ask(start: (tell: (soFar: Answer) => void) => Asked<Answer>): void;
  /** Ends it, and keeps what has been answered so far. */
  cancel(): void;
  /** Ends it, and puts the answer away. */
  forget(): void;
}

/** Asks a worker from a screen; what is under way ends with the screen. */
export function useAsked<Answer>(): Question<Answer> {
  const running = useRef<Asked<Answer> | null>(null);
  const [isAsking, setIsAsking] = useState(false);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [failure, setFailure] = useState<string | null>(null);

  const cancel = useCallback(() => {
    running.current?.cancel();
    running.current = null;
    setIsAsking(false);
  }, []);

  const ask = useCallback((start: (tell: (soFar: Answer) => void) => Asked<Answer>) => {
    running.current?.cancel();
    setIsAsking(true);
    setFailure(null);
    const asked = start((soFar) => {
      if (running.current === asked) setAnswer(soFar);
    });
    running.current = asked;
    asked.result
      .then((all) => running.current === asked && setAnswer(all))
      .catch((error: unknown) => {
        if (running.current === asked) setFailure(error instanceof Error ? error.message : String(error));
      })
      .finally(() => {
        if (running.current !== asked) return;
        running.current = null;
        setIsAsking(false);
      });
  }, []);

  const forget = useCallback(() => {
    cancel();
    setAnswer(null);
    setFailure(null);
  }, [cancel]);

  useEffect(() => () => running.current?.cancel(), []);
  return { isAsking, answer, failure, ask, cancel, forget };
}

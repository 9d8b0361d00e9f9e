import { useEffect, useEffectEvent } from 'react';
import type { PendingQuery } from './pending-query.ts';
import { useWorkerQuery } from './use-worker-query.ts';

/** A worker's answer, with its question. */
export interface AnswerTo<Question, Answer> {
  /** The latest answer and its question; still the previous question while the new one is pending. */
  answered: { to: Question; answer: Answer } | null;
  /** Whether there is more to come. */
  isAsking: boolean;
  failure: string | null;
}

/**
 * Asks a worker each new question, `pause` ms after the last change; null asks nothing. Keeps the previous answer until
 * the new one arrives. What is known before the end is told as it is found.
 */
export function useAnswerTo<Question, Answer>(
  question: Question | null,
  start: (question: Question, tell: (soFar: Answer) => void) => PendingQuery<Answer>,
  pause = 0,
): AnswerTo<Question, Answer> {
  const { isAsking, answer, failure, ask, cancel } = useWorkerQuery<{ to: Question; answer: Answer }>();
  const begin = useEffectEvent((to: Question) =>
    ask((tell) => {
      const started = start(to, (soFar) => tell({ to, answer: soFar }));
      return { result: started.result.then((found) => ({ to, answer: found })), cancel: started.cancel };
    }),
  );
  useEffect(() => {
    if (question === null) return undefined;
    const timer = setTimeout(() => begin(question), pause);
    return () => {
      clearTimeout(timer);
      cancel();
    };
  }, [question, pause, cancel]);
  return { answered: answer, isAsking, failure };
}

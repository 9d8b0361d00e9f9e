import { useEffect, useEffectEvent } from 'react';
import type { PendingQuery } from './pending-query.ts';
import { useWorkerQuery } from './use-worker-query.ts';

/** What a worker has answered to a question. */
export interface AnswerTo<Question, Answer> {
  /** The last answer, with the question that it is to: another one while the new one is not answered yet. */
  answered: { to: Question; answer: Answer } | null;
  failure: string | null;
}

/**
 * Asks a worker a question, and again whenever it is another one, `pause` ms after the last change; null asks nothing.
 * The answer of before stays until the new one is there.
 */
export function useAnswerTo<Question, Answer>(
  question: Question | null,
  start: (question: Question) => PendingQuery<Answer>,
  pause = 0,
): AnswerTo<Question, Answer> {
  const { answer, failure, ask, cancel } = useWorkerQuery<{ to: Question; answer: Answer }>();
  const begin = useEffectEvent((to: Question) =>
    ask(() => {
      const started = start(to);
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
  return { answered: answer, failure };
}

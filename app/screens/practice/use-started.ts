import { useCallback, useContext, createContext, useEffect, useState } from 'react';
import type { z } from 'zod';
import { drafts } from '../../keeping/drafts.ts';

/** The exercise that is being answered, by the name under which what is answered so far is kept. */
export const StartedContext = createContext('practice');

/** What is kept of an answer; null where nothing is, or nothing that can be read. */
function readAnswer<T>(text: string | null, schema: z.ZodType<T>): T | null {
  if (text === null) return null;
  try {
    const read = schema.safeParse(JSON.parse(text));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/**
 * What is answered so far of an exercise, which outlives the tab: `usual` until something was; null while it is read.
 * `schema` is what it must be like to be taken up again. Both stay the same for as long as the exercise does.
 */
export function useStarted<T>(schema: z.ZodType<T>, usual: T): [T | null, (next: T) => void] {
  const field = useContext(StartedContext);
  const [answer, setAnswer] = useState<T | null>(null);
  useEffect(() => {
    let isGone = false;
    void drafts.read(field).then(
      (text) => !isGone && setAnswer(readAnswer(text, schema) ?? usual),
      () => !isGone && setAnswer(usual),
    );
    return () => {
      isGone = true;
    };
  }, [field, schema, usual]);
  const change = useCallback(
    (next: T): void => {
      setAnswer(next);
      void drafts.keep(field, JSON.stringify(next));
    },
    [field],
  );
  return [answer, change];
}

/** Forgets what was answered so far, once it is judged. */
export const forgetStarted = (field: string): Promise<void> => drafts.keep(field, '');

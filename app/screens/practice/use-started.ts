import { createContext, useCallback, useContext, useRef, useState, type RefObject } from 'react';
import type { z } from 'zod';
import { drafts } from '../../keeping/drafts.ts';

/** What was kept of an answer, and under what name. */
export interface Started {
  field: string;
  text: string | null;
}

export const StartedContext = createContext<Started>({ field: 'practice', text: null });

/** What is kept of an answer under a name; nothing where the browser can’t say. */
export const readStarted = (field: string): Promise<Started> =>
  drafts.read(field).then(
    (text) => ({ field, text }),
    () => ({ field, text: null }),
  );

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
 * What is answered so far of an exercise, which outlives the tab: `usual` until something was. `latest` has it at once: a
 * thumb that sweeps may change it twice before it is drawn. `schema` is what it must be like to be taken up again.
 */
export function useStarted<T>(
  schema: z.ZodType<T>,
  usual: T,
): [answer: T, change: (next: T) => void, latest: Readonly<RefObject<T>>] {
  const { field, text } = useContext(StartedContext);
  const [answer, setAnswer] = useState<T>(() => readAnswer(text, schema) ?? usual);
  const latest = useRef(answer);
  const change = useCallback(
    (next: T): void => {
      latest.current = next;
      setAnswer(next);
      void drafts.keep(field, JSON.stringify(next));
    },
    [field],
  );
  return [answer, change, latest];
}

/** Forgets what was answered so far, once it is judged. */
export const forgetStarted = (field: string): Promise<void> => drafts.keep(field, '');

import type { z } from 'zod';
import type { Job } from '../document/schema.ts';
import { command, type Command } from './definition.ts';
import { factWords } from './fact-words.ts';
import { partly, type Facts } from './facts.ts';

/** A part of the document that is one object. */
type SectionKey = 'settings' | 'site' | 'cutting' | 'mixing' | 'pricing' | 'planning' | 'handOver' | 'weights';

/** Changes some facts of a part of the job, such as its site; all others stay. `words` tells of what: “of the site”. */
export function section<K extends SectionKey>(
  key: K,
  schema: z.ZodType<Job[K]>,
  words: (changed: string, facts: Facts<Job[K]>) => string,
): Command<Facts<Job[K]>> {
  const facts = partly<Job[K]>(schema);
  return command({
    args: () => facts.check(),
    label: (changed) => words(factWords(changed), changed),
    change: (draft, changed) => facts.put(draft[key], changed),
  });
}

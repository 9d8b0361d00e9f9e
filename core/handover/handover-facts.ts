import type { JobClocks } from '../clocks/job-clocks.ts';
import type { Readiness } from '../hanging/readiness.ts';
import type { Vocabulary } from '../units/vocabulary.ts';

/** What a handover is written from, beside the job. */
export interface HandoverFacts {
  clocks: JobClocks;
  rows: readonly Readiness[];
  /** Local ISO time. */
  now: string;
  vocabulary: Vocabulary;
}

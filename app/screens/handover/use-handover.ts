import { useMemo } from 'react';
import type { Block } from '../../../core/handover/blocks.ts';
import { handoverDocument } from '../../../core/handover/handover-document.ts';
import { readinessOf, type Readiness } from '../../../core/hanging/readiness.ts';
import type { JobSteps } from '../../../core/steps/job-steps.ts';
import type { Vocabulary } from '../../../core/units/vocabulary.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useJobSteps, usePlanReading } from '../../open-job/use-reading.ts';

/** The handover as it stands now, in a vocabulary. */
export function useHandover(vocabulary: Vocabulary): { blocks: Block[]; rows: Readiness[]; problem: JobSteps } {
  const job = useJob();
  const now = useNow();
  const problem = useJobSteps();
  const reading = usePlanReading(problem, job.plan);
  const rows = useMemo(() => readinessOf(job, problem, reading?.ends ?? new Map()), [job, problem, reading]);
  const blocks = useMemo(
    () => handoverDocument(job, { clocks: problem.clocks, rows, now, vocabulary }),
    [job, problem, rows, now, vocabulary],
  );
  return { blocks, rows, problem };
}

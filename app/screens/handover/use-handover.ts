import { useMemo } from 'react';
import type { JobClocks } from '../../../core/clocks/job-clocks.ts';
import type { Block } from '../../../core/handover/blocks.ts';
import { faceRecords } from '../../../core/handover/face-record.ts';
import { handoverGaps, type HandoverGap } from '../../../core/handover/gaps.ts';
import { handoverDocument } from '../../../core/handover/handover-document.ts';
import { readinessOf, type Readiness } from '../../../core/hanging/readiness.ts';
import type { Vocabulary } from '../../../core/units/vocabulary.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { useJobSteps, usePlanReading } from '../../open-job/use-reading.ts';

interface HandoverNow {
  blocks: Block[];
  gaps: HandoverGap[];
  rows: Readiness[];
  clocks: JobClocks;
}

/** The handover as it stands now, in a vocabulary, and what it lacks. */
export function useHandover(vocabulary: Vocabulary): HandoverNow {
  const job = useJob();
  const now = useNow();
  const problem = useJobSteps();
  const { clocks } = problem;
  const reading = usePlanReading(problem, job.plan);
  const rows = useMemo(() => readinessOf(job, problem, reading?.ends ?? new Map()), [job, problem, reading]);
  const blocks = useMemo(
    () => handoverDocument(job, { clocks, rows, now, vocabulary }),
    [job, clocks, rows, now, vocabulary],
  );
  const gaps = useMemo(() => handoverGaps(job, faceRecords(job, clocks)), [job, clocks]);
  return { blocks, gaps, rows, clocks };
}

import { useState } from 'react';
import type { ExerciseId } from '../../core/practising/exercise-ids.ts';
import { Link } from './Link.tsx';

/** Seeds are drawn below this. */
const SEEDS = 100_000;

interface PractiseLinkProps {
  exercise: ExerciseId;
  jobId: string;
  /** The piece that it is about, where it is about one. */
  pieceId?: string | undefined;
  words?: string;
}

/** Leads from a job to an exercise on its own pieces. */
export function PractiseLink({ exercise, jobId, pieceId, words = 'Practise this' }: PractiseLinkProps) {
  const [seed] = useState(() => Math.floor(Math.random() * SEEDS));
  return (
    <Link
      to={{ stage: 'practice', view: exercise, jobId, pieceId: pieceId ?? null, task: `job-1-${seed}` }}
      style={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}
    >
      {words}
    </Link>
  );
}

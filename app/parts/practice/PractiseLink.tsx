import { useState } from 'react';
import type { ExerciseId } from '../../../core/practising/exercise-ids.ts';
import { Link } from '../Link.tsx';
import { anySeed, jobTask } from './practice-task.ts';

interface PractiseLinkProps {
  exercise: ExerciseId;
  jobId: string;
  /** The piece that it is about, where it is about one. */
  pieceId?: string;
  words?: string;
}

/** Leads from a job to an exercise on its own pieces. */
export function PractiseLink({ exercise, jobId, pieceId, words = 'Practise this' }: PractiseLinkProps) {
  const [seed] = useState(anySeed);
  return (
    <Link
      to={jobTask(exercise, jobId, pieceId ?? null, seed)}
      style={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}
    >
      {words}
    </Link>
  );
}

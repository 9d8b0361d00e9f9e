import Alert from '@mui/material/Alert';
import { useCallback, useState } from 'react';
import type { PracticeSession } from '../../asking/practice.ts';
import { JobProvider } from '../../open-job/JobProvider.tsx';
import { useJob, useNow } from '../../open-job/use-job.ts';
import { ExercisePage } from './ExercisePage.tsx';
import { writtenTask, type AskedTask } from '../../parts/practice/practice-task.ts';

interface JobExerciseProps {
  asked: AskedTask;
  jobId: string;
  /** The piece that it is about, where one is named. */
  pieceId: string | null;
}

/** An exercise made of a job’s own pieces, in its own air and paint; nothing in the job changes. */
export function JobExercise(props: JobExerciseProps) {
  return (
    <JobProvider
      jobId={props.jobId}
      fallback={(opening) =>
        opening.state === 'opening' ? (
          <div role="status">Opening the job…</div>
        ) : (
          <Alert severity="error">Can’t open this job. Open it from All jobs, then practise from it.</Alert>
        )
      }
    >
      <FromJob {...props} />
    </JobProvider>
  );
}

function FromJob({ asked, jobId, pieceId }: JobExerciseProps) {
  const { exercise, seed } = asked;
  const [job] = useState(useJob());
  const [now] = useState(useNow());
  const start = useCallback(
    (session: PracticeSession) => session.fromJob(exercise, job, now, seed, pieceId),
    [exercise, job, now, seed, pieceId],
  );
  const name = `practice/${jobId}/${pieceId ?? ''}/${exercise}/${writtenTask(asked)}`;
  return <ExercisePage asked={asked} start={start} name={name} />;
}

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { freeze } from 'immer';
import { nanoid } from 'nanoid';
import { Suspense, useEffect, useState } from 'react';
import { keptOf } from '../../../core/practising/attempt.ts';
import type { Judgement, PracticeSettings } from '../../../core/practising/exercise.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import { startJudging, startTask } from '../../asking/practice.ts';
import { keepAttempt } from '../../keeping/attempts.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { Link } from '../../parts/Link.tsx';
import { Judged } from './Judged.tsx';
import { EXERCISE_VIEWS } from './exercise-views.ts';
import { forgetStarted, StartedContext } from './use-started.ts';
import { anySeed, writtenTask, type AskedTask } from './task-of-route.ts';

interface ExercisePageProps {
  asked: AskedTask;
  settings: PracticeSettings;
}

/** One exercise: its task, then the answer judged beside it, and what to do next. */
export function ExercisePage({ asked, settings }: ExercisePageProps) {
  const { exercise, level, seed } = asked;
  const { asks } = exerciseOf(exercise);
  const View = EXERCISE_VIEWS[exercise];
  const started = `practice/${exercise}/${writtenTask(asked)}`;
  const [task, setTask] = useState<{ made: unknown } | null>(null);
  const [given, setGiven] = useState<unknown>(null);
  const [judgement, setJudgement] = useState<Judgement | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [next] = useState(anySeed);
  useEffect(() => {
    const query = startTask(exercise, level, seed, settings);
    query.result.then(
      (made) => setTask({ made: freeze(made, true) }),
      (error: unknown) => setFault(`Can’t make this exercise: ${reasonOf(error)}.`),
    );
    return query.cancel;
  }, [exercise, level, seed, settings]);

  const answer = async (own: unknown): Promise<void> => {
    try {
      const judged = await startJudging(exercise, task?.made, own).result;
      setGiven(own);
      setJudgement(judged);
      void forgetStarted(started);
      const at = new Date().toISOString();
      await keepAttempt({ id: nanoid(12), at, exercise, level, seed, source: 'free', ...keptOf(judged) });
    } catch (error) {
      setFault(`Can’t save this: ${reasonOf(error)}. Your answer stays on the screen.`);
    }
  };

  return (
    <Box sx={{ display: 'grid', gap: 2 }}>
      <Box sx={{ fontSize: 17 }}>{asks}</Box>
      {fault !== null && <Alert severity="error">{fault}</Alert>}
      {judgement && <Judged judgement={judgement} />}
      {task ? (
        <Suspense fallback={<div role="status">Opening the exercise…</div>}>
          <StartedContext value={started}>
            <View task={task.made} given={given} onAnswer={(own) => void answer(own)} />
          </StartedContext>
        </Suspense>
      ) : (
        fault === null && <div role="status">Making an exercise…</div>
      )}
      <Box
        sx={{
          display: 'flex',
          gap: 3,
          flexWrap: 'wrap',
          '& a': { minHeight: 44, display: 'inline-flex', alignItems: 'center' },
        }}
      >
        {judgement && (
          <Link to={{ stage: 'practice', view: exercise, task: writtenTask({ level, seed: next }) }}>
            Next exercise
          </Link>
        )}
        <Link to={{ stage: 'practice' }}>All exercises</Link>
      </Box>
    </Box>
  );
}

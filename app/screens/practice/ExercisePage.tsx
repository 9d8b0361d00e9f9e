import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import { freeze } from 'immer';
import { nanoid } from 'nanoid';
import { Suspense, useEffect, useRef, useState } from 'react';
import { keptOf } from '../../../core/practising/attempt.ts';
import type { Judgement } from '../../../core/practising/exercise.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import { practiceSession, type PracticeSession } from '../../asking/practice.ts';
import { keepAttempt } from '../../keeping/attempts.ts';
import { reasonOf } from '../../keeping/reason.ts';
import { Link } from '../../parts/Link.tsx';
import { Judged } from './Judged.tsx';
import { EXERCISE_VIEWS } from './exercise-views.ts';
import { NextLinks } from './NextLinks.tsx';
import type { AskedTask } from '../../parts/practice/practice-task.ts';
import { forgetStarted, readStarted, StartedContext, type Started } from './use-started.ts';

interface ExercisePageProps {
  asked: AskedTask;
  /** Makes the task; null where there is none. Stays the same for as long as the task does. */
  start(session: PracticeSession): Promise<unknown>;
  /** Under what name the answer so far is kept. */
  name: string;
}

/** One exercise: its task, then the answer judged beside it, and what to do next. */
export function ExercisePage({ asked, start, name }: ExercisePageProps) {
  const { exercise } = asked;
  const { asks } = exerciseOf(exercise);
  const View = EXERCISE_VIEWS[exercise];
  const [task, setTask] = useState<{ made: unknown; started: Started } | null>(null);
  const [given, setGiven] = useState<unknown>(null);
  const [judgement, setJudgement] = useState<Judgement | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const session = useRef<PracticeSession | null>(null);
  useEffect(() => {
    const opened = practiceSession();
    session.current = opened;
    let isGone = false;
    Promise.all([start(opened), readStarted(name)]).then(
      ([made, started]) =>
        isGone
          ? undefined
          : made === null
            ? setFault('This job has nothing left for this exercise. Choose another one.')
            : setTask({ made: freeze(made, true), started }),
      (error: unknown) => !isGone && setFault(`Can’t make this exercise: ${reasonOf(error)}.`),
    );
    return () => {
      isGone = true;
      opened.end();
    };
  }, [start, name]);

  const answer = async (own: unknown): Promise<void> => {
    try {
      const judged = await session.current?.judged(own);
      if (!judged) return;
      // Before the result shows: a page that is left then would lose the score, and bring the answer back.
      void forgetStarted(name);
      await keepAttempt({ id: nanoid(12), at: new Date().toISOString(), ...asked, ...keptOf(judged) }).catch(
        (error: unknown) => setFault(`Can’t save your score: ${reasonOf(error)}.`),
      );
      setGiven(own);
      setJudgement(judged);
      window.scrollTo({ top: 0 });
    } catch (error) {
      setFault(`Can’t judge this: ${reasonOf(error)}. Your answer stays on the screen.`);
    }
  };

  return (
    <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Box sx={{ fontSize: 17 }}>{asks}</Box>
      {fault !== null && <Alert severity="error">{fault}</Alert>}
      {judgement && <Judged judgement={judgement} />}
      {task ? (
        <Suspense fallback={<div role="status">Opening the exercise…</div>}>
          <StartedContext value={task.started}>
            <View task={task.made} given={given} onAnswer={(own) => void answer(own)} />
          </StartedContext>
        </Suspense>
      ) : (
        fault === null && <div role="status">Making an exercise…</div>
      )}
      <Box
        component="nav"
        aria-label="Go on"
        sx={{
          display: 'flex',
          gap: 3,
          flexWrap: 'wrap',
          '& a': { minHeight: 44, display: 'inline-flex', alignItems: 'center' },
        }}
      >
        {judgement && <NextLinks asked={asked} />}
        <Link to={{ stage: 'practice' }}>All exercises</Link>
      </Box>
    </Box>
  );
}

import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Attempt } from '../../../core/practising/attempt.ts';
import { FULL_MARKS } from '../../../core/practising/exercise.ts';
import { EXERCISE_IDS } from '../../../core/practising/exercise-ids.ts';
import { MISTAKES } from '../../../core/practising/mistakes.ts';
import { lessonsDone, nextToPractise } from '../../../core/practising/progress.ts';
import { exerciseOf } from '../../../core/practising/registry.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { Link } from '../../parts/Link.tsx';
import { Section, Sheet } from '../../parts/Section.tsx';
import { ExerciseRow } from './ExerciseRow.tsx';
import { FromJobs } from './FromJobs.tsx';
import { OwnProgress } from './OwnProgress.tsx';
import { anySeed, freeTask, lessonTask } from '../../parts/practice/practice-task.ts';
import { useAttempts } from './use-attempts.ts';

/** What to practise next, the course, every exercise, and how one gets on. */
export function PracticeHome() {
  const attempts = useAttempts();
  if (attempts === null) return null;
  return (
    <>
      <NextUp attempts={attempts} />
      <Course attempts={attempts} />
      <Section title="Free practice">
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5 }}>
          {EXERCISE_IDS.map((id) => (
            <ExerciseRow key={id} exercise={id} attempts={attempts} />
          ))}
        </Box>
      </Section>
      <FromJobs />
      <OwnProgress attempts={attempts} />
    </>
  );
}

/** The one thing to do now. */
function NextUp({ attempts }: { attempts: readonly Attempt[] }) {
  const localise = useLocalise();
  const [now] = useState(() => new Date().toISOString());
  const [seed] = useState(anySeed);
  const { exercise, level, against, lesson } = nextToPractise(attempts, now);
  const { name, asks } = exerciseOf(exercise);
  const words = lesson?.teaches ?? (against ? MISTAKES[against].learn : asks);
  return (
    <Box component="section" aria-label="Next" sx={{ mb: 4 }}>
      <Sheet>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', justifyContent: 'space-between' }}>
          <div>
            <Box sx={{ fontSize: 20, fontWeight: 700 }}>
              {lesson ? `Next lesson: ${lesson.title}` : `Next: ${name}`}
            </Box>
            <div>
              {against && <strong>{MISTAKES[against].name}. </strong>}
              {localise(words)}
            </div>
          </div>
          <Link
            to={lesson ? lessonTask(lesson) : freeTask(exercise, level, seed)}
            style={{
              display: 'inline-flex',
              alignItems: 'center',
              minHeight: 48,
              padding: '0 22px',
              borderRadius: 8,
              background: 'var(--bottle)',
              color: 'var(--on-bottle)',
              fontWeight: 650,
              textDecoration: 'none',
            }}
          >
            Start
          </Link>
        </Box>
      </Sheet>
    </Box>
  );
}

/** The lessons in the order of the work, with what one got for each. */
function Course({ attempts }: { attempts: readonly Attempt[] }) {
  const localise = useLocalise();
  const lessons = lessonsDone(attempts);
  const done = lessons.filter(({ isDone }) => isDone).length;
  return (
    <Section title="Course" aside={<span>{`${done} of ${lessons.length} lessons done`}</span>}>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 0.5 }}>
        {lessons.map(({ lesson, best, isDone }) => (
          <Box
            component="li"
            key={lesson.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: '28px minmax(0, 1fr) auto',
              alignItems: 'center',
              columnGap: 1,
            }}
          >
            <Box
              component="span"
              role="img"
              aria-label={isDone ? 'Done' : 'Not done yet'}
              sx={{ color: 'var(--ready)', fontWeight: 800 }}
            >
              {isDone ? '✓' : ''}
            </Box>
            <Box sx={{ py: 0.5 }}>
              <Link to={lessonTask(lesson)} style={{ display: 'inline-flex', minHeight: 32, alignItems: 'center' }}>
                {lesson.title}
              </Link>
              <Box sx={{ color: 'var(--ink-soft)' }}>{localise(lesson.teaches)}</Box>
            </Box>
            <span>{best === null ? '' : `${best} of ${FULL_MARKS}`}</span>
          </Box>
        ))}
      </Box>
    </Section>
  );
}

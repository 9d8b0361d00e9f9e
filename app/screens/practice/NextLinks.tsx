import { useState } from 'react';
import { isOfLesson, lessonsDone, levelOf } from '../../../core/practising/progress.ts';
import { useRoute } from '../../device/route.ts';
import { Link } from '../../parts/Link.tsx';
import { anySeed, freeTask, lessonTask, writtenTask, type AskedTask } from '../../parts/practice/practice-task.ts';
import { useAttempts } from './use-attempts.ts';

/** Where to go on after an exercise: the next lesson, the same lesson again, or another task at one’s level. */
export function NextLinks({ asked }: { asked: AskedTask }) {
  const { exercise, source } = asked;
  const route = useRoute();
  const attempts = useAttempts();
  const [seed] = useState(anySeed);
  if (attempts === null) return null;
  const again = { ...route, task: writtenTask({ ...asked, seed }) };
  if (source === 'job') return <Link to={again}>Another from this job</Link>;
  if (source === 'free') {
    return <Link to={freeTask(exercise, levelOf(attempts, exercise), seed)}>Next exercise</Link>;
  }
  const lessons = lessonsDone(attempts);
  const own = lessons.find(({ lesson }) => isOfLesson(asked, lesson));
  if (own && !own.isDone) return <Link to={again}>Try this lesson again</Link>;
  const next = lessons.find(({ isDone }) => !isDone)?.lesson;
  return next ? <Link to={lessonTask(next)}>Next lesson: {next.title}</Link> : <strong>Course finished.</strong>;
}

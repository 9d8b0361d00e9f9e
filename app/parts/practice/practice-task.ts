import { SOURCES, type Attempt } from '../../../core/practising/attempt.ts';
import type { Lesson } from '../../../core/practising/course.ts';
import { EXERCISE_IDS, type ExerciseId } from '../../../core/practising/exercise-ids.ts';
import { LEVELS, type Level } from '../../../core/practising/exercise.ts';
import type { Route } from '../../device/route.ts';

/** Which task of Practice an address asks for. */
export interface AskedTask {
  exercise: ExerciseId;
  level: Level;
  seed: number;
  source: Attempt['source'];
}

/** Seeds are below this, so that an address stays short. */
const SEEDS = 100_000;

/** How a task is written in an address: level and seed, as in `3-4711`, after where it comes from: `course-1-8`. */
export const writtenTask = ({ level, seed, source }: Omit<AskedTask, 'exercise'>): string =>
  [...(source === 'free' ? [] : [source]), level, seed].join('-');

/** A seed that was most likely not there before. */
export const anySeed = (): number => Math.floor(Math.random() * SEEDS);

/** The address of a new task of an exercise. */
export const freeTask = (exercise: ExerciseId, level: Level, seed = anySeed()): Partial<Route> & { stage: string } => ({
  stage: 'practice',
  view: exercise,
  task: writtenTask({ level, seed, source: 'free' }),
});

/** The address of a lesson. */
export const lessonTask = ({ exercise, level, seed }: Lesson): Partial<Route> & { stage: string } => ({
  stage: 'practice',
  view: exercise,
  task: writtenTask({ level, seed, source: 'course' }),
});

/** The address of a task made of a job’s own pieces, of one of them where it is named. */
export const jobTask = (
  exercise: ExerciseId,
  jobId: string,
  pieceId: string | null,
  seed = anySeed(),
): Partial<Route> & { stage: string } => ({
  stage: 'practice',
  view: exercise,
  jobId,
  pieceId,
  task: writtenTask({ level: 1, seed, source: 'job' }),
});

/** The task of a route; null where it names no exercise. Of what can’t be read, level 1 and seed 0 are taken. */
export function taskOfRoute({ view, task }: Pick<Route, 'view' | 'task'>): AskedTask | null {
  const exercise = EXERCISE_IDS.find((id) => id === view);
  if (!exercise) return null;
  const parts = (task ?? '').split('-');
  const source = SOURCES.find((each) => each === parts[0]) ?? 'free';
  const [written, seed = Number.NaN] = (source === 'free' ? parts : parts.slice(1)).map(Number);
  const level = LEVELS.find((each) => each === written) ?? 1;
  return { exercise, level, seed: Number.isInteger(seed) && seed >= 0 && seed < SEEDS ? seed : 0, source };
}

import { EXERCISE_IDS, type ExerciseId } from '../../../core/practising/exercise-ids.ts';
import { LEVELS, type Level } from '../../../core/practising/exercise.ts';
import type { Route } from '../../device/route.ts';

/** Which task of Practice an address asks for. */
export interface AskedTask {
  exercise: ExerciseId;
  level: Level;
  seed: number;
}

/** Seeds are below this, so that an address stays short. */
const SEEDS = 100_000;

/** How a task is written in an address: level and seed, as in `3-4711`. */
export const writtenTask = ({ level, seed }: Pick<AskedTask, 'level' | 'seed'>): string => `${level}-${seed}`;

/** A seed that was most likely not there before. */
export const anySeed = (): number => Math.floor(Math.random() * SEEDS);

/** The task of a route; null where it names no exercise. Of what can’t be read, level 1 and seed 0 are taken. */
export function taskOfRoute({ view, task }: Pick<Route, 'view' | 'task'>): AskedTask | null {
  const exercise = EXERCISE_IDS.find((id) => id === view);
  if (!exercise) return null;
  const [written, seed = Number.NaN] = (task ?? '').split('-').map(Number);
  const level = LEVELS.find((each) => each === written) ?? 1;
  return { exercise, level, seed: Number.isInteger(seed) && seed >= 0 && seed < SEEDS ? seed : 0 };
}

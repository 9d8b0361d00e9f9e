import { freeze } from 'immer';
import type { Job } from '../job/document/schema.ts';
import { seededRandom } from '../units/seeded-random.ts';
import type { Exercise, Level, PracticeSettings } from './exercise.ts';

/** How often lots are drawn until they make a task that is neither trivial nor without a good answer. */
const MAX_DRAWS = 60;

/**
 * The task of a level that a seed makes: always the same. Throws an `Error` when no draw makes a good one, which the
 * tests over many seeds guard against.
 */
export function madeTask<Task, Answer>(
  exercise: Exercise<Task, Answer>,
  level: Level,
  seed: number,
  settings: PracticeSettings,
): Task {
  // One source for all draws: a draw that makes no task leads to the next.
  const random = seededRandom(seed * 8 + level);
  for (let attempt = 0; attempt < MAX_DRAWS; attempt++) {
    const task = exercise.draw(level, random, settings);
    if (task !== null) return freeze(task, true);
  }
  throw new Error(`No draw of seed ${seed} makes a task of ${exercise.name}, level ${level}.`);
}

/** Draws from a job until it is taken to have nothing for an exercise. */
const MAX_JOB_DRAWS = 12;

/**
 * A task from the open job, of a piece where one is named and makes a task by itself; null where the job has nothing for
 * this exercise. `now` is local ISO time.
 */
export function taskFromJob<Task, Answer>(
  exercise: Exercise<Task, Answer>,
  job: Job,
  now: string,
  seed: number,
  pieceId: string | null = null,
): Task | null {
  const random = seededRandom(seed);
  const own = job.pieces.filter(({ id }) => id === pieceId);
  const jobs = own.length > 0 ? [{ ...job, pieces: own }, job] : [job];
  for (const from of jobs) {
    for (let attempt = 0; attempt < MAX_JOB_DRAWS; attempt++) {
      const task = exercise.drawFrom(from, now, random);
      if (task !== null) return freeze(task, true);
    }
  }
  return null;
}

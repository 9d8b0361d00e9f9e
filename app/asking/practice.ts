import type { Job } from '../../core/job/document/schema.ts';
import type { ExerciseId } from '../../core/practising/exercise-ids.ts';
import type { Judgement, Level, PracticeSettings } from '../../core/practising/exercise.ts';
import { KeptWorkers } from './kept-workers.ts';
import type { PendingQuery } from './pending-query.ts';
import type { Practice } from './practice.worker.ts';

const workers = new KeptWorkers<Practice>(
  () => new Worker(new URL('./practice.worker.ts', import.meta.url), { type: 'module', name: 'practice' }),
);

/** Makes the task of a level that a seed makes. */
export const startTask = (
  exercise: ExerciseId,
  level: Level,
  seed: number,
  settings: PracticeSettings,
): PendingQuery<unknown> => workers.ask<unknown>((worker) => worker.made(exercise, level, seed, settings));

/** Makes a task from a job, of a piece where one is named and has it; null where the job has nothing for the exercise. */
export const startTaskFromJob = (
  exercise: ExerciseId,
  job: Job,
  now: string,
  seed: number,
  pieceId: string | null,
): PendingQuery<unknown> => workers.ask<unknown>((worker) => worker.fromJob(exercise, job, now, seed, pieceId));

/** Judges an answer. */
export const startJudging = (exercise: ExerciseId, task: unknown, answer: unknown): PendingQuery<Judgement> =>
  workers.ask((worker) => worker.judge(exercise, task, answer));

import { expose } from 'comlink';
import type { Job } from '../../core/job/document/schema.ts';
import type { ExerciseId } from '../../core/practising/exercise-ids.ts';
import type { Judgement, Level, PracticeSettings } from '../../core/practising/exercise.ts';
import { madeTask, taskFromJob } from '../../core/practising/making.ts';
import { exerciseOf } from '../../core/practising/registry.ts';

/** What was made last, for the answer to it. */
let latest: { exercise: ExerciseId; task: unknown } | null = null;

function kept(exercise: ExerciseId, task: unknown): unknown {
  latest = { exercise, task };
  return task;
}

/** Exercises made and judged, behind their door. */
export const practice = {
  made: (exercise: ExerciseId, level: Level, seed: number, settings: PracticeSettings): unknown =>
    kept(exercise, madeTask(exerciseOf(exercise), level, seed, settings)),

  fromJob: (exercise: ExerciseId, job: Job, now: string, seed: number, pieceId: string | null): unknown =>
    kept(exercise, taskFromJob(exerciseOf(exercise), job, now, seed, pieceId)),

  judged(answer: unknown): Judgement {
    if (latest === null) throw new Error('Nothing was asked yet');
    return exerciseOf(latest.exercise).judge(latest.task, answer);
  },
};

export type Practice = typeof practice;

expose(practice);

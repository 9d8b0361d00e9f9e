import { expose } from 'comlink';
import { freeze } from 'immer';
import type { Job } from '../../core/job/document/schema.ts';
import type { ExerciseId } from '../../core/practising/exercise-ids.ts';
import type { Judgement, Level, PracticeSettings } from '../../core/practising/exercise.ts';
import { madeTask, taskFromJob } from '../../core/practising/making.ts';
import { exerciseOf } from '../../core/practising/registry.ts';

/** Exercises made and judged, behind their door. */
export const practice = {
  made: (exercise: ExerciseId, level: Level, seed: number, settings: PracticeSettings): unknown =>
    madeTask(exerciseOf(exercise), level, seed, settings),

  fromJob: (exercise: ExerciseId, job: Job, now: string, seed: number, pieceId: string | null): unknown =>
    taskFromJob(exerciseOf(exercise), job, now, seed, pieceId),

  judge: (exercise: ExerciseId, task: unknown, answer: unknown): Judgement =>
    exerciseOf(exercise).judge(freeze(task, true), answer),
};

export type Practice = typeof practice;

expose(practice);

import { expose } from 'comlink';
import { freeze } from 'immer';
import type { ExerciseId } from '../../core/practising/exercise-ids.ts';
import type { Judgement, Level, PracticeSettings } from '../../core/practising/exercise.ts';
import { madeTask } from '../../core/practising/making.ts';
import { exerciseOf } from '../../core/practising/registry.ts';

/** Exercises made and judged, behind their door. */
export const practice = {
  made: (exercise: ExerciseId, level: Level, seed: number, settings: PracticeSettings): unknown =>
    madeTask(exerciseOf(exercise), level, seed, settings),

  judge: (exercise: ExerciseId, task: unknown, answer: unknown): Judgement =>
    exerciseOf(exercise).judge(freeze(task, true), answer),
};

export type Practice = typeof practice;

expose(practice);

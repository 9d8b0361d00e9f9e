import type { ExerciseId } from './exercise-ids.ts';
import type { Exercise } from './exercise.ts';
import { COATS } from './exercises/coats.ts';
import { DAY } from './exercises/day.ts';
import { ESTIMATE } from './exercises/estimate.ts';
import { ORDER } from './exercises/order.ts';
import { TOUCH } from './exercises/touch.ts';
import { WRONG } from './exercises/wrong.ts';

/** Every exercise, in the order of the work. To add one is to add an entry here and its id. */
export const EXERCISES = {
  coats: COATS,
  estimate: ESTIMATE,
  order: ORDER,
  day: DAY,
  touch: TOUCH,
  wrong: WRONG,
} as const satisfies Record<ExerciseId, Exercise>;

/** The task and the answer of an exercise. */
export type TaskOf<K extends ExerciseId> = Parameters<(typeof EXERCISES)[K]['judge']>[0];
export type AnswerOf<K extends ExerciseId> = Parameters<(typeof EXERCISES)[K]['judge']>[1];

/** The exercise with such an id, whatever its task. */
export const exerciseOf = (id: ExerciseId): Exercise => EXERCISES[id];

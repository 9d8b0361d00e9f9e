/** Every exercise’s id, in the order of the work: what is kept of attempts needs no more. */
export const EXERCISE_IDS = ['coats', 'estimate', 'order', 'day', 'touch', 'wrong'] as const;
export type ExerciseId = (typeof EXERCISE_IDS)[number];

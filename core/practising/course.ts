import type { ExerciseId } from './exercise-ids.ts';
import type { Level } from './exercise.ts';

/** One lesson of the course: an exercise that is the same for everyone, until it is tried again. */
export interface Lesson {
  id: string;
  title: string;
  /** What one knows after it. */
  teaches: string;
  exercise: ExerciseId;
  level: Level;
  seed: number;
}

/** The course for a first-timer, in the order of the work. */
export const COURSE: readonly Lesson[] = [
  {
    id: 'before-the-brush',
    title: 'Before the brush',
    teaches: 'Test first, then choose coats that hold.',
    exercise: 'coats',
    level: 1,
    seed: 3,
  },
  {
    id: 'enough-paint',
    title: 'Enough paint',
    teaches: 'Both sides, every coat, and what stays in the roller.',
    exercise: 'estimate',
    level: 1,
    seed: 2,
  },
  {
    id: 'a-flat-door',
    title: 'A flat door',
    teaches: 'Edges first, then block beside block.',
    exercise: 'order',
    level: 1,
    seed: 8,
  },
  {
    id: 'rails-and-panels',
    title: 'Panels and rails',
    teaches: 'Finish what meets before you go on.',
    exercise: 'order',
    level: 3,
    seed: 9,
  },
  {
    id: 'hands-off',
    title: 'Hands off',
    teaches: 'Go by this air, not by the tin.',
    exercise: 'touch',
    level: 1,
    seed: 1,
  },
  {
    id: 'one-rack',
    title: 'One rack',
    teaches: 'Batches that fit the rack, with few set-ups.',
    exercise: 'day',
    level: 1,
    seed: 0,
  },
  {
    id: 'a-cold-night',
    title: 'A cold night',
    teaches: 'The hours that a night takes away.',
    exercise: 'touch',
    level: 3,
    seed: 2,
  },
  {
    id: 'raking-light',
    title: 'Raking light',
    teaches: 'Find the cause in the log, then wait to fix it.',
    exercise: 'wrong',
    level: 1,
    seed: 4,
  },
];

/** Marks from which a lesson counts as done. */
export const PASSED = 70;

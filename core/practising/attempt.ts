import { z } from 'zod';
import { EXERCISE_IDS } from './exercise-ids.ts';
import { ESTIMATE_IDS } from './estimates.ts';
import { FULL_MARKS, LEVELS, type Judgement } from './exercise.ts';
import { MISTAKE_IDS, type MistakeId } from './mistakes.ts';

/** Where a task came from. */
export const SOURCES = ['course', 'free', 'job'] as const;

/** One exercise done: what was asked, and what was right of it. */
export const attemptSchema = z.lazy(() =>
  z.object({
    id: z.string().min(1).max(60),
    /** ISO with offset or Z. */
    at: z.iso.datetime({ offset: true }),
    exercise: z.enum(EXERCISE_IDS),
    level: z.literal(LEVELS),
    /** What made the task again, but for one from a job. */
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 31),
    source: z.enum(SOURCES),
    score: z.number().min(0).max(FULL_MARKS),
    isSafe: z.boolean(),
    /** Of each kind of mistake that was judged, whether it was avoided. */
    avoided: z.partialRecord(z.enum(MISTAKE_IDS), z.boolean()),
    estimates: z
      .array(
        z.object({
          id: z.enum(ESTIMATE_IDS),
          said: z.number().min(0).max(1e6),
          right: z.number().min(0).max(1e6),
        }),
      )
      .max(12),
  }),
);
export type Attempt = z.infer<typeof attemptSchema>;

/** What of a judgement is kept. */
export function keptOf({
  score,
  dangers,
  points,
  estimates,
}: Judgement): Pick<Attempt, 'score' | 'isSafe' | 'avoided' | 'estimates'> {
  const avoided: Partial<Record<MistakeId, boolean>> = {};
  for (const { mistake, isRight } of points) avoided[mistake] = (avoided[mistake] ?? true) && isRight;
  return { score, isSafe: dangers.length === 0, avoided, estimates: [...(estimates ?? [])] };
}

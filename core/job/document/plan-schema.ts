import { z } from 'zod';
import { localTime, stepId as id } from './plain-fields.ts';

const tick = z.lazy(() => z.number().int().nonnegative());

/** One task of an accepted plan, in ticks from the plan's start. */
export const plannedTaskSchema = z.lazy(() =>
  z.object({
    id,
    start: tick,
    end: tick,
    painters: z.array(id).max(12),
    late: z.boolean(),
  }),
);

const plannedSetupSchema = z.lazy(() => z.object({ key: id, painter: id, start: tick, end: tick }));

/** Characters. */
export const MAX_REASON = 300;
export const MAX_BECAUSE = 600;

/** The plan that the painter accepted: kept as it was, since a later computation could differ. */
export const acceptedPlanSchema = z.lazy(() =>
  z.object({
    /** What the plan was made from; another fingerprint now means that the job has changed since. */
    fingerprint: z.string().max(80),
    /** Local time of tick 0 in the site's time zone. */
    t0: localTime,
    tickMinutes: z.number().positive().max(60),
    /** When it was made on the job's clock, and why: accepted by hand, or replanned after a stamp. */
    madeAt: localTime,
    reason: z.string().max(MAX_REASON),
    status: z.enum(['optimal', 'feasible']),
    tasks: z.array(plannedTaskSchema).max(20_000),
    setups: z.array(plannedSetupSchema).max(20_000),
    finish: tick,
    lowerBound: tick,
    /** Why no plan can finish before that, as the second half of a sentence; empty where nobody has said. */
    because: z.string().max(MAX_BECAUSE),
  }),
);
export type AcceptedPlan = z.infer<typeof acceptedPlanSchema>;

/** The plan that a job is measured against: the first one that was accepted, in short. */
export const baselineSchema = z.lazy(() =>
  z.object({
    t0: localTime,
    madeAt: localTime,
    finish: tick,
    tasks: z.array(z.object({ id, start: tick, end: tick })).max(20_000),
  }),
);
export type Baseline = z.infer<typeof baselineSchema>;

/** What of a plan a job is measured against: its tasks that take hands, in minutes. */
export function baselineOf({ t0, madeAt, finish, tasks, tickMinutes }: AcceptedPlan): Baseline {
  const minutes = (ticks: number): number => Math.round(ticks * tickMinutes);
  return {
    t0,
    madeAt,
    finish: minutes(finish),
    tasks: tasks
      .filter(({ painters }) => painters.length > 0)
      .map(({ id: taskId, start, end }) => ({ id: taskId, start: minutes(start), end: minutes(end) })),
  };
}

/** A task that the painter wants then and by those hands, whatever else is planned anew. */
export const pinSchema = z.lazy(() =>
  z.object({
    taskId: id,
    /** Local time at which it starts. */
    start: localTime,
    painters: z.array(id).min(1).max(12),
  }),
);
export type Pin = z.infer<typeof pinSchema>;

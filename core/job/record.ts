import { z } from 'zod';

const tick = z.number().int().nonnegative();
const id = z.string().min(1).max(200);

/** One task of an accepted plan, in ticks from the plan's start. */
export const plannedTaskSchema = z.object({
  id,
  start: tick,
  end: tick,
  painters: z.array(id).max(12),
  late: z.boolean(),
});

const plannedSetupSchema = z.object({ key: id, painter: id, start: tick, end: tick });

/** Characters. */
export const LONGEST_REASON = 300;
export const LONGEST_BECAUSE = 600;

/** The plan that the painter accepted: kept as it was, since a later computation could differ. */
export const acceptedPlanSchema = z.object({
  /** What the plan was made from; another fingerprint now means that the job has changed since. */
  fingerprint: z.string().max(80),
  /** Local time of tick 0 in the site's time zone. */
  t0: z.iso.datetime({ local: true }),
  tickMinutes: z.number().positive().max(60),
  /** When it was made on the job's clock, and why: accepted by hand, or replanned after a stamp. */
  madeAt: z.iso.datetime({ local: true }),
  reason: z.string().max(LONGEST_REASON),
  status: z.enum(['optimal', 'feasible']),
  tasks: z.array(plannedTaskSchema).max(20_000),
  setups: z.array(plannedSetupSchema).max(20_000),
  finish: tick,
  lowerBound: tick,
  /** Why no plan can finish before that, as the second half of a sentence; empty where nobody has said. */
  because: z.string().max(LONGEST_BECAUSE),
});
export type AcceptedPlan = z.infer<typeof acceptedPlanSchema>;

/** A task that the painter wants then and by those hands, whatever else is planned anew. */
export const pinSchema = z.object({
  taskId: id,
  /** Local time at which it starts. */
  start: z.iso.datetime({ local: true }),
  painters: z.array(id).min(1).max(12),
});
export type Pin = z.infer<typeof pinSchema>;

export const LOG_EVENTS = ['started', 'done', 'tacky'] as const;

/** One stamp: what happened to which task, at what local time, by whom. */
export const logEntrySchema = z.object({
  id: z.string().min(1).max(60),
  at: z.iso.datetime({ local: true }),
  taskId: id,
  event: z.enum(LOG_EVENTS),
  by: z.string().max(60).nullable(),
  /** For work that was stamped done without a start: the minutes it took as planned. */
  minutes: z.number().nonnegative().max(10_000).nullable(),
});
export type LogEntry = z.infer<typeof logEntrySchema>;

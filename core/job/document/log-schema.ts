import { z } from 'zod';
import { localTime, stepId as id } from './plain-fields.ts';

/**
 * What a stamp says: begun, done, begun and left when so much of it was done, its coat found tacky, or that an earlier
 * stamp does not count.
 */
export const LOG_EVENTS = ['started', 'done', 'partly', 'tacky', 'withdrawn'] as const;

/** One stamp: what happened to which task, at what local time, by whom. What nobody said is left out. */
export const logEntrySchema = z.lazy(() =>
  z.object({
    id: z.string().min(1).max(60),
    at: localTime,
    taskId: id,
    event: z.enum(LOG_EVENTS),
    by: z.string().max(60).nullable(),
    /** Minutes that it took: from its start where that was stamped, otherwise as planned. */
    minutes: z.number().nonnegative().max(10_000).nullable(),
    /** Whether those minutes were measured. */
    isMeasured: z.boolean().optional(),
    /** For work that was left: the share of it that is done. */
    share: z.number().min(0).max(1).optional(),
    /** °C and % where it was done, as the job had them at that moment. */
    air: z.object({ temperature: z.number().min(-40).max(90), humidity: z.number().min(0).max(100) }).optional(),
    /** The tin that the coat came from. */
    tinId: z.string().max(60).optional(),
    /** The device on which it was stamped, where several are used. */
    device: z.string().max(40).optional(),
    /** The earlier stamp that this one corrects or withdraws. */
    replaces: z.string().max(60).optional(),
  }),
);
export type LogEntry = z.infer<typeof logEntrySchema>;

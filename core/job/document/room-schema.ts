import { z } from 'zod';
import { id, localTime, name } from './plain-fields.ts';

/** Work on a room rather than on a piece: what is moved and sheeted before, and put back after. */
export const roomTaskSchema = z.lazy(() =>
  z.object({
    id,
    words: z.string().trim().min(1, 'Type the task.').max(120, 'Keep it under 120 characters.'),
    when: z.enum(['before', 'after']),
    /** At a professional's pace. */
    minutes: z.number().int().min(1, 'At least 1 min.').max(600, 'At most 10 h. Split it into shorter tasks.'),
    people: z.number().int().min(1).max(2),
    /** When it was done, local; null while it is open. */
    doneAt: localTime.nullable(),
  }),
);
export type RoomTask = z.infer<typeof roomTaskSchema>;

export const roomSchema = z.lazy(() =>
  z.object({
    id,
    name,
    climateId: id,
    /** Most doors that may be off at once; null for no limit. */
    maxOff: z.number().int().min(1).max(99).nullable(),
    /** Zones of it that may be in work at once; null for all of them. */
    zonesAtOnce: z.number().int().min(1).max(99).nullable(),
    /** Where its outside faces look: degrees clockwise from north; null while nobody has said. */
    bearing: z
      .number()
      .min(0, 'Must be 0 to 359° (north 0, east 90, south 180, west 270).')
      .max(359.99, 'Must be 0 to 359° (north 0, east 90, south 180, west 270).')
      .nullable(),
    tasks: z.array(roomTaskSchema).max(40),
  }),
);
export type Room = z.infer<typeof roomSchema>;

export const placeSchema = z.lazy(() =>
  z.object({
    id,
    name,
    kind: z.enum(['bench', 'rack']),
    slots: z.number().int().min(1, 'At least 1 space.').max(200, 'At most 200 spaces.'),
    climateId: id,
  }),
);
export type Place = z.infer<typeof placeSchema>;

import { z } from 'zod';
import { id, name } from './plain-fields.ts';

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;
export type Weekday = (typeof WEEKDAYS)[number];

const clockTime = z.lazy(() => z.string().regex(/^([01]\d|2[0-4]):[0-5]\d$/, 'Type the time like 08:00.'));
const workingHours = z.lazy(() =>
  z
    .array(z.object({ from: clockTime, until: clockTime }))
    .max(4)
    .refine((spans) => spans.every((span) => span.from < span.until), 'End must be after start.')
    .refine(
      (spans) => spans.every((span, index) => index === 0 || (spans[index - 1]?.until ?? '') <= span.from),
      'Shifts on one day can’t overlap.',
    ),
);
export const weekSchema = z.lazy(() =>
  z.object(Object.fromEntries(WEEKDAYS.map((day) => [day, workingHours])) as Record<Weekday, typeof workingHours>),
);
export type Week = z.infer<typeof weekSchema>;

export const SKILLS = ['first-timer', 'steady', 'professional'] as const;
export const painterSchema = z.lazy(() =>
  z
    .object({
      id,
      name,
      skill: z.enum(SKILLS),
      week: weekSchema,
      /** Dates on which they do not come, whatever the weekday. */
      daysOff: z.array(z.iso.date('Type the day off as a date.')).max(400, 'At most 400 days off.').default([]),
      /** First and last day with this crew; null for all along. */
      from: z.iso.date().nullable().default(null),
      until: z.iso.date().nullable().default(null),
    })
    .refine(({ from, until }) => from === null || until === null || from <= until, 'Last day must be after the first.'),
);
export type Painter = z.infer<typeof painterSchema>;

/** What paces are kept for: each of them is one kind of work with one tool. */
export const PACE_KEYS = [
  'hardware',
  'mask',
  'wash',
  'abrade',
  'fill',
  'denib',
  'brush',
  'roller',
  'spray',
  'rehang',
] as const;
export type PaceKey = (typeof PACE_KEYS)[number];

/** What a pace is called. */
export const PACE_NAMES: Readonly<Record<PaceKey, string>> = {
  hardware: 'Hardware off and on',
  mask: 'Masking',
  wash: 'Washing and deglossing',
  abrade: 'Sanding',
  fill: 'Filling, moulding, drilling',
  denib: 'Denibbing and making good',
  brush: 'Coats by brush',
  roller: 'Coats by roller',
  spray: 'Coats by spray',
  rehang: 'Hanging',
};
export const paceFactor = z.lazy(() =>
  z
    .number()
    .min(0.2, 'At most 5 times standard pace. Check the log.')
    .max(5, 'At least a fifth of standard pace. Check the log.'),
);

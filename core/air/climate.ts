import { z } from 'zod';

/** The air of one hour: °C and % relative humidity. */
export interface Air {
  temperature: number;
  humidity: number;
}

export const VENTILATIONS = ['still', 'normal', 'fan'] as const;
export type Ventilation = (typeof VENTILATIONS)[number];

export const WHEREABOUTS = ['indoors', 'outdoors'] as const;

/** Between what air can be, °C. */
export const AIR_TEMPERATURES = [-30, 60] as const;
const temperature = z.lazy(() => z.number().min(AIR_TEMPERATURES[0]).max(AIR_TEMPERATURES[1]));
const humidity = z.lazy(() => z.number().min(1).max(100));
const hourOfDay = z.lazy(() => z.number().int().min(0).max(23));

/** How one day runs between its warmest hour (15:00) and its coldest (05:00). */
const daySwingSchema = z.lazy(() =>
  z
    .object({
      warmest: temperature,
      coldest: temperature,
      humidityAtWarmest: humidity,
      humidityAtColdest: humidity,
    })
    .refine((day) => day.coldest <= day.warmest, {
      message: 'The coldest hour can’t be warmer than the warmest one.',
      path: ['coldest'],
    }),
);
export type DaySwing = z.infer<typeof daySwingSchema>;

/** An hour that was measured or forecast; wind, cloud and rain are null where nobody says. */
export const statedHourSchema = z.lazy(() =>
  z.object({
    /** The hour on the clock of the place: `2027-03-01T05:00`. */
    at: z.string().regex(/^\d{4}-\d\d-\d\dT([01]\d|2[0-3]):00$/, 'Type the hour like 2027-03-01T05:00.'),
    temperature,
    humidity,
    /** m/s. */
    wind: z.number().min(0).max(60).nullable(),
    /** Share of the sky that is covered, 0 to 1. */
    cloud: z.number().min(0).max(1).nullable(),
    /** mm in this hour. */
    rain: z.number().min(0).max(200).nullable(),
  }),
);
export type StatedHour = z.infer<typeof statedHourSchema>;

/** Where stated hours came from. */
export const HOUR_SOURCES = { service: 'weather service', file: 'file', typed: 'typed' } as const;
export type HourSource = keyof typeof HOUR_SOURCES;

/** What was taken in lately is told; what was taken in long ago is not. */
export const MAX_TAKEN = 40;

/** A year of hours, and a little. */
export const MAX_HOURS = 9000;

export const MAX_SPANS = 4;

/** Heating to a set-point between two hours of the clock, over midnight if need be; round the clock if they are the same. */
const heatedSpanSchema = z.lazy(() => z.object({ setPoint: temperature, from: hourOfDay, until: hourOfDay }));
export type HeatedSpan = z.infer<typeof heatedSpanSchema>;

export const heatingSchema = z.lazy(() =>
  z.object({
    spans: z.array(heatedSpanSchema).min(1, 'Add at least one heating period.').max(MAX_SPANS),
    /** K that it gains in an hour at most. */
    warmUp: z.number().min(0.2).max(60),
    /** Hours in which two thirds of the warmth are gone when the heating is off; 0 when it is gone at once. */
    holds: z.number().min(0).max(72),
    /** Since when it runs, local; null while somebody has still to switch it on. */
    onSince: z.iso.datetime({ local: true, offset: true }).nullable(),
  }),
);
export type Heating = z.infer<typeof heatingSchema>;

/** The climate of a room, a workshop or the open air. */
export const climateSchema = z.lazy(() =>
  z.object({
    // A bar stands between the parts of the ids of faces in the open (exposed-face.ts).
    id: z.string().regex(/^[^|]{1,40}$/, 'An id has 1 to 40 characters and no “|”.'),
    name: z.string().trim().min(1, 'Give it a name.').max(80, 'Keep the name under 80 characters.'),
    whereabouts: z.enum(WHEREABOUTS),
    ventilation: z.enum(VENTILATIONS),
    usual: daySwingSchema,
    /** Nights and days that differ from the usual one, by the date on which their coldest hour falls. */
    exceptions: z.array(z.object({ date: z.iso.date(), swing: daySwingSchema })).max(120),
    /** An unheated place that follows the open air: hours that its walls delay, and K by which it is warmer. */
    shelter: z.object({ lag: z.number().min(0).max(72), warmer: z.number().min(-5).max(15) }).nullable(),
    heating: heatingSchema.nullable(),
    /** Hours that are known better than by the usual day, in the order of time, and where they came from. */
    stated: z.object({
      hours: z.array(statedHourSchema).max(MAX_HOURS, 'At most a year of hours.'),
      taken: z
        .array(
          z.object({
            source: z.enum(Object.keys(HOUR_SOURCES) as [HourSource, ...HourSource[]]),
            name: z.string().max(120),
            at: z.iso.datetime({ local: true, offset: true }),
            hours: z.number().int().min(1).max(MAX_HOURS),
          }),
        )
        .max(MAX_TAKEN),
    }),
  }),
);
export type Climate = z.infer<typeof climateSchema>;

/** What a climate starts from beside its name and its usual day. */
export const PLAIN_CLIMATE = {
  whereabouts: 'indoors',
  ventilation: 'normal',
  exceptions: [],
  shelter: null,
  heating: null,
  stated: { hours: [], taken: [] },
} satisfies Partial<Climate>;

/** Heating as it usually is, but for its set-point and hours: an electric heater in a closed workshop. */
export const USUAL_WARMING = { warmUp: 3, holds: 3, onSince: null } as const;

const COLDEST_HOUR = 5;
const WARMEST_HOUR = 15;

/** 0 at the coldest hour, 1 at the warmest, along two half cosines. */
function warmth(hour: number): number {
  const rising = hour >= COLDEST_HOUR && hour <= WARMEST_HOUR;
  const sinceColdest = (hour - COLDEST_HOUR + 24) % 24;
  const phase = rising
    ? sinceColdest / (WARMEST_HOUR - COLDEST_HOUR)
    : 1 + (sinceColdest - (WARMEST_HOUR - COLDEST_HOUR)) / (24 - (WARMEST_HOUR - COLDEST_HOUR));
  return (1 - Math.cos(Math.PI * phase)) / 2;
}

/** The warmest set-point in a clock hour, 0 to 23, in °C; `-Infinity` when no heating is on. */
export function setPointAt({ spans }: Pick<Heating, 'spans'>, hour: number): number {
  return spans.reduce((most, span) => (isOn(span, hour) ? Math.max(most, span.setPoint) : most), -Infinity);
}

function isOn({ from, until }: HeatedSpan, hour: number): boolean {
  if (from === until) return true;
  return from < until ? hour >= from && hour < until : hour >= from || hour < until;
}

/** What a climate says of its days, with the swing of every date looked up once. */
export class Swings {
  readonly #usual: DaySwing;
  readonly #byDate: ReadonlyMap<string, DaySwing>;

  constructor({ usual, exceptions }: Pick<Climate, 'usual' | 'exceptions'>) {
    this.#usual = usual;
    this.#byDate = new Map(exceptions.map(({ date, swing }) => [date, swing]));
  }

  /**
   * The air in the clock hour `hour` (0–23) of the local `date` (ISO, `2027-03-02`), before any heating. An evening
   * after the warmest hour cools towards the next date's coldest, so a cold night starts the evening before.
   */
  airAt(date: string, nextDate: string, hour: number): Air {
    const today = this.#byDate.get(date) ?? this.#usual;
    const cold = hour > WARMEST_HOUR ? (this.#byDate.get(nextDate) ?? this.#usual) : today;
    const share = warmth(hour);
    return {
      temperature: cold.coldest + (today.warmest - cold.coldest) * share,
      humidity: cold.humidityAtColdest + (today.humidityAtWarmest - cold.humidityAtColdest) * share,
    };
  }
}

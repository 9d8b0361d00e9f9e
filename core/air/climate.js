import { z } from 'zod';
import { heatedHumidity } from './humidity.ts';
export const VENTILATIONS = ['still', 'normal', 'fan'];
const temperature = z.number().min(-20).max(50);
const humidity = z.number().min(5).max(100);
/** How one day runs between its warmest hour (15:00) and its coldest (05:00). */
export const daySwingSchema = z
  .object({
    warmest: temperature,
    coldest: temperature,
    humidityAtWarmest: humidity,
    humidityAtColdest: humidity,
  })
  .refine((day) => day.coldest <= day.warmest, {
    message: 'The coldest hour can’t be warmer than the warmest one.',
    path: ['coldest'],
  });
/** The climate of a room or workshop: a usual day, days that differ, heating, and how the air moves. */
export const climateSchema = z.object({
  id: z.string().min(1).max(40),
  name: z.string().min(1).max(80),
  ventilation: z.enum(VENTILATIONS),
  usual: daySwingSchema,
  /** Nights and days that differ from the usual one, by the date on which their coldest hour falls. */
  exceptions: z.array(z.object({ date: z.iso.date(), swing: daySwingSchema })).max(120),
  /** Heating to a set-point between two hours of the clock; may run over midnight. */
  heating: z
    .object({ setPoint: temperature, from: z.number().int().min(0).max(23), until: z.number().int().min(0).max(23) })
    .nullable(),
});
const COLDEST_HOUR = 5;
const WARMEST_HOUR = 15;
/** 0 at the coldest hour, 1 at the warmest, along two half cosines. */
function warmth(hour) {
  const rising = hour >= COLDEST_HOUR && hour <= WARMEST_HOUR;
  const sinceColdest = (hour - COLDEST_HOUR + 24) % 24;
  const phase = rising
    ? sinceColdest / (WARMEST_HOUR - COLDEST_HOUR)
    : 1 + (sinceColdest - (WARMEST_HOUR - COLDEST_HOUR)) / (24 - (WARMEST_HOUR - COLDEST_HOUR));
  return (1 - Math.cos(Math.PI * phase)) / 2;
}
function isHeated(heating, hour) {
  return heating.from <= heating.until
    ? hour >= heating.from && hour < heating.until
    : hour >= heating.from || hour < heating.until;
}
/**
 * The air of a climate in the clock hour `hour` (0–23) of the local `date` (ISO, `2027-03-02`).
 * An evening after the warmest hour cools towards the next date's coldest, so a cold night starts the evening before.
 * A heated hour keeps its vapour pressure and loses relative humidity (see {@link heatedHumidity}).
 */
export function airAt(climate, date, nextDate, hour) {
  const swingOf = (day) => climate.exceptions.find((exception) => exception.date === day)?.swing ?? climate.usual;
  const today = swingOf(date);
  const evening = hour > WARMEST_HOUR;
  const cold = evening ? swingOf(nextDate) : today;
  const share = warmth(hour);
  const air = {
    temperature: cold.coldest + (today.warmest - cold.coldest) * share,
    humidity: cold.humidityAtColdest + (today.humidityAtWarmest - cold.humidityAtColdest) * share,
  };
  const { heating } = climate;
  if (heating === null || !isHeated(heating, hour) || air.temperature >= heating.setPoint) return air;
  return {
    temperature: heating.setPoint,
    humidity: heatedHumidity(air.temperature, air.humidity, heating.setPoint),
  };
}

import { DateTime } from 'luxon';
import { airAt, type Air, type Climate } from './climate.ts';

/**
 * The air of each elapsed hour from `start` (local ISO time, on an hour) in `timeZone`, `hours` of them.
 * Elapsed, not clock, hours: on the night when clocks change, an hour of the clock is met twice or left out.
 */
export function hourlyAir(climate: Climate, start: string, timeZone: string, hours: number): Air[] {
  const first = DateTime.fromISO(start, { zone: timeZone });
  const nextDates = new Map<string, string>();
  return Array.from({ length: hours }, (_unused, index) => {
    const local = first.plus({ hours: index });
    const date = local.toISODate() ?? '';
    let next = nextDates.get(date);
    if (next === undefined) {
      next = local.plus({ days: 1 }).toISODate() ?? '';
      nextDates.set(date, next);
    }
    return airAt(climate, date, next, local.hour);
  });
}

import { DateTime } from 'luxon';
import { airAt, type Air, type Climate } from './climate.ts';

/** What the clock on the wall says in an elapsed hour. */
export interface LocalHour {
  date: string;
  nextDate: string;
  hour: number;
}

/**
 * The clock hours of `days` local days from `date`, one entry per elapsed hour. On the night when clocks change, an
 * hour of the clock is met twice or left out, and the day has 25 or 23.
 */
export function localHours(date: string, timeZone: string, days: number): LocalHour[] {
  const first = DateTime.fromISO(date, { zone: timeZone }).startOf('day');
  const hours: LocalHour[] = [];
  for (let day = 0; day < days; day++) {
    const start = first.plus({ days: day });
    const next = start.plus({ days: 1 });
    const names = { date: start.toISODate() ?? '', nextDate: next.toISODate() ?? '' };
    const length = Math.round(next.diff(start, 'hours').hours);
    for (let index = 0; index < length; index++) {
      hours.push({ ...names, hour: length === 24 ? index : start.plus({ hours: index }).hour });
    }
  }
  return hours;
}

/** The air of a climate in each of these hours. */
export function hourlyAir(climate: Climate, hours: readonly LocalHour[]): Air[] {
  return hours.map(({ date, nextDate, hour }) => airAt(climate, date, nextDate, hour));
}

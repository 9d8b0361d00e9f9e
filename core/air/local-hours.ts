import type { LocalDay } from '../units/local-day.ts';

/** What the clock on the wall says in an elapsed hour. */
export interface LocalHour {
  date: string;
  nextDate: string;
  hour: number;
}

/**
 * The clock hours of days in a row, one entry per elapsed hour. On the night when clocks change, an hour of the clock
 * is met twice or left out. The day after the last is taken to have its date.
 */
export function localHours(days: readonly LocalDay[]): LocalHour[] {
  return days.flatMap((day, index) => {
    const { date } = day;
    const nextDate = days[index + 1]?.date ?? date;
    return Array.from({ length: Math.round(day.minutes / 60) }, (_unused, elapsed) => ({
      date,
      nextDate,
      hour: day.clockHour(elapsed),
    }));
  });
}

/** The hour as stated hours are named: `2027-03-01T05:00`. */
export const hourKey = ({ date, hour }: LocalHour): string => `${date}T${hour < 10 ? '0' : ''}${hour}:00`;

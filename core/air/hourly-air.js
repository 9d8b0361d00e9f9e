import { airAt } from './climate.ts';
/**
 * The clock hours of days in a row, one entry per elapsed hour. On the night when clocks change, an hour of the clock
 * is met twice or left out. The day after the last is taken to have its date.
 */
export function localHours(days) {
  return days.flatMap((day, index) => {
    const names = { date: day.date, nextDate: days[index + 1]?.date ?? day.date };
    return Array.from({ length: Math.round(day.minutes / 60) }, (_unused, elapsed) => ({
      ...names,
      hour: day.clockHour(elapsed),
    }));
  });
}
/** The air of a climate in each of these hours. */
export function hourlyAir(climate, hours) {
  return hours.map(({ date, nextDate, hour }) => airAt(climate, date, nextDate, hour));
}

import { WEEKDAYS, type Painter } from '../job/schema.ts';
import type { LocalDay } from '../units/local-day.ts';

/** Whether a painter is with the crew on a date, and not off. */
export const comesOn = ({ daysOff, from, until }: Painter, date: string): boolean =>
  (from === null || date >= from) && (until === null || date <= until) && !daysOff.includes(date);

/** A painter's shifts on days in a row, as minutes from the first midnight. */
export function shiftsOf(painter: Painter, days: readonly LocalDay[]): [number, number][] {
  return days.flatMap((day) => {
    if (!comesOn(painter, day.date)) return [];
    const at = (time: string): number => {
      const [hour = 0, minute = 0] = time.split(':').map(Number);
      return day.at(hour, minute);
    };
    return painter.week[WEEKDAYS[day.weekday - 1] ?? 'mon']
      .map(({ from, until }): [number, number] => [at(from), at(until)])
      .filter(([from, until]) => from < until);
  });
}

/** What is left of shifts from `now` on. */
export function shiftsFrom(shifts: [number, number][], now: number): [number, number][] {
  return shifts.flatMap(([from, until]): [number, number][] => (until > now ? [[Math.max(from, now), until]] : []));
}

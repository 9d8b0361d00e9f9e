import { WEEKDAYS } from '../job/schema.ts';
/** A painter's shifts on days in a row, as minutes from the first midnight. */
export function shiftsOf(painter, days) {
  return days.flatMap((day) => {
    const at = (time) => {
      const [hour = 0, minute = 0] = time.split(':').map(Number);
      return day.at(hour, minute);
    };
    return painter.week[WEEKDAYS[day.weekday - 1] ?? 'mon']
      .map(({ from, until }) => [at(from), at(until)])
      .filter(([from, until]) => from < until);
  });
}
/** What is left of shifts from `now` on. */
export function shiftsFrom(shifts, now) {
  return shifts.flatMap(([from, until]) => (until > now ? [[Math.max(from, now), until]] : []));
}

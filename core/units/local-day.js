import { DateTime } from 'luxon';
/**
 * `count` days in a row from the local `date` (ISO). Only days on which clocks change ask the calendar for their hours,
 * so that a year of days costs little.
 */
export function localDays(date, timeZone, count) {
  const first = DateTime.fromISO(date, { zone: timeZone }).startOf('day');
  const since = (time) => Math.round((time.toMillis() - first.toMillis()) / 60_000);
  const days = [];
  let start = first;
  for (let index = 0; index < count; index++) {
    const midnight = start;
    const next = start.plus({ days: 1 }).startOf('day');
    const startsAt = since(start);
    const minutes = since(next) - startsAt;
    const isPlain = minutes === 1440;
    days.push({
      date: midnight.toISODate() ?? '',
      weekday: midnight.weekday,
      startsAt,
      minutes,
      at: (hour, minute) =>
        isPlain || hour === 0
          ? startsAt + 60 * hour + minute
          : hour === 24
            ? startsAt + minutes
            : since(midnight.set({ hour, minute })),
      clockHour: (elapsed) => (isPlain ? elapsed : midnight.plus({ hours: elapsed }).hour),
    });
    start = next;
  }
  return days;
}

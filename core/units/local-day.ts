import { DateTime } from 'luxon';

/** A day of the calendar at some place: where it lies in elapsed time, and how long it is. */
export interface LocalDay {
  /** ISO, `2027-03-28`. */
  date: string;
  /** 1 for Monday to 7 for Sunday. */
  weekday: number;
  /** Elapsed minutes from the first day's midnight to this one's. */
  startsAt: number;
  /** 1440, or what is left of it or added to it on the night when clocks change. */
  minutes: number;
  /** Elapsed minutes from the first day's midnight to a time on this day's clock; 24:00 is the next midnight. */
  at(hour: number, minute: number): number;
  /** What the clock on the wall says, whole hours 0–23, `elapsed` hours after midnight. */
  clockHour(elapsed: number): number;
}

/**
 * `count` days in a row from the local `date` (ISO). Only days on which clocks change ask the calendar for their hours,
 * so that a year of days costs little.
 */
export function localDays(date: string, timeZone: string, count: number): LocalDay[] {
  const first = DateTime.fromISO(date, { zone: timeZone }).startOf('day');
  const since = (time: DateTime): number => Math.round((time.toMillis() - first.toMillis()) / 60_000);
  const days: LocalDay[] = [];
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

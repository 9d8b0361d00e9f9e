import { DateTime, IANAZone } from 'luxon';

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

const MINUTE = 60_000;
const DAY = 1440 * MINUTE;
/** Clocks do not go forward and back again within so many days. */
const WEEK = 7;

/**
 * `count` days in a row from the local `date` (ISO). The calendar is asked once a week, and day by day only in a week in
 * which clocks change, so that a year of days costs little.
 */
export function localDays(date: string, timeZone: string, count: number): LocalDay[] {
  const zone = IANAZone.create(timeZone);
  const first = DateTime.fromISO(date, { zone }).startOf('day');
  const t0 = first.toMillis();
  // The first day's midnight as if it were UTC: from there on every day of the calendar is as long as another.
  const calendar = t0 + first.offset * MINUTE;
  const days: LocalDay[] = [];
  let midnight = t0;
  while (days.length < count) {
    const week = Math.min(WEEK, count - days.length);
    const isPlain = zone.offset(midnight) === zone.offset(midnight + week * DAY);
    for (let day = 0; day < week; day++) {
      const start = midnight;
      const next = isPlain ? start + DAY : nextMidnight(start, zone);
      const date = new Date(calendar + days.length * DAY);
      days.push(localDay(date, (start - t0) / MINUTE, (next - start) / MINUTE, start, zone));
      midnight = next;
    }
  }
  return days;
}

const nextMidnight = (midnight: number, zone: IANAZone): number =>
  DateTime.fromMillis(midnight, { zone }).plus({ days: 1 }).startOf('day').toMillis();

/** `date` is the day's midnight as if it were UTC, `start` as it is. */
function localDay(date: Date, startsAt: number, minutes: number, start: number, zone: IANAZone): LocalDay {
  const isPlain = minutes === 1440;
  const midnight = (): DateTime => DateTime.fromMillis(start, { zone });
  return {
    date: date.toISOString().slice(0, 10),
    weekday: date.getUTCDay() || 7,
    startsAt,
    minutes,
    at(hour, minute) {
      if (isPlain || hour === 0) return startsAt + 60 * hour + minute;
      if (hour === 24) return startsAt + minutes;
      return startsAt + Math.round((midnight().set({ hour, minute }).toMillis() - start) / MINUTE);
    },
    clockHour: (elapsed) => (isPlain ? elapsed : midnight().plus({ hours: elapsed }).hour),
  };
}

import { minutesOfDay } from '../units/moments.ts';
import { WEEKDAYS, type Painter } from '../job/document/crew-schema.ts';
import type { LocalDay } from '../units/local-day.ts';

/** Whether a painter is with the crew on a date, and not off. */
export const comesOn = ({ daysOff, from, until }: Painter, date: string): boolean =>
  (from === null || date >= from) && (until === null || date <= until) && !daysOff.includes(date);

type ClockTime = readonly [hour: number, minute: number];

const clockTime = (time: string): ClockTime => {
  const minutes = minutesOfDay(time);
  return [Math.floor(minutes / 60), minutes % 60];
};

/** Minutes of the longest stretch without a break that anybody of a crew works in a week; 0 where nobody works. */
export const longestShift = (crew: readonly Pick<Painter, 'week'>[]): number =>
  crew.reduce(
    (longest, { week }) =>
      WEEKDAYS.flatMap((day) => week[day]).reduce(
        (most, { from, until }) => Math.max(most, minutesOfDay(until) - minutesOfDay(from)),
        longest,
      ),
    0,
  );

/** A painter's shifts on days in a row, as minutes from the first midnight. */
export function shiftsOf(painter: Painter, days: readonly LocalDay[]): [number, number][] {
  const week = WEEKDAYS.map((day) =>
    painter.week[day].map(({ from, until }) => [clockTime(from), clockTime(until)] as const),
  );
  const shifts: [number, number][] = [];
  for (const day of days) {
    if (!comesOn(painter, day.date)) continue;
    for (const [from, until] of week[day.weekday - 1] ?? []) {
      const [start, end] = [day.at(...from), day.at(...until)];
      if (start < end) shifts.push([start, end]);
    }
  }
  return shifts;
}

/** What is left of shifts from `now` on. */
export function shiftsFrom(shifts: [number, number][], now: number): [number, number][] {
  return shifts.flatMap(([from, until]): [number, number][] => (until > now ? [[Math.max(from, now), until]] : []));
}

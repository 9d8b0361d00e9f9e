import { DateTime } from 'luxon';
import { WEEKDAYS, type Painter } from '../job/schema.ts';

/** A painter's shifts of the first `days` days from the local midnight `t0`, as minutes from it. */
export function shiftsOf(painter: Painter, t0: string, timeZone: string, days: number): [number, number][] {
  const first = DateTime.fromISO(t0, { zone: timeZone });
  const shifts: [number, number][] = [];
  for (let day = 0; day < days; day++) {
    const date = first.plus({ days: day });
    const weekday = WEEKDAYS[date.weekday - 1] ?? 'mon';
    for (const { from, until } of painter.week[weekday]) {
      const at = (time: string): number => {
        const [hour = 0, minute = 0] = time.split(':').map(Number);
        const moment = hour === 24 ? date.plus({ days: 1 }) : date.set({ hour, minute });
        return Math.round(moment.diff(first, 'minutes').minutes);
      };
      const shift: [number, number] = [at(from), Math.min(at(until), days * 1440)];
      if (shift[0] < shift[1]) shifts.push(shift);
    }
  }
  return shifts;
}

/** What is left of shifts from `now` on. */
export function shiftsFrom(shifts: [number, number][], now: number): [number, number][] {
  return shifts.flatMap(([from, until]): [number, number][] => (until > now ? [[Math.max(from, now), until]] : []));
}

import { formatMoment, minutesOfDay } from '../../../../core/units/moments.ts';
import { WEEKDAYS, type Painter } from '../../../../core/job/document/crew-schema.ts';
import { comesOn } from '../../../../core/steps/crew-shifts.ts';
import { localTime } from '../../../../core/job/site-time.ts';

/** How wide an hour is when nobody works, against a working hour. */
const FOLDED = 0.22;

/** The board's time: hours in which somebody works are wide, nights and days off are folded narrow. */
export interface TimeAxis {
  /** First minute and number of whole days shown. */
  first: number;
  days: number;
  width: number;
  /** Pixels from the left for minutes from the plan's t0. */
  x(minutes: number): number;
  /** Minutes from the plan's t0 for pixels from the left; what lies outside is the nearer end. */
  minutesAt(pixels: number): number;
  isWorking(hour: number): boolean;
  perHour: number;
}

/** Lays out the time of a board: `perHour` pixels for a working hour, from the midnight before `from` to that after `until`. */
export function timeAxis(
  crew: readonly Painter[],
  { t0, timeZone }: { t0: string; timeZone: string },
  { from, until }: { from: number; until: number },
  perHour: number,
): TimeAxis {
  const first = Math.floor(from / 1440) * 1440;
  const days = Math.max(1, Math.ceil((until - first) / 1440));
  const working = Array.from({ length: days }, (_unused, day) => {
    const noon = localTime(t0, first + day * 1440 + 720, timeZone);
    const weekday = WEEKDAYS[noon.weekday - 1] ?? 'mon';
    const there = crew.filter((painter) => comesOn(painter, formatMoment(noon, 'isoDate')));
    const spans = there.flatMap((painter) => painter.week[weekday]);
    return Array.from({ length: 24 }, (_hour, hour) =>
      spans.some((span) => minutesOfDay(span.from) / 60 < hour + 1 && minutesOfDay(span.until) / 60 > hour),
    );
  }).flat();
  const edges = [0];
  for (const isWorking of working) edges.push((edges.at(-1) ?? 0) + perHour * (isWorking ? 1 : FOLDED));
  const width = edges.at(-1) ?? 0;
  return {
    first,
    days,
    width,
    perHour,
    minutesAt: (pixels) => {
      let index = 0;
      while (index + 1 < working.length && (edges[index + 1] ?? Infinity) <= pixels) index++;
      const [left = 0, right = 1] = edges.slice(index, index + 2);
      return first + 60 * (index + Math.min(1, Math.max(0, (pixels - left) / (right - left))));
    },
    isWorking: (hour) => working[hour] ?? false,
    x: (minutes) => {
      const hours = (minutes - first) / 60;
      if (hours <= 0) return 0;
      const index = Math.floor(hours);
      const left = edges[index];
      return left === undefined || index >= working.length
        ? width
        : left + (hours - index) * ((edges[index + 1] ?? left) - left);
    },
  };
}

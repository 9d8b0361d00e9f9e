import { exposedFaceOf } from '../../air/exposed-face.ts';
import type { Job } from '../../job/document/schema.ts';
import type { Piece } from '../../job/document/piece-schema.ts';
import { localTime } from '../../job/site-time.ts';
import { coatClimateId } from '../../steps/wetness/coat-climate.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import type { CoatStep } from '../../steps/step.ts';
import { intersection, type Intervals } from '../../units/intervals.ts';
import { formatDuration } from '../../units/measures.ts';
import { groupBy } from '../../units/maps.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { PaintableWindows } from '../drafting/paintable-windows.ts';

/** A piece on whose outside face so few of the crew's hours are right for its coats that it drags on, and what gives more. */
export interface ShortHours {
  piece: Piece;
  /** Days that its coats take at least by those hours. */
  days: number;
  /** Minutes a working day that are right for its coats: as things are, and in the shade. */
  aDay: number;
  shaded: number;
  /** Hours of the day, 0 to 24, that are right and that the crew does not work; null where they are none. */
  besides: readonly [from: number, until: number] | null;
}

/** Days that are looked at, and how many a piece's coats may take before it is worth a word. */
const LOOK = 14 * 1440;
const LONG = 4;
/** Nobody begins before or stays on after, in hours of the day. */
const DAYLIGHT = [5, 21] as const;
/** What has to be gained to be offered: so many times as much, or so many minutes a day. */
const WORTH = { times: 1.5, minutes: 60 } as const;

const minutesOf = (intervals: Intervals): number => intervals.reduce((sum, [from, until]) => sum + until - from, 0);

/** Pieces whose outside coats have too few hours a day, the longest first. `now` in minutes from the problem's t0. */
export function shortHours(job: Job, { problem, steps, clocks }: JobProblem, now: number): ShortHours[] {
  const windows = new PaintableWindows(job, clocks, now);
  const look: Intervals = [[now, Math.min(now + LOOK, clocks.hours * 60)]];
  const shifts = problem.painters.flatMap((painter) => (painter.shifts.length > 0 ? [painter.shifts] : []));
  const [first] = shifts;
  if (first === undefined) return [];
  const worked = intersection(look, first);
  const workingDays = new Set(worked.map(([from]) => Math.floor(from / 1440))).size;
  if (workingDays === 0) return [];
  const open = new Map(problem.tasks.map((task) => [task.id, task.work]));
  const coats = [...steps.values()].filter(
    (step): step is CoatStep => isCoat(step) && open.has(step.id) && exposedFaceOf(coatClimateId(job, step)) !== null,
  );
  const found = [...groupBy(coats, ({ piece }) => piece.id).values()].flatMap((own): ShortHours[] => {
    const [step] = own;
    if (step === undefined) return [];
    const paintable = windows.of(step)?.intervals;
    if (paintable === undefined) return [];
    const aDay = minutesOf(intersection(paintable, worked)) / workingDays;
    const shaded = minutesOf(intersection(windows.under(step, { shade: true }), worked)) / workingDays;
    const work = own.reduce((sum, { id }) => sum + (open.get(id) ?? 0), 0);
    const days = Math.ceil(work / Math.max(1, aDay));
    const isWorth = (more: number): boolean => more >= aDay * WORTH.times && more - aDay >= WORTH.minutes;
    const besides = hoursBesides(job, clocks.t0, intersection(paintable, look), first);
    if (days <= LONG || (!isWorth(shaded) && besides === null)) return [];
    return [{ piece: step.piece, days, aDay, shaded: isWorth(shaded) ? shaded : aDay, besides }];
  });
  return found.sort((one, other) => other.days - one.days);
}

/** The hours of the day, beside the shifts, that are paintable on most days: those around the longest such stretch. */
function hoursBesides(job: Job, t0: string, paintable: Intervals, shifts: Intervals): [number, number] | null {
  const days = new Map<number, number>();
  for (const [from, until] of paintable) {
    for (let at = from; at + 60 <= until; at += 60) {
      if (minutesOf(intersection([[at, at + 60]], shifts)) > 0) continue;
      const { hour } = localTime(t0, at, job.site.timeZone);
      if (hour >= DAYLIGHT[0] && hour < DAYLIGHT[1]) days.set(hour, (days.get(hour) ?? 0) + 1);
    }
  }
  const usual = [...days].filter(([, count]) => count > LOOK / 1440 / 2).map(([hour]) => hour);
  const stretches: [number, number][] = [];
  for (const hour of usual.sort((one, other) => one - other)) {
    const last = stretches.at(-1);
    if (last?.[1] === hour) last[1] = hour + 1;
    else stretches.push([hour, hour + 1]);
  }
  const [longest] = stretches.sort((one, other) => other[1] - other[0] - (one[1] - one[0]));
  return longest ?? null;
}

const clock = (hour: number): string => `${String(hour).padStart(2, '0')}:00`;

/** What a piece with short hours is told, and what would help. */
export function shortHoursWords({ piece, days, aDay, shaded, besides }: ShortHours): string {
  const now = `${piece.mark}: only ${formatDuration(aDay)} a day suits its outside coats, for at least ${days} days.`;
  const ways = [
    ...(besides ? [`Also good: ${clock(besides[0])}–${clock(besides[1])}.`] : []),
    ...(shaded > aDay
      ? [`Under a sun sheet: ${formatDuration(shaded)} a day. Once it’s up, clear the room’s compass direction.`]
      : []),
  ];
  return [now, ...ways].join(' ');
}

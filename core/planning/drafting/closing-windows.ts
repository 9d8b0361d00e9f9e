import type { JobClocks } from '../../clocks/job-clocks.ts';
import type { CoatCondition } from '../../shelf/drying/stage-legs.ts';
import type { CoatStep } from '../../steps/step.ts';
import { intersection, type Intervals } from '../../units/intervals.ts';

/** The hour at which a door that is painted in place is closed for the night, by whoever is in the house. */
export const CLOSED_AT = 21;

/**
 * From the start of each day until when a coat may be finished so that it can be handled, and its door closed, by the
 * evening of that day; in minutes from the clocks' t0. Empty where no day of these clocks is long enough.
 */
export function closingHours(
  clocks: JobClocks,
  { coat }: CoatStep,
  climateId: string,
  condition: CoatCondition | undefined,
): Intervals {
  return clocks.days.flatMap((day): [number, number][] => {
    const [from, evening] = [day.at(0, 0), day.at(CLOSED_AT, 0)];
    let until = from;
    for (let hour = from + 60; hour <= evening; hour += 60) {
      const handled = clocks.reached(coat.coating, 'handle', hour, climateId, condition);
      if (handled !== null && handled <= evening) until = hour;
    }
    return until > from ? [[from, until]] : [];
  });
}

/** Hours in which a coat may be put on and lets its door close by the evening; all of the first where none would do. */
export function closingWithin(open: Intervals, closing: Intervals, work: number): Intervals {
  const both = intersection(open, closing).filter(([from, until]) => until - from >= work);
  return both.length > 0 ? both : open;
}

import type { RateClock } from '../../units/rate-clock.ts';
import type { Measure } from '../problem.ts';
import type { PreparedMeasure } from './prepared.ts';

/** A limit of a wait, resolved; null where there is none. Throws RangeError where its clock is not in the problem. */
export function prepareMeasure(
  measure: Measure | null | undefined,
  clocks: ReadonlyMap<string, RateClock>,
  horizon: number,
): PreparedMeasure | null {
  if (measure == null) return null;
  if ('ticks' in measure) {
    const { ticks } = measure;
    return {
      reach: (end) => end + ticks,
      latest: (start) => start - ticks,
      passed: (end, start) => start - end > ticks,
      typical: ticks,
      name: String(ticks),
      clock: null,
      dose: ticks,
    };
  }
  const clock = clocks.get(measure.clock);
  if (clock === undefined) throw new RangeError(`No clock has the id ${measure.clock}.`);
  const perTick = clock.progress(0, horizon) / Math.max(1, horizon);
  return measuredBy(measure.clock, clock, measure.dose, perTick > 0 ? measure.dose / perTick : horizon);
}

/** A limit of so much progress of a clock. */
function measuredBy(id: string, clock: RateClock, dose: number, typical: number): PreparedMeasure {
  // One schedule after another asks for much the same.
  let asked = -1;
  let answer = 0;
  return {
    reach: (end) => {
      if (end === asked) return answer;
      asked = end;
      return (answer = clock.reachWhole(end, dose));
    },
    latest: (start) => {
      let end = Math.floor(clock.latest(start, dose));
      // Sums are rounded; that the next tick would be too late has to be certain.
      while (clock.reachWhole(end + 1, dose) <= start) end++;
      return end;
    },
    passed: (end, start) => clock.hasPassed(end, start, dose),
    typical,
    name: `${id}:${dose}`,
    clock: id,
    dose,
  };
}

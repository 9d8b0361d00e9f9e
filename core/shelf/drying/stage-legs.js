import { DRYING_KINDS } from './registry.ts';
export const AS_STATED = { filmRatio: 1, factor: 1 };
/**
 * What must happen, one leg after the other, for a coat to reach `stage`.
 * A coating with two drying kinds runs by the first to touch dry and by the second from there.
 * Doses are in reference hours, lengthened by film and factor. `null` when the product never reaches the stage.
 */
export function stageLegs(coating, stage, condition = AS_STATED) {
  const stated = coating.hours[stage];
  if (stated === null) return null;
  const lengthen = (kind, hours) => ({
    kind,
    dose: hours * condition.factor * condition.filmRatio ** DRYING_KINDS[kind].filmExponent,
  });
  const [first, second] = coating.drying;
  if (first === undefined) return null;
  if (second === undefined || stated <= coating.hours.touch) return [lengthen(first, stated)];
  return [lengthen(first, coating.hours.touch), lengthen(second, stated - coating.hours.touch)];
}
/**
 * When a coat finished at `from` (minutes) has made all its legs, while it goes from place to place; `Infinity` if not
 * within the clocks. Exact on climates that are constant within an hour.
 */
export function reachedAt(legs, from, stays) {
  let time = from;
  for (const { kind, dose } of legs) {
    let left = dose * 60;
    for (const { until, clockOf } of stays) {
      if (left <= 0 || time >= until) continue;
      const clock = clockOf(kind);
      const reached = clock.reach(time, left);
      left = reached <= until ? 0 : left - clock.progress(time, until);
      time = Math.min(reached, until);
    }
    if (left > 0) return Infinity;
  }
  return time;
}
/** The share of `legs` made by the time `at`: 0 when just painted, 1 when the stage is reached. */
export function shareMade(legs, from, at, clockOf) {
  const total = legs.reduce((sum, leg) => sum + leg.dose, 0);
  let made = 0;
  let time = from;
  for (const leg of legs) {
    const clock = clockOf(leg.kind);
    made += Math.min(leg.dose, clock.progress(time, at) / 60);
    time = clock.reach(time, leg.dose * 60);
  }
  return total === 0 ? 1 : made / total;
}

import type { Coating, DryingStage } from '../coating.ts';
import { DRYING_KINDS, type DryingKind } from './registry.ts';
import type { RateClock } from '../../units/rate-clock.ts';

/** A stretch of drying by one kind: `dose` reference hours on that kind's clock. */
export interface Leg {
  kind: DryingKind;
  dose: number;
}

/** How this coat differs from what the tin supposes. */
export interface CoatCondition {
  /** Wet film over the stated wet film; 1 as stated, 1.5 for a heavy hand. */
  filmRatio: number;
  /** What the painter's own observations have made of the tin's hours on this job; 1 as stated. */
  factor: number;
}

export const AS_STATED: CoatCondition = { filmRatio: 1, factor: 1 };

/**
 * What must happen, one leg after the other, for a coat to reach `stage`.
 * A coating with two drying kinds runs by the first to touch dry and by the second from there.
 * Doses are in reference hours, lengthened by film and factor. `null` when the product never reaches the stage.
 */
export function stageLegs(coating: Coating, stage: DryingStage, condition: CoatCondition = AS_STATED): Leg[] | null {
  const stated = coating.hours[stage];
  if (stated === null) return null;
  const lengthen = (kind: DryingKind, hours: number): Leg => ({
    kind,
    dose: hours * condition.factor * condition.filmRatio ** DRYING_KINDS[kind].filmExponent,
  });
  const [first, second] = coating.drying;
  if (first === undefined) return null;
  if (second === undefined || stated <= coating.hours.touch) return [lengthen(first, stated)];
  return [lengthen(first, coating.hours.touch), lengthen(second, stated - coating.hours.touch)];
}

/** Where a coat dries, and until when: the clocks of that place, in minutes. */
export interface Stay {
  until: number;
  clockOf(kind: DryingKind): RateClock;
}

/**
 * When a coat finished at `from` (minutes) has made all its legs, while it goes from place to place; `Infinity` if not
 * within the clocks. Exact on climates that are constant within an hour.
 */
export function reachedAt(legs: readonly Leg[], from: number, stays: readonly Stay[]): number {
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

/**
 * The last time at which a coat may be finished (minutes) so that all its legs are made by `until`, in one place;
 * `-Infinity` if not even from the clocks' beginning. The inverse of {@link reachedAt}, as exact.
 */
export function latestFor(legs: readonly Leg[], until: number, clockOf: (kind: DryingKind) => RateClock): number {
  return legs.toReversed().reduce((time, { kind, dose }) => clockOf(kind).latest(time, dose * 60), until);
}

/** The share of `legs` made by the time `at`: 0 when just painted, 1 when the stage is reached. */
export function shareMade(
  legs: readonly Leg[],
  from: number,
  at: number,
  clockOf: (kind: DryingKind) => RateClock,
): number {
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

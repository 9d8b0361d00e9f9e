import { AirSeries } from '../air/air-series.ts';
import { dryingProduct, type JobClocks } from '../clocks/job-clocks.ts';
import type { Coating } from '../shelf/coating.ts';
import type { RateClock } from '../units/rate-clock.ts';
import { stageLegs } from '../shelf/drying/stage-legs.ts';

/** By what a retarder or flow additive multiplies the open time: a default, until its tin says otherwise. */
export const CONDITIONER_FACTOR = 1.4;
/** By how many points wet sheets and a sprinkled floor raise the humidity of a room: a default. */
export const DAMPING = 15;
/** Nearer to what the tin allows, in points, the air is not damped. */
const SAFE_BELOW_LIMIT = 5;

/** How an edge sets in a place: a dose of reference minutes, and the clock by which it is made. */
export interface WetEdge {
  /** Reference minutes of open time. */
  dose: number;
  clock: RateClock;
}

/** What is done to the air or the paint so that an edge stays wet for longer. */
export interface EdgeCare {
  conditioner: boolean;
  /** Whether the air is damped. */
  isDamped: boolean;
}

/**
 * How an edge of a coating sets in a climate. Open time scales with the inverse of the rate of the first kind by which
 * the coating dries; a conditioner multiplies it.
 */
export function wetEdge(
  clocks: JobClocks,
  climateId: string,
  coating: Coating,
  { conditioner, isDamped }: EdgeCare,
): WetEdge {
  const kind = stageLegs(coating, 'touch')?.[0]?.kind ?? 'evaporating';
  const product = dryingProduct(coating);
  return {
    dose: coating.openTime * (conditioner ? CONDITIONER_FACTOR : 1),
    clock: isDamped
      ? clocks.clockIn(damped(clocks.air(climateId), coating.maxHumidity), climateId, kind, product)
      : clocks.clock(climateId, kind, product),
  };
}

/** Air with more water in it, never nearer than is safe to what the tin allows; what is damper already stays. */
function damped(air: AirSeries, most: number): AirSeries {
  const wetter = new AirSeries(air.length);
  for (let hour = 0; hour < air.length; hour++) {
    const now = air.humidity[hour] ?? 0;
    wetter.set(hour, air.temperature[hour] ?? 0, Math.max(now, Math.min(now + DAMPING, most - SAFE_BELOW_LIMIT)));
  }
  return wetter;
}

/** For how many minutes an edge stays wet from a time on; `Infinity` where nothing sets. */
export const openMinutes = ({ dose, clock }: WetEdge, from: number): number => clock.reach(from, dose) - from;

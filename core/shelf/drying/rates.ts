import type { AirSeries } from '../../air/air-series.ts';
import type { DryingConditions, RateConditions } from './definition.ts';
import { DRYING_KINDS, type DryingKind } from './registry.ts';

/** Progress per hour in each of these hours, relative to the reference climate, were it never too cold. */
export function warmRates(air: AirSeries, kind: DryingKind, conditions: RateConditions): Float64Array {
  const rate = DRYING_KINDS[kind].rate(conditions);
  const rates = new Float64Array(air.length);
  for (let index = 0; index < rates.length; index++) {
    rates[index] = rate(air.temperature[index] ?? 0, air.humidity[index] ?? 0);
  }
  return rates;
}

/** The same where nothing dries in hours below `minTemperature` °C: no film forms in them, whatever the kind. */
export function standingBelow(minTemperature: number, { temperature }: AirSeries, rates: Float64Array): Float64Array {
  const standing = new Float64Array(rates.length);
  for (let index = 0; index < rates.length; index++) {
    standing[index] = (temperature[index] ?? 0) < minTemperature ? 0 : (rates[index] ?? 0);
  }
  return standing;
}

/** Progress per hour of a product in each of these hours, relative to the reference climate. */
export function ratesIn(air: AirSeries, kind: DryingKind, conditions: DryingConditions): Float64Array {
  return standingBelow(conditions.minTemperature, air, warmRates(air, kind, conditions));
}

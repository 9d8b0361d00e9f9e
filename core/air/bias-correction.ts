import { AirSeries } from './air-series.ts';
import type { Air } from './climate.ts';
import { saturationPressure, vapourPressure } from './humidity.ts';

/** What an instrument showed in the `hour`th hour. */
export interface ReadHour extends Air {
  hour: number;
}

/** How far a forecast was off: K, and the ratio of vapour pressures. */
interface Bias extends ReadHour {
  warmer: number;
  damper: number;
}

/** What a place has shown lately counts for what it is like; so many readings are asked. */
const MAX_READINGS = 9;
/** With so many readings, what they have in common counts half. */
const SHRINKAGE_READINGS = 2;
/** Hours in which two thirds of what was special about the last reading are forgotten. */
const DECAY_HOURS = 8;

/**
 * The forecast of a place, corrected by what instruments showed there. A room that has been 2 K colder than thought stays
 * colder, the surer the more readings say so; what the last reading showed beyond that dies away in hours. Each hour is
 * corrected by the readings before it or in it, so that what was forecast and what was corrected can both be told later.
 */
export function correctedAir(forecast: AirSeries, readings: readonly ReadHour[]): AirSeries {
  const biases = readings
    .filter(({ hour }) => hour >= 0 && hour < forecast.length)
    .sort((one, other) => one.hour - other.hour)
    .map(({ hour, ...shown }) => biasOf(hour, shown, forecast.at(hour) ?? shown));
  const [first] = biases;
  if (first === undefined) return forecast;
  let known = 0;
  let lasting = { warmer: 0, damper: 0 };
  const corrected = new AirSeries(forecast.length);
  for (let hour = 0; hour < forecast.length; hour++) {
    const before = known;
    const air = forecast.at(hour) ?? first;
    while ((biases[known]?.hour ?? Infinity) <= hour) known++;
    if (known === 0) {
      corrected.set(hour, air.temperature, air.humidity);
      continue;
    }
    if (known !== before) lasting = lastingOf(biases.slice(Math.max(0, known - MAX_READINGS), known));
    const last = biases[known - 1] ?? first;
    const still = Math.exp(-(hour - last.hour) / DECAY_HOURS);
    const warmer = lasting.warmer + (last.warmer - lasting.warmer) * still;
    const damper = Math.exp(lasting.damper + (last.damper - lasting.damper) * still);
    const temperature = air.temperature + warmer;
    const vapour = vapourPressure(air.temperature, air.humidity) * damper;
    const humidity = (100 * vapour) / saturationPressure(temperature);
    corrected.set(hour, temperature, Math.max(1, Math.min(100, humidity)));
  }
  return corrected;
}

function biasOf(hour: number, shown: Air, forecast: Air): Bias {
  const ratio =
    vapourPressure(shown.temperature, shown.humidity) / vapourPressure(forecast.temperature, forecast.humidity);
  return { ...shown, hour, warmer: shown.temperature - forecast.temperature, damper: Math.log(ratio) };
}

/** What the readings have in common: their medians, trusted the more the more there are. */
function lastingOf(biases: readonly Bias[]): { warmer: number; damper: number } {
  const trust = biases.length / (biases.length + SHRINKAGE_READINGS);
  return {
    warmer: trust * median(biases.map(({ warmer }) => warmer)),
    damper: trust * median(biases.map(({ damper }) => damper)),
  };
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((one, other) => one - other);
  const middle = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(middle)] ?? 0) + (sorted[Math.ceil(middle)] ?? 0)) / 2;
}

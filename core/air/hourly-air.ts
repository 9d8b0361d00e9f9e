import { AirSeries } from './air-series.ts';
import { isHeated, Swings, type Climate, type Heating } from './climate.ts';
import { saturationPressure, vapourPressure } from './humidity.ts';
import type { LocalHour } from './local-hours.ts';
import { StatedHours } from './stated-hours.ts';

/** A closed place never gets quite saturated: walls and cloth take the last of it. */
const MOST_HUMID_INDOORS = 97;

/**
 * The air of a climate in each of these hours: what is stated for an hour stands; otherwise its usual day, or the open
 * air as its walls let it in, and its heating over that. `outdoors` is the open air in the same hours.
 */
export function hourlyAir(climate: Climate, hours: readonly LocalHour[], outdoors: AirSeries): AirSeries {
  const { shelter, heating } = climate;
  const air = shelter === null ? usualAir(climate, hours) : shelteredAir(outdoors, shelter);
  const stated = new StatedHours(climate.stated.hours);
  stated.layOver(air, hours);
  if (heating !== null) {
    heat(air, hours, heating);
    // What was measured has been heated already.
    stated.layOver(air, hours);
  }
  return air;
}

/** The days of a climate as they usually are, and those that differ. */
function usualAir(climate: Climate, hours: readonly LocalHour[]): AirSeries {
  const swings = new Swings(climate);
  return AirSeries.of(hours.map(({ date, nextDate, hour }) => swings.airAt(date, nextDate, hour)));
}

/**
 * The open air behind walls: temperature and vapour follow it with a first-order lag of `lag` hours, and it is
 * `warmer` by so many K. It starts from the mean of the first day.
 */
export function shelteredAir(outdoors: AirSeries, { lag, warmer }: { lag: number; warmer: number }): AirSeries {
  const outside = vapourOf(outdoors);
  let temperature = meanOfFirstDay(outdoors.temperature);
  let vapour = meanOfFirstDay(outside);
  const keeps = lag === 0 ? 0 : Math.exp(-1 / lag);
  const inside = new AirSeries(outdoors.length);
  for (let index = 0; index < outdoors.length; index++) {
    const [open, openVapour] = [outdoors.temperature[index] ?? 0, outside[index] ?? 0];
    temperature = open + (temperature - open) * keeps;
    vapour = openVapour + (vapour - openVapour) * keeps;
    const humidity = (100 * vapour) / saturationPressure(temperature + warmer);
    inside.set(index, temperature + warmer, Math.min(MOST_HUMID_INDOORS, humidity));
  }
  return inside;
}

/** Vapour pressures by the air that they are of; every room behind the same walls asks for them. */
const vapours = new WeakMap<AirSeries, Float64Array>();

function vapourOf(air: AirSeries): Float64Array {
  let vapour = vapours.get(air);
  if (vapour === undefined) {
    vapour = air.temperature.map((temperature, index) => vapourPressure(temperature, air.humidity[index] ?? 0));
    vapours.set(air, vapour);
  }
  return vapour;
}

function meanOfFirstDay(values: Float64Array): number {
  const day = values.subarray(0, 24);
  return day.reduce((sum, value) => sum + value, 0) / Math.max(1, day.length);
}

/**
 * Heats the air of a place. In a heated hour it gains up to `warmUp` K towards its set-point; in others the gained warmth
 * dies away with a time constant of `holds` hours. Vapour pressure stays: `RH1 = 100 · e / es(T1)`. It runs through the
 * first day once before, so that a night in which it heats does not begin cold.
 */
function heat(air: AirSeries, hours: readonly LocalHour[], heating: Heating): void {
  const keeps = heating.holds === 0 ? 0 : Math.exp(-1 / heating.holds);
  let gained = 0;
  const gain = (index: number): number => {
    const wanted = Math.max(0, heating.setPoint - (air.temperature[index] ?? 0));
    const kept = gained * keeps;
    const isOn = isHeated(heating, hours[index]?.hour ?? 0);
    gained = isOn ? Math.max(kept, Math.min(wanted, gained + heating.warmUp)) : kept;
    return gained;
  };
  for (let index = 0; index < Math.min(24, air.length); index++) gain(index);
  for (let index = 0; index < air.length; index++) {
    const warmer = gain(index);
    if (warmer < 1e-6) continue;
    const [cold, humidity] = [air.temperature[index] ?? 0, air.humidity[index] ?? 0];
    const kept = saturationPressure(cold) / saturationPressure(cold + warmer);
    air.set(index, cold + warmer, humidity * kept);
  }
}

import { kept } from '../units/kept.ts';
import { AirSeries } from './air-series.ts';
import { setPointAt, Swings, type Climate, type Heating } from './climate.ts';
import { saturationPressure, vapourPressure } from './humidity.ts';
import type { LocalHour } from './local-hours.ts';
import { StatedHours } from './stated-hours.ts';

/** A closed place never gets quite saturated: walls and cloth take the last of it. */
const MAX_HUMID_INDOORS = 97;

/**
 * The air of a climate in each of these hours: what is stated for an hour stands; otherwise its usual day, or the open
 * air as its walls let it in, and its heating over that. `outdoors` is the open air in the same hours.
 */
export function hourlyAir(climate: Climate, hours: readonly LocalHour[], outdoors: AirSeries): AirSeries {
  const { heating } = climate;
  const air = unheatedAir(climate, hours, outdoors);
  if (heating === null) return air;
  // Once through the first day before, so that a night in which it heats does not begin cold.
  const warmed = heat(AirSeries.of(air.slice(0, 24)), hours, heating, { hour: 0, gained: 0 });
  heat(air, hours, heating, { hour: 0, gained: warmed });
  // What was measured has been heated already.
  new StatedHours(climate.stated.hours).layOver(air, hours);
  return air;
}

/**
 * The same of a climate that is only so from the `hour`th hour on: until then the air is what it `was`, and its warmth
 * dies away with a time constant of `holds` hours from there, also when nobody heats any more.
 */
export function hourlyAirFrom(
  climate: Climate,
  hours: readonly LocalHour[],
  outdoors: AirSeries,
  { hour, was, holds }: { hour: number; was: AirSeries; holds: number },
): AirSeries {
  const { heating } = climate;
  const air = unheatedAir(climate, hours, outdoors);
  const last = Math.max(0, hour - 1);
  const gained = Math.max(0, (was.temperature[last] ?? 0) - (air.temperature[last] ?? 0));
  heat(air, hours, heating ?? { spans: [], warmUp: 0, holds }, { hour, gained });
  for (let index = 0; index < hour; index++) air.set(index, was.temperature[index] ?? 0, was.humidity[index] ?? 0);
  return air;
}

function unheatedAir(climate: Climate, hours: readonly LocalHour[], outdoors: AirSeries): AirSeries {
  const { shelter, stated } = climate;
  const air = shelter === null ? usualAir(climate, hours) : shelteredAir(outdoors, shelter);
  new StatedHours(stated.hours).layOver(air, hours);
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
    inside.set(index, temperature + warmer, Math.min(MAX_HUMID_INDOORS, humidity));
  }
  return inside;
}

/** Vapour pressures of air; every room behind the same walls asks for them. A series is written once and never changed. */
const vapourOf = kept(
  (air: AirSeries): Float64Array =>
    air.temperature.map((temperature, index) => vapourPressure(temperature, air.humidity[index] ?? 0)),
  { isFixed: () => true },
);

function meanOfFirstDay(values: Float64Array): number {
  const day = values.subarray(0, 24);
  return day.reduce((sum, value) => sum + value, 0) / Math.max(1, day.length);
}

/**
 * Heats the air of a place from the `hour`th hour on, which it enters with so many K `gained`, and answers what it has
 * gained in the end. In a heated hour it gains up to `warmUp` K towards its set-point; in others the gained warmth dies
 * away with a time constant of `holds` hours. Vapour pressure stays: `RH1 = 100 · e / es(T1)`.
 */
function heat(
  air: AirSeries,
  hours: readonly LocalHour[],
  heating: Pick<Heating, 'spans' | 'warmUp' | 'holds'>,
  { hour, gained: start }: { hour: number; gained: number },
): number {
  const keeps = heating.holds === 0 ? 0 : Math.exp(-1 / heating.holds);
  let gained = start;
  for (let index = hour; index < air.length; index++) {
    const [cold, humidity] = [air.temperature[index] ?? 0, air.humidity[index] ?? 0];
    const kept = gained * keeps;
    const wanted = setPointAt(heating, hours[index]?.hour ?? 0) - cold;
    gained = Math.max(kept, Math.min(wanted, gained + heating.warmUp));
    if (gained < 1e-6) continue;
    air.set(index, cold + gained, (humidity * saturationPressure(cold)) / saturationPressure(cold + gained));
  }
  return gained;
}

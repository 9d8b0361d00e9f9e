import { isHeated, Swings, type Air, type Climate, type Heating } from './climate.ts';
import { heatedHumidity, saturationPressure, vapourPressure } from './humidity.ts';
import { hourKey, type LocalHour } from './local-hours.ts';

/** Air that nothing has warmed but its place, and whether it was measured and stands as it is. */
interface FreeAir extends Air {
  isMeasured: boolean;
}

/** A closed place never gets quite saturated: walls and cloth take the last of it. */
const MOST_HUMID_INDOORS = 97;

/**
 * The air of a climate in each of these hours: what is stated for an hour stands; otherwise its usual day, or the open
 * air as its walls let it in, and its heating over that. `outdoors` is the open air in the same hours.
 */
export function hourlyAir(climate: Climate, hours: readonly LocalHour[], outdoors: readonly Air[]): Air[] {
  const free = freeAir(climate, hours, outdoors);
  return climate.heating === null ? free : heated(free, hours, climate.heating);
}

function freeAir({ shelter, ...climate }: Climate, hours: readonly LocalHour[], outdoors: readonly Air[]): FreeAir[] {
  const stated = new Map(climate.stated.hours.map((hour) => [hour.at, hour]));
  const swings = new Swings(climate);
  const sheltered = shelter === null ? null : shelteredAir(outdoors, shelter);
  return hours.map((hour, index) => {
    const known = stated.size === 0 ? undefined : stated.get(hourKey(hour));
    if (known) return { temperature: known.temperature, humidity: known.humidity, isMeasured: true };
    const air = sheltered?.[index] ?? swings.airAt(hour.date, hour.nextDate, hour.hour);
    return { ...air, isMeasured: false };
  });
}

/**
 * The open air behind walls: temperature and vapour follow it with a first-order lag of `lag` hours, and it is
 * `warmer` by so many K. It starts from the mean of the first day.
 */
export function shelteredAir(outdoors: readonly Air[], { lag, warmer }: { lag: number; warmer: number }): Air[] {
  const firstDay = outdoors.slice(0, 24);
  const mean = (of: (air: Air) => number): number =>
    firstDay.reduce((sum, air) => sum + of(air), 0) / Math.max(1, firstDay.length);
  const vapourOf = (air: Air): number => vapourPressure(air.temperature, air.humidity);
  let temperature = mean((air) => air.temperature);
  let vapour = mean(vapourOf);
  const keeps = lag === 0 ? 0 : Math.exp(-1 / lag);
  return outdoors.map((air) => {
    temperature = air.temperature + (temperature - air.temperature) * keeps;
    vapour = vapourOf(air) + (vapour - vapourOf(air)) * keeps;
    const inside = temperature + warmer;
    return { temperature: inside, humidity: Math.min(MOST_HUMID_INDOORS, (100 * vapour) / saturationPressure(inside)) };
  });
}

/**
 * Heating over the air of a place. In a heated hour it gains up to `warmUp` K towards its set-point; in others the
 * gained warmth dies away with a time constant of `holds` hours. Vapour pressure stays (see {@link heatedHumidity}).
 * It runs through the first day once before, so that a night in which it heats does not begin cold.
 */
function heated(free: readonly FreeAir[], hours: readonly LocalHour[], heating: Heating): Air[] {
  const keeps = heating.holds === 0 ? 0 : Math.exp(-1 / heating.holds);
  let gained = 0;
  const step = (air: FreeAir, hour: number): Air => {
    const wanted = Math.max(0, heating.setPoint - air.temperature);
    const kept = gained * keeps;
    gained = isHeated(heating, hour) ? Math.max(kept, Math.min(wanted, gained + heating.warmUp)) : kept;
    if (air.isMeasured || gained < 1e-6) return air;
    const temperature = air.temperature + gained;
    return { temperature, humidity: heatedHumidity(air.temperature, air.humidity, temperature) };
  };
  free.slice(0, 24).forEach((air, index) => step(air, hours[index]?.hour ?? 0));
  return free.map((air, index) => step(air, hours[index]?.hour ?? 0));
}

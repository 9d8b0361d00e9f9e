import { getOrInsertComputed } from '../units/maps.ts';
import { kept } from '../units/kept.ts';
import type { Air } from './climate.ts';
import type { FaceHour } from './exposed-face.ts';
import { SUNSHINE } from './exposed-face.ts';
import { dewPoint } from './humidity.ts';

/** What a product allows while it is put on: °C, % RH, m/s; hours without rain after it. */
export interface PaintLimits {
  minTemperature: number;
  maxTemperature: number;
  maxHumidity: number;
  mostWind: number;
  rainSafe: number;
  notInSun: boolean;
}

/** One hour of a face: its air, the face's own temperature, and what the sky does to it. */
export interface FacedHour extends Air {
  surface: number;
  /** W/m² straight from the sun. */
  direct: number;
  wind: number;
  rain: number;
  isDark: boolean;
}

/** The same as it bears on painting: every product asks whether there is dew. */
export interface PaintingHour extends FacedHour {
  /** Whether the surface is so near the dew point that water may condense on it. */
  isNearDew: boolean;
}

/** A surface stays this many K above the dew point, or water condenses on it (the usual rule, as in ISO 8502-4). */
export const ABOVE_DEW = 3;

/** How an hour of a face bears on painting it. */
export function paintingHour({ temperature, humidity, surface, direct, wind, rain, isDark }: FacedHour): PaintingHour {
  const isNearDew = surface < dewPoint(temperature, humidity) + ABOVE_DEW;
  return { temperature, humidity, surface, direct, wind, rain, isDark, isNearDew };
}

/** How an hour of the open air bears on a face. */
export function outdoorPaintingHour({ outdoor, sun, light, surface }: FaceHour): PaintingHour {
  const { temperature, humidity, wind, rain } = outdoor;
  return paintingHour({ temperature, humidity, wind, rain, surface, direct: light.direct, isDark: sun.altitude <= 0 });
}

/** How an hour of a room bears on what stands in it: as warm as its air, in lamplight, out of sun, wind and rain. */
export function indoorPaintingHour(air: Air): PaintingHour {
  const { temperature, humidity } = air;
  return paintingHour({ temperature, humidity, surface: temperature, direct: 0, wind: 0, rain: 0, isDark: false });
}

/** What is against painting in an hour, by one thing of which more or less is worse: `soon` is what comes before the coat is touch dry, or rain-safe. */
interface HindranceDefinition {
  /** As in “not at 14:00: …”. */
  words: string;
  /** In a word or two. */
  short: string;
  /** Whether it stands in the way in this hour. */
  now?(hour: PaintingHour, limits: PaintLimits): boolean;
  /** Whether it comes while the coat dries. */
  soon?(hour: PaintingHour, limits: PaintLimits): boolean;
  /** Whether what comes matters until rain-safe, rather than until touch dry. */
  untilRainSafe?: boolean;
}

const nearDew = ({ isNearDew }: PaintingHour): boolean => isNearDew;
const tooCold = ({ temperature, surface }: PaintingHour, { minTemperature }: PaintLimits): boolean =>
  Math.min(temperature, surface) < minTemperature;

/** Everything that can stand in the way, in the order in which it is told. */
export const PAINTING_BLOCKERS = {
  dark: { words: 'dark', short: 'dark', now: ({ isDark }) => isDark },
  rain: { words: 'rain', short: 'rain', now: ({ rain }) => rain > 0 },
  'rain-soon': {
    words: 'rain before it’s rain-safe',
    short: 'rain soon',
    soon: ({ rain }) => rain > 0,
    untilRainSafe: true,
  },
  sun: {
    words: 'sun on the face',
    short: 'in the sun',
    now: ({ direct }, { notInSun }) => notInSun && direct > SUNSHINE,
  },
  'too-cold': { words: 'air or surface too cold', short: 'too cold', now: tooCold },
  'too-hot': {
    words: 'air or surface too hot',
    short: 'too hot',
    now: ({ temperature, surface }, { maxTemperature }) => Math.max(temperature, surface) > maxTemperature,
  },
  'too-damp': {
    words: 'air too damp',
    short: 'too damp',
    now: ({ humidity }, { maxHumidity }) => humidity > maxHumidity,
  },
  dew: { words: 'surface near the dew point', short: 'dew', now: nearDew },
  'dew-soon': { words: 'dew before it’s touch dry', short: 'dew soon', soon: nearDew },
  'cold-soon': { words: 'too cold before it’s touch dry', short: 'cold soon', soon: tooCold },
  wind: { words: 'too windy', short: 'wind', now: ({ wind }, { mostWind }) => wind >= mostWind },
} as const satisfies Record<string, HindranceDefinition>;
export type PaintingBlocker = keyof typeof PAINTING_BLOCKERS;
const IN_ORDER = Object.entries(PAINTING_BLOCKERS) as [PaintingBlocker, HindranceDefinition][];

/**
 * What is against painting in each of these hours, the reason that is told first in front; nothing where it may be
 * painted. `touchDry` gives the hour, as a fraction from the first, at which a coat put on at the end of the `hour`th is
 * touch dry, later for later hours; `Infinity` when it is not within these hours. What comes after the last hour is not known and not feared.
 */
export function hindrancesOf(
  hours: readonly PaintingHour[],
  limits: PaintLimits,
  touchDry: (hour: number) => number,
): readonly (readonly PaintingBlocker[])[] {
  /** By hour, a bit for each of what is against it, in their order. */
  const found = new Uint16Array(hours.length);
  const extremes = extremesOf(hours);
  for (const [place, [, { now, soon, untilRainSafe }]] of IN_ORDER.entries()) {
    const is = now ?? soon;
    // Most of them never happen in a room.
    if (!is || !extremes.some((hour) => is(hour, limits))) continue;
    let from = 0;
    for (let at = 0; at < hours.length; at++) {
      const hour = hours[at];
      if (hour === undefined || !is(hour, limits)) continue;
      if (now) {
        found[at] = (found[at] ?? 0) | (1 << place);
        continue;
      }
      // The later a coat is put on before what comes, the less it is dry by then.
      let [first, last] = [from, at];
      while (first < last) {
        const middle = (first + last) >> 1;
        if (at < (untilRainSafe ? middle + 1 + limits.rainSafe : touchDry(middle))) last = middle;
        else first = middle + 1;
      }
      for (let before = first; before < at; before++) found[before] = (found[before] ?? 0) | (1 << place);
      from = at;
    }
  }
  return Array.from(found, namesOf);
}

/** Lists of hindrances by their bits: there are few that occur. */
const lists = new Map<number, readonly PaintingBlocker[]>();

const namesOf = (bits: number): readonly PaintingBlocker[] =>
  getOrInsertComputed(lists, bits, () => IN_ORDER.flatMap(([id], place) => ((bits >> place) & 1 ? [id] : [])));

/** An hour that has the most of everything in some hours, and one that is the coldest: what is in the way of neither is never in the way. */
const extremesOf = kept(
  (hours: readonly PaintingHour[]): readonly PaintingHour[] => {
    const [first] = hours;
    const [most, least] = [{ ...first }, { ...first }] as [PaintingHour, PaintingHour];
    for (const { temperature, humidity, surface, direct, wind, rain, isDark, isNearDew } of hours) {
      if (temperature < least.temperature) least.temperature = temperature;
      if (surface < least.surface) least.surface = surface;
      if (temperature > most.temperature) most.temperature = temperature;
      if (surface > most.surface) most.surface = surface;
      if (humidity > most.humidity) most.humidity = humidity;
      if (direct > most.direct) most.direct = direct;
      if (wind > most.wind) most.wind = wind;
      if (rain > most.rain) most.rain = rain;
      most.isDark ||= isDark;
      most.isNearDew ||= isNearDew;
    }
    return first ? [most, least] : [];
  },
  // Hours are listed once and never changed.
  { isFixed: () => true },
);

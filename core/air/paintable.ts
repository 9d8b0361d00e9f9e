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

/** One hour as it bears on painting a face: its air, the face's own temperature, and what the sky does to it. */
export interface PaintingHour extends Air {
  surface: number;
  /** W/m² straight from the sun. */
  direct: number;
  wind: number;
  rain: number;
  isDark: boolean;
}

/** A surface stays this many K above the dew point, or water condenses on it (the usual rule, as in ISO 8502-4). */
export const ABOVE_DEW = 3;

/** m/s above which a brush drags dust, and a spray drifts. */
export const MOST_WIND = { brush: 8, spray: 4 } as const;

/** How an hour of the open air bears on a face. */
export function outdoorPaintingHour({ outdoor, sun, light, surface }: FaceHour): PaintingHour {
  const { temperature, humidity, wind, rain } = outdoor;
  return { temperature, humidity, wind, rain, surface, direct: light.direct, isDark: sun.altitude <= 0 };
}

/** How an hour of a room bears on what stands in it: as warm as its air, in lamplight, out of sun, wind and rain. */
export function indoorPaintingHour(air: Air): PaintingHour {
  const { temperature, humidity } = air;
  return { temperature, humidity, surface: temperature, direct: 0, wind: 0, rain: 0, isDark: false };
}

/** What is against painting in an hour: `soon` is what comes before the coat is touch dry, or rain-safe. */
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

const nearDew = ({ temperature, humidity, surface }: PaintingHour): boolean =>
  surface < dewPoint(temperature, humidity) + ABOVE_DEW;
const tooCold = ({ temperature, surface }: PaintingHour, { minTemperature }: PaintLimits): boolean =>
  Math.min(temperature, surface) < minTemperature;

/** Everything that can stand in the way, in the order in which it is told. */
export const HINDRANCES = {
  dark: { words: 'it is dark', short: 'dark', now: ({ isDark }) => isDark },
  rain: { words: 'it rains', short: 'rain', now: ({ rain }) => rain > 0 },
  'rain-soon': {
    words: 'rain comes before the coat is rain-safe',
    short: 'rain soon',
    soon: ({ rain }) => rain > 0,
    untilRainSafe: true,
  },
  sun: {
    words: 'the sun lies on it',
    short: 'in the sun',
    now: ({ direct }, { notInSun }) => notInSun && direct > SUNSHINE,
  },
  'too-cold': { words: 'air or surface is too cold', short: 'too cold', now: tooCold },
  'too-hot': {
    words: 'air or surface is too hot',
    short: 'too hot',
    now: ({ temperature, surface }, { maxTemperature }) => Math.max(temperature, surface) > maxTemperature,
  },
  'too-damp': {
    words: 'the air is too damp',
    short: 'too damp',
    now: ({ humidity }, { maxHumidity }) => humidity > maxHumidity,
  },
  dew: { words: 'the surface is within 3 K of the dew point', short: 'dew', now: nearDew },
  'dew-soon': { words: 'dew threatens before it is touch dry', short: 'dew soon', soon: nearDew },
  'cold-soon': { words: 'it gets too cold before it is touch dry', short: 'cold soon', soon: tooCold },
  wind: { words: 'there is too much wind', short: 'wind', now: ({ wind }, { mostWind }) => wind >= mostWind },
} as const satisfies Record<string, HindranceDefinition>;
export type Hindrance = keyof typeof HINDRANCES;
const IN_ORDER = Object.entries(HINDRANCES) as [Hindrance, HindranceDefinition][];

/**
 * What is against painting in each of these hours, the reason that is told first in front; nothing where it may be
 * painted. `touchDry` gives the hour, as a fraction from the first, at which a coat put on at the end of the `hour`th is
 * touch dry; `Infinity` when it is not within these hours. What comes after the last hour is not known and not feared.
 */
export function hindrancesOf(
  hours: readonly PaintingHour[],
  limits: PaintLimits,
  touchDry: (hour: number) => number,
): Hindrance[][] {
  const found = hours.map((): Hindrance[] => []);
  for (const [id, { now, soon, untilRainSafe }] of IN_ORDER) {
    if (now) {
      hours.forEach((hour, index) => {
        if (now(hour, limits)) found[index]?.push(id);
      });
      continue;
    }
    const next = soon ? nextHour(hours, (hour) => soon(hour, limits)) : [];
    // When it is dry matters only where something comes.
    for (let index = 0; index < hours.length && (next[index + 1] ?? Infinity) < Infinity; index++) {
      const comes = next[index + 1] ?? Infinity;
      if (comes < (untilRainSafe ? index + 1 + limits.rainSafe : touchDry(index))) found[index]?.push(id);
    }
  }
  return found;
}

/** For every hour, the first from it on in which something is so; `Infinity` where it is not any more. */
function nextHour(hours: readonly PaintingHour[], isSo: (hour: PaintingHour) => boolean): number[] {
  const next = new Array<number>(hours.length + 1).fill(Infinity);
  for (let index = hours.length - 1; index >= 0; index--) {
    const hour = hours[index];
    next[index] = hour && isSo(hour) ? index : (next[index + 1] ?? Infinity);
  }
  return next;
}

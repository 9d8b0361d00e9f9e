import type { Air } from '../air/climate.ts';
import type { JobClocks } from '../clocks/job-clocks.ts';
import { TIN_AIR } from '../shelf/drying/tin-air.ts';
import type { Coating, DryingStage } from '../shelf/coating.ts';
import { AS_STATED, type CoatCondition } from '../shelf/drying/stage-legs.ts';
import { longerWords, slowerWords } from '../units/comparison.ts';
import { formatDuration, TEMPERATURE } from '../units/measures.ts';
import type { UnitSystem } from '../units/unit-systems.ts';

/** How the moment at which a coat reaches a stage came about. */
export interface DryingAccount {
  /** By its tin, minutes. */
  stated: number;
  /** In the air that it had or will have, minutes; `Infinity` for never. */
  takes: number;
  /** The mean of that air: °C and % RH. */
  temperature: number;
  humidity: number;
  condition: CoatCondition;
}

/** Where a coat dries: in one climate, or in one after the other, each until so many minutes on the clocks. */
type Stays = string | readonly { climateId: string; until: number }[];

/**
 * Accounts for a coat of `coating` that was finished at `from`, in minutes on the clocks; null where its tin does not
 * state the stage. What is never reached is accounted for by the air of its tin's hours.
 */
export function dryingAccount(
  clocks: JobClocks,
  coating: Coating,
  stage: DryingStage,
  from: number,
  stays: Stays,
  condition: CoatCondition = AS_STATED,
): DryingAccount | null {
  const hours = coating.hours[stage];
  const reached = clocks.reached(coating, stage, from, stays, condition);
  if (hours === null || reached === null) return null;
  const until = reached === Infinity ? from + hours * 60 : reached;
  return { stated: hours * 60, takes: reached - from, ...meanAir(clocks, stays, from, until), condition };
}

/** The mean of the air between two moments, in minutes on the clocks, wherever the coat is then: of an hour at least. */
export function meanAir(clocks: JobClocks, stays: Stays, from: number, until: number): Air {
  const during = airDuring(clocks, stays, from, Math.max(until, from + 1));
  const mean = (of: (hour: Air) => number): number =>
    during.reduce((sum, hour) => sum + of(hour), 0) / Math.max(1, during.length);
  return { temperature: mean(({ temperature }) => temperature), humidity: mean(({ humidity }) => humidity) };
}

/** Air in words, whole degrees: “18 °C, 60% RH”. */
export const airWords = ({ temperature, humidity }: Air, units: UnitSystem): string =>
  `${TEMPERATURE.format(temperature, units, 0)}, ${Math.round(humidity)}% RH`;

/** The air of every hour from a moment until another, wherever the coat is then. */
function airDuring(clocks: JobClocks, stays: Stays, from: number, until: number): Air[] {
  const places = typeof stays === 'string' ? [{ climateId: stays, until: Infinity }] : stays;
  const hours: Air[] = [];
  for (let hour = Math.floor(from / 60); hour * 60 < until; hour++) {
    const place = places.find((stay) => hour * 60 < stay.until) ?? places.at(-1);
    const air = place && clocks.air(place.climateId).at(hour);
    if (air) hours.push(air);
  }
  return hours;
}

/** The same in lines, from the tin to the hours here. */
export function accountLines(
  { stated, takes, temperature, humidity, condition }: DryingAccount,
  units: UnitSystem,
): string[] {
  const thicker = Math.round((condition.filmRatio - 1) * 100);
  return [
    `Tin: ${formatDuration(stated)} at ${airWords(TIN_AIR, units)}.`,
    `Here: ${airWords({ temperature, humidity }, units)} on average.`,
    ...(thicker === 0 ? [] : [`Film ${Math.abs(thicker)}% ${thicker > 0 ? 'thicker' : 'thinner'} than the tin’s.`]),
    ...(condition.factor === 1 ? [] : [`By your checks ${slowerWords(condition.factor)} than the tin.`]),
    takes === Infinity
      ? 'Too cold: it doesn’t dry.'
      : `So ${formatDuration(Math.round(takes))}: ${longerWords(takes / stated)} than the tin says.`,
  ];
}

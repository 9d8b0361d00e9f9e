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

/**
 * Accounts for a coat of `coating` that was finished at `from`, in minutes on the clocks, and dries in one climate; null
 * where its tin does not state the stage. What is never reached is accounted for by the air of its tin's hours.
 */
export function dryingAccount(
  clocks: JobClocks,
  coating: Coating,
  stage: DryingStage,
  from: number,
  climateId: string,
  condition: CoatCondition = AS_STATED,
): DryingAccount | null {
  const hours = coating.hours[stage];
  const reached = clocks.reached(coating, stage, from, climateId, condition);
  if (hours === null || reached === null) return null;
  const air = clocks.air(climateId);
  const until = reached === Infinity ? from + hours * 60 : reached;
  const [first, last] = [Math.max(0, Math.floor(from / 60)), Math.max(1, Math.ceil(until / 60))];
  const during = air.slice(Math.min(first, last - 1), last);
  const mean = (of: (hour: (typeof during)[number]) => number): number =>
    during.reduce((sum, hour) => sum + of(hour), 0) / Math.max(1, during.length);
  return {
    stated: hours * 60,
    takes: reached - from,
    temperature: mean(({ temperature }) => temperature),
    humidity: mean(({ humidity }) => humidity),
    condition,
  };
}

/** The same in lines, from the tin to the hours here. */
export function accountLines(
  { stated, takes, temperature, humidity, condition }: DryingAccount,
  units: UnitSystem,
): string[] {
  const air = (degrees: number, share: number): string =>
    `${TEMPERATURE.format(degrees, units, 0)}, ${Math.round(share)}% RH`;
  const thicker = Math.round((condition.filmRatio - 1) * 100);
  return [
    `Tin: ${formatDuration(stated)} at ${air(TIN_AIR.temperature, TIN_AIR.humidity)}.`,
    `Here: ${air(temperature, humidity)} on average.`,
    ...(thicker === 0 ? [] : [`Film ${Math.abs(thicker)}% ${thicker > 0 ? 'thicker' : 'thinner'} than the tin’s.`]),
    ...(condition.factor === 1 ? [] : [`By your checks ${slowerWords(condition.factor)} than the tin.`]),
    takes === Infinity
      ? 'Too cold: it doesn’t dry.'
      : `So ${formatDuration(Math.round(takes))}: ${longerWords(takes / stated)} than the tin says.`,
  ];
}

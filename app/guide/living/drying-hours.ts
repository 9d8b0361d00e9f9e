import { JobClocks } from '../../../core/clocks/job-clocks.ts';
import { DEFAULT_COATINGS } from '../../../core/shelf/default-coatings.ts';
import { GUIDE_DAY, plainJob } from './plain-job.ts';

/** Stages that the guide shows, in their order. */
const STAGES = [
  ['touch', 'Touch dry'],
  ['recoat', 'Recoat'],
  ['rehang', 'Hang'],
] as const;

/** When a coat reaches a stage: hours by its tin, and hours in the air that was asked for; null where it never does. */
export interface DryingHours {
  name: string;
  tin: number;
  here: number | null;
}

/** Days that the clocks run. */
const HORIZON = 40;

/** How long a coat takes at a temperature in °C and a humidity in %, against what its tin says. */
export function dryingHours(product: string, temperature: number, humidity: number): DryingHours[] {
  const coating = DEFAULT_COATINGS.find(({ id }) => id === product);
  if (coating === undefined) throw new RangeError(`No coating has the id ${product}.`);
  const clocks = new JobClocks(plainJob(temperature, humidity), GUIDE_DAY, HORIZON);
  return STAGES.flatMap(([stage, name]) => {
    const tin = coating.hours[stage];
    const reached = clocks.reached(coating, stage, 0, 'house');
    if (reached === null) return [];
    return [{ name, tin, here: Number.isFinite(reached) ? reached / 60 : null }];
  });
}

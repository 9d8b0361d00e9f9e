import { warmthRate } from './fitted.ts';
import type { DryingDefinition } from './definition.ts';

/** Oil and alkyd: twice as fast for every 10 K, limited to 3; damp air above 70 % RH slows it by up to half. */
export const oxidising: DryingDefinition = {
  id: 'oxidising',
  words: 'taking up oxygen',
  rate({ reference, fittedSlope }) {
    return (temperature, humidity) => {
      const damp = 1 - 0.5 * Math.max(0, (humidity - 70) / 30);
      return Math.min(3, warmthRate(fittedSlope, temperature, reference.temperature)) * damp;
    };
  },
  filmExponent: 2,
};

import { fittedRate } from './fitted.ts';
import type { DryingDefinition } from './definition.ts';

/** Two-part: twice as fast for every 10 K; the pot life is divided by the same rate. */
export const reacting: DryingDefinition = {
  id: 'reacting',
  words: 'reacting with its hardener',
  rate(air, { minTemperature, reference, fittedSlope }) {
    if (air.temperature < minTemperature) return 0;
    const warmth =
      fittedSlope === null
        ? 2 ** ((air.temperature - reference.temperature) / 10)
        : fittedRate(fittedSlope, air.temperature, reference.temperature);
    return warmth;
  },
  filmExponent: 2,
};

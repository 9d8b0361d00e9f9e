import { warmthRate } from './fitted.ts';
import type { DryingDefinition } from './definition.ts';

/** Two-part: twice as fast for every 10 K; the pot life is divided by the same rate. */
export const reacting: DryingDefinition = {
  id: 'reacting',
  words: 'reacting with its hardener',
  rate({ reference, fittedSlope }) {
    return (temperature) => warmthRate(fittedSlope, temperature, reference.temperature);
  },
  filmExponent: 2,
};

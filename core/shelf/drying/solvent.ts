import { fittedRate } from './fitted.ts';
import type { DryingDefinition } from './definition.ts';

const ACTIVATION_ENERGY = 42_000; // J/mol
const GAS_CONSTANT = 8.314; // J/(mol K)

/** Shellac and lacquer: exp(−Ea/R · (1/T − 1/Tref)) (Arrhenius), limited to 3. */
export const solvent: DryingDefinition = {
  id: 'solvent',
  words: 'giving its solvent to the air',
  rate({ reference, fittedSlope }) {
    const slope = fittedSlope ?? ACTIVATION_ENERGY / GAS_CONSTANT;
    return (temperature) => Math.min(3, fittedRate(slope, temperature, reference.temperature));
  },
  filmExponent: 1,
};

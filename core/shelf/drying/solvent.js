const ACTIVATION_ENERGY = 42_000; // J/mol
const GAS_CONSTANT = 8.314; // J/(mol K)
const KELVIN = 273.15;
/** Shellac and lacquer: exp(−Ea/R · (1/T − 1/Tref)) (Arrhenius), limited to 3. */
export const solvent = {
  id: 'solvent',
  words: 'giving its solvent to the air',
  rate(air, { minTemperature, reference }) {
    if (air.temperature < minTemperature) return 0;
    const inverse = 1 / (air.temperature + KELVIN) - 1 / (reference.temperature + KELVIN);
    return Math.min(3, Math.exp((-ACTIVATION_ENERGY / GAS_CONSTANT) * inverse));
  },
  filmExponent: 1,
};

/** Two-part: twice as fast for every 10 K; the pot life is divided by the same rate. */
export const reacting = {
  id: 'reacting',
  words: 'reacting with its hardener',
  rate(air, { minTemperature, reference }) {
    if (air.temperature < minTemperature) return 0;
    return 2 ** ((air.temperature - reference.temperature) / 10);
  },
  filmExponent: 2,
};

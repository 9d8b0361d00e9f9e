/** Oil and alkyd: twice as fast for every 10 K, limited to 3; damp air above 70 % RH slows it by up to half. */
export const oxidising = {
  id: 'oxidising',
  words: 'taking up oxygen',
  rate(air, { minTemperature, reference }) {
    if (air.temperature < minTemperature) return 0;
    const damp = 1 - 0.5 * Math.max(0, (air.humidity - 70) / 30);
    return Math.min(3, 2 ** ((air.temperature - reference.temperature) / 10)) * damp;
  },
  filmExponent: 2,
};

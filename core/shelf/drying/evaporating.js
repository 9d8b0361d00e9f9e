import { vapourPressureDeficit } from '../../air/humidity.ts';
const VENTILATION_FACTOR = { still: 0.7, normal: 1, fan: 1.3 };
/** Waterborne: as fast as the air takes up water, VPD(T, RH) / VPD(reference), limited to 2.5. */
export const evaporating = {
  id: 'evaporating',
  words: 'giving its water to the air',
  rate(air, { minTemperature, ventilation, reference }) {
    if (air.temperature < minTemperature) return 0;
    const deficit = vapourPressureDeficit(air.temperature, air.humidity);
    const atReference = vapourPressureDeficit(reference.temperature, reference.humidity);
    return Math.min(2.5, Math.max(0, (deficit / atReference) * VENTILATION_FACTOR[ventilation]));
  },
  filmExponent: 1,
};

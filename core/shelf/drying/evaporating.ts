import { fittedRate } from './fitted.ts';
import { vapourPressureDeficit } from '../../air/humidity.ts';
import type { DryingDefinition } from './definition.ts';

const VENTILATION_FACTOR = { still: 0.7, normal: 1, fan: 1.3 } as const;

/** Waterborne: as fast as the air takes up water, VPD(T, RH) / VPD(reference), limited to 2.5. */
export const evaporating: DryingDefinition = {
  id: 'evaporating',
  words: 'giving its water to the air',
  rate(air, { minTemperature, ventilation, reference, fittedSlope }) {
    if (air.temperature < minTemperature) return 0;
    if (fittedSlope !== null) {
      // The tin tells what warmth does; how dry the air is counts as before, at the same temperature.
      const dryness = (100 - air.humidity) / (100 - reference.humidity);
      const fitted = fittedRate(fittedSlope, air.temperature, reference.temperature) * dryness;
      return Math.min(2.5, Math.max(0, fitted * VENTILATION_FACTOR[ventilation]));
    }
    const deficit = vapourPressureDeficit(air.temperature, air.humidity);
    const atReference = vapourPressureDeficit(reference.temperature, reference.humidity);
    return Math.min(2.5, Math.max(0, (deficit / atReference) * VENTILATION_FACTOR[ventilation]));
  },
  filmExponent: 1,
};

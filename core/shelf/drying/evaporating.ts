import { fittedRate } from './fitted.ts';
import { vapourPressureDeficit } from '../../air/humidity.ts';
import type { DryingDefinition } from './definition.ts';

const VENTILATION_FACTOR = { still: 0.7, normal: 1, fan: 1.3 } as const;
const FASTEST = 2.5;

/** Waterborne: as fast as the air takes up water, VPD(T, RH) / VPD(reference), limited to 2.5. */
export const evaporating: DryingDefinition = {
  id: 'evaporating',
  words: 'giving its water to the air',
  rate({ ventilation, reference, fittedSlope }) {
    const moved = VENTILATION_FACTOR[ventilation];
    if (fittedSlope !== null) {
      // The tin tells what warmth does; how dry the air is counts as before, at the same temperature.
      const dry = 100 - reference.humidity;
      return (temperature, humidity) => {
        const fitted = fittedRate(fittedSlope, temperature, reference.temperature) * ((100 - humidity) / dry);
        return Math.min(FASTEST, Math.max(0, fitted * moved));
      };
    }
    const times = moved / vapourPressureDeficit(reference.temperature, reference.humidity);
    return (temperature, humidity) =>
      Math.min(FASTEST, Math.max(0, vapourPressureDeficit(temperature, humidity) * times));
  },
  filmExponent: 1,
};

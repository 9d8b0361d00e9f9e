import type { UnitSystem } from './system.ts';

const SQUARE_FEET_PER_M2 = 10.7639104;
const US_FLUID_OUNCES_PER_LITRE = 33.8140227;

const fixed = (value: number, digits: number): string =>
  new Intl.NumberFormat('en-GB', { minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value);

/** Square metres to read: `1.69 m²`, or `18.1 sq ft`. */
export function formatArea(squareMetres: number, system: UnitSystem): string {
  return system === 'metric' ? `${fixed(squareMetres, 2)} m²` : `${fixed(squareMetres * SQUARE_FEET_PER_M2, 1)} sq ft`;
}

/** m² for a field in the job's own units, to a hundredth. */
export function areaFieldValue(squareMetres: number, system: UnitSystem): number {
  return Math.round(squareMetres * (system === 'metric' ? 1 : SQUARE_FEET_PER_M2) * 100) / 100;
}

/** m² from a number typed in the job's own units. */
export function areaFromField(value: number, system: UnitSystem): number {
  return system === 'metric' ? value : value / SQUARE_FEET_PER_M2;
}

/** Litres to read: `0.75 L`; in US units quarts from a quart up, fluid ounces below. */
export function formatVolume(litres: number, system: UnitSystem): string {
  if (system === 'metric') return `${fixed(litres, 2)} L`;
  const ounces = litres * US_FLUID_OUNCES_PER_LITRE;
  return ounces < 31.5 ? `${fixed(ounces, 1)} fl oz` : `${fixed(ounces / 32, 2)} qt`;
}

/** °C to read: `18 °C`, or `64 °F`. */
export function formatTemperature(celsius: number, system: UnitSystem): string {
  return system === 'metric' ? `${fixed(celsius, 0)} °C` : `${fixed((celsius * 9) / 5 + 32, 0)} °F`;
}

/** °C for a field in the job's own scale, to a tenth. */
export function temperatureFieldValue(celsius: number, system: UnitSystem): number {
  return Math.round((system === 'metric' ? celsius : (celsius * 9) / 5 + 32) * 10) / 10;
}

/** °C from a number typed in the job's own scale. */
export function temperatureFromField(value: number, system: UnitSystem): number {
  return system === 'metric' ? value : ((value - 32) * 5) / 9;
}

/** Minutes to read: `25 min`, `2 h 05`, `3 days`. */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  if (whole < 48 * 60) {
    const rest = whole % 60;
    return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}`;
  }
  return `${fixed(whole / 1440, 1).replace(/\.0$/, '')} days`;
}

import { INCHES, MILLIMETRES, type LengthStyle } from './length-styles.ts';
import type { Scale } from './scale.ts';

/** What is measured, beside lengths; with the unit in which it is stored. */
export type MeasureId =
  /** m along lines */
  | 'run'
  /** m² */
  | 'area'
  /** L */
  | 'volume'
  /** mL: what is measured out */
  | 'portion'
  /** kg */
  | 'mass'
  /** g: what is weighed out */
  | 'grams'
  /** °C */
  | 'temperature'
  /** K */
  | 'temperatureDifference'
  /** µm */
  | 'film'
  /** m²/L */
  | 'spreadRate'
  /** kg/L */
  | 'density'
  /** mL/L */
  | 'dilution'
  /** m/s */
  | 'wind'
  /** mm */
  | 'rain';

/** A system of units: how everything that is measured is written and typed. */
interface UnitSystemDefinition {
  name: string;
  /** Its units, for whoever chooses. */
  units: string;
  length: LengthStyle;
  /** Sizes in which paint is sold there, litres by name, small ones first; null where it is sold by the litre. */
  tinSizes: Readonly<Record<string, number>> | null;
  /** By measure, small units first. */
  scales: Readonly<Record<MeasureId, readonly [Scale, ...Scale[]]>>;
}

const CELSIUS = [{ unit: '°C', perUnit: 1, digits: 0 }] as const;
const KELVIN = [{ unit: '°C', perUnit: 1, digits: 1 }] as const;
const FEET = [{ unit: 'ft', perUnit: 0.3048, digits: 0 }] as const;
const SQUARE_FEET = [{ unit: 'sq ft', perUnit: 1 / 10.7639104, digits: 1 }] as const;
const POUNDS = [{ unit: 'lb', perUnit: 0.45359237, digits: 0 }] as const;
const OUNCES = [{ unit: 'oz', perUnit: 28.349523125, digits: 1 }] as const;
const MILS = [{ unit: 'mil', perUnit: 25.4, digits: 1 }] as const;
const MILES_PER_HOUR = [{ unit: 'mph', perUnit: 0.44704, digits: 0 }] as const;
const INCHES_OF_RAIN = [{ unit: 'in', perUnit: 25.4, digits: 2 }] as const;

const US_FLUID_OUNCE = 1 / 33.8140227;
const US_GALLON = 128 * US_FLUID_OUNCE;
const IMPERIAL_GALLON = 4.54609;
const IMPERIAL_FLUID_OUNCE = IMPERIAL_GALLON / 160;

/** Every system of units that a job can be written and read in. All is stored in SI; this changes what is typed and shown. */
export const UNIT_SYSTEMS = {
  metric: {
    name: 'Metric',
    units: 'mm, m², L',
    length: MILLIMETRES,
    tinSizes: null,
    scales: {
      run: [{ unit: 'm', perUnit: 1, digits: 0 }],
      area: [{ unit: 'm²', perUnit: 1, digits: 2 }],
      volume: [{ unit: 'L', plural: 'litres', perUnit: 1, digits: 2 }],
      portion: [{ unit: 'mL', perUnit: 1, digits: 0 }],
      mass: [{ unit: 'kg', perUnit: 1, digits: 0 }],
      grams: [{ unit: 'g', perUnit: 1, digits: 0 }],
      temperature: CELSIUS,
      temperatureDifference: KELVIN,
      film: [{ unit: 'µm', perUnit: 1, digits: 0 }],
      spreadRate: [{ unit: 'm²/L', perUnit: 1, digits: 1 }],
      density: [{ unit: 'kg/L', perUnit: 1, digits: 2 }],
      dilution: [{ unit: 'mL/L', perUnit: 1, digits: 0 }],
      wind: [{ unit: 'm/s', perUnit: 1, digits: 1 }],
      rain: [{ unit: 'mm', perUnit: 1, digits: 1 }],
    },
  },
  us: {
    name: 'US',
    units: 'in, sq ft, gal',
    length: INCHES,
    tinSizes: { pint: US_GALLON / 8, quart: US_GALLON / 4, gallon: US_GALLON, 'five gallons': 5 * US_GALLON },
    scales: {
      run: FEET,
      area: SQUARE_FEET,
      volume: [
        { unit: 'fl oz', perUnit: US_FLUID_OUNCE, digits: 1 },
        { unit: 'qt', plural: 'quarts', perUnit: US_GALLON / 4, digits: 2, from: 31.5 / 32, isTyped: true },
        { unit: 'gal', perUnit: US_GALLON, digits: 2, from: 1 },
      ],
      portion: [{ unit: 'fl oz', perUnit: US_FLUID_OUNCE * 1000, digits: 1 }],
      mass: POUNDS,
      grams: OUNCES,
      temperature: [{ unit: '°F', perUnit: 5 / 9, zero: 32, digits: 0 }],
      temperatureDifference: [{ unit: '°F', perUnit: 5 / 9, digits: 0 }],
      film: MILS,
      spreadRate: [{ unit: 'sq ft/gal', perUnit: 1 / (10.7639104 * US_GALLON), digits: 0 }],
      density: [{ unit: 'lb/gal', perUnit: 0.45359237 / US_GALLON, digits: 1 }],
      dilution: [{ unit: 'fl oz/gal', perUnit: (1000 * US_FLUID_OUNCE) / US_GALLON, digits: 1 }],
      wind: MILES_PER_HOUR,
      rain: INCHES_OF_RAIN,
    },
  },
  imperial: {
    name: 'Imperial',
    units: 'in, sq ft, UK gal',
    length: INCHES,
    tinSizes: null,
    scales: {
      run: FEET,
      area: SQUARE_FEET,
      volume: [
        { unit: 'fl oz', perUnit: IMPERIAL_FLUID_OUNCE, digits: 1 },
        { unit: 'pt', plural: 'pints', perUnit: IMPERIAL_GALLON / 8, digits: 2, from: 1, isTyped: true },
        { unit: 'gal', perUnit: IMPERIAL_GALLON, digits: 2, from: 1 },
      ],
      portion: [{ unit: 'fl oz', perUnit: IMPERIAL_FLUID_OUNCE * 1000, digits: 1 }],
      mass: POUNDS,
      grams: OUNCES,
      temperature: CELSIUS,
      temperatureDifference: KELVIN,
      film: MILS,
      spreadRate: [{ unit: 'sq ft/gal', perUnit: 1 / (10.7639104 * IMPERIAL_GALLON), digits: 0 }],
      density: [{ unit: 'lb/gal', perUnit: 0.45359237 / IMPERIAL_GALLON, digits: 1 }],
      dilution: [{ unit: 'fl oz/gal', perUnit: (1000 * IMPERIAL_FLUID_OUNCE) / IMPERIAL_GALLON, digits: 1 }],
      wind: MILES_PER_HOUR,
      rain: INCHES_OF_RAIN,
    },
  },
} as const satisfies Record<string, UnitSystemDefinition>;

export type UnitSystem = keyof typeof UNIT_SYSTEMS;
export const UNIT_SYSTEM_IDS = Object.keys(UNIT_SYSTEMS) as [UnitSystem, ...UnitSystem[]];

/** All that a system says. */
export const systemOf = (system: UnitSystem): UnitSystemDefinition => UNIT_SYSTEMS[system];

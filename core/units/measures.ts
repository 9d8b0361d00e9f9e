import { accepted, type Outcome } from './outcome.ts';
import { anyNumber } from './typed-number.ts';
import { fixed, shownOn, storedFrom, type Scale } from './scale.ts';
import { systemOf, type MeasureId, type UnitSystem } from './unit-systems.ts';

/** Something that is measured: figures of it as they are read and typed in a system of units. */
export interface Measure {
  /** A figure to read, with its unit: `1.69 m²`, `18.1 sq ft`. `digits` where they are not the usual ones. */
  format(stored: number, system: UnitSystem, digits?: number): string;
  /** The same without decimals that say nothing: `2.5 L`, `10 L`. */
  brief(stored: number, system: UnitSystem): string;
  /** The unit in which it is typed. */
  unit(system: UnitSystem): string;
  /** The same, spelt out: “litres”. */
  unitName(system: UnitSystem): string;
  /** A figure for a field, to so many decimals. */
  fieldValue(stored: number, system: UnitSystem, digits?: number): number;
  /** A figure in the stored unit, from one that was typed. */
  fromField(typed: number, system: UnitSystem): number;
  /** Reads what was typed between two limits in the stored unit, or says in the typed one what would be right. */
  read(typed: string, limits: readonly [number, number], system: UnitSystem): Outcome<number>;
}

const shownScale = (scales: readonly [Scale, ...Scale[]], stored: number): Scale =>
  scales.findLast((scale) => scale.from !== undefined && Math.abs(shownOn(scale, stored)) >= scale.from) ?? scales[0];

const typedScale = (scales: readonly [Scale, ...Scale[]]): Scale => scales.find(({ isTyped }) => isTyped) ?? scales[0];

/** `fieldDigits` decimals stand in a field. */
function measure(id: MeasureId, fieldDigits: number): Measure {
  const typed = (system: UnitSystem): Scale => typedScale(systemOf(system).scales[id]);
  return {
    format(stored, system, digits) {
      const scale = shownScale(systemOf(system).scales[id], stored);
      return `${fixed(shownOn(scale, stored), digits ?? scale.digits)} ${scale.unit}`;
    },
    brief(stored, system) {
      const scale = shownScale(systemOf(system).scales[id], stored);
      const figure = shownOn(scale, stored).toLocaleString('en-GB', {
        maximumFractionDigits: Math.max(scale.digits, 1),
      });
      return `${figure} ${scale.unit}`;
    },
    unit: (system) => typed(system).unit,
    unitName: (system) => typed(system).plural ?? typed(system).unit,
    fieldValue(stored, system, digits = fieldDigits) {
      const factor = 10 ** digits;
      return Math.round(shownOn(typed(system), stored) * factor) / factor;
    },
    fromField: (value, system) => storedFrom(typed(system), value),
    read(text, limits, system) {
      const scale = typed(system);
      const [min, max] = limits.map((limit) => Math.round(shownOn(scale, limit) * 100) / 100) as [number, number];
      const read = anyNumber(text, min, max);
      if (!read.ok) return read;
      // A limit that was typed as it is said lies within it, however it is rounded.
      return accepted(Math.min(limits[1], Math.max(limits[0], storedFrom(scale, read.value))));
    },
  };
}

/** m along lines: of joint, of tape. */
export const RUN = measure('run', 1);
/** m². */
export const AREA = measure('area', 2);
/** Litres. */
export const VOLUME = measure('volume', 2);
/** mL. */
export const PORTION = measure('portion', 0);
/** kg. */
export const MASS = measure('mass', 1);
/** g. */
export const GRAMS = measure('grams', 0);
/** °C. */
export const TEMPERATURE = measure('temperature', 1);
/** K. */
export const TEMPERATURE_DIFFERENCE = measure('temperatureDifference', 1);
/** µm. */
export const FILM = measure('film', 0);
/** m²/L. */
export const SPREAD_RATE = measure('spreadRate', 1);
/** kg/L. */
export const DENSITY = measure('density', 2);
/** mL/L: what a cleaner is thinned by. */
export const DILUTION = measure('dilution', 1);
/** m/s. */
export const WIND = measure('wind', 1);
/** mm. */
export const RAIN = measure('rain', 1);

/** Kilograms to read, with a decimal where it is light: `7.5 kg`, `23 kg`. */
export const formatWeight = (kg: number, system: UnitSystem): string =>
  MASS.format(kg, system, MASS.fieldValue(kg, system, 3) < 10 ? 1 : 0);

/** Minutes to read: `25 min`, `2 h 05`, `3 days`. */
export function formatDuration(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  if (whole < 48 * 60) {
    const rest = whole % 60;
    return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${rest} min`;
  }
  return `${fixed(whole / 1440, 1).replace(/\.0$/, '')} days`;
}

/** Hours of work, not of the clock, in words: days would be misread. `7 h 5 min`, `43 min`. */
export function hoursOfWork(hours: number): string {
  const minutes = Math.round(hours * 60);
  const [whole, rest] = [Math.floor(minutes / 60), minutes % 60];
  return [...(whole > 0 ? [`${whole} h`] : []), ...(rest > 0 || whole === 0 ? [`${rest} min`] : [])].join(' ');
}

import { accepted, refused, type Outcome } from './outcome.ts';
import { INCH, LONG } from './length-styles.ts';
import { systemOf, type UnitSystem } from './unit-systems.ts';

const MM_PER_UNIT: Readonly<Partial<Record<string, number>>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  '"': INCH,
  in: INCH,
  "'": 12 * INCH,
  ft: 12 * INCH,
};

const NUMBER = String.raw`(\d+(?:\s+|-)\d+\/\d+|\d+\/\d+|\d*[.,]?\d+)`;
const FEET_AND_INCHES = new RegExp(`^${NUMBER}\\s*(?:'|ft)\\s*-?\\s*(?:${NUMBER}\\s*(?:"|in)?)?$`);
const ONE_NUMBER = new RegExp(`^${NUMBER}\\s*(mm|cm|m|"|in|'|ft)?$`);

/** A number as typed: `826`, `82,6`, `3/4`, `32 1/2`, `32-1/2`. */
function numberFrom(text: string): number {
  const words = text.trim().split(/[\s-]+/);
  const [top = '', bottom] = (words.at(-1) ?? '').split('/');
  const part = bottom === undefined ? Number(top.replace(',', '.')) : Number(top) / Number(bottom);
  return (words.length > 1 ? Number(words[0]) : 0) + part;
}

/**
 * Reads a length as painters write it: `826`, `82.6 cm`, `2.04 m`, `32 1/2`, `2'-8 1/2"`, `6'8`.
 * A bare number is millimetres in the metric system and inches in the US system.
 * Answers millimetres, rounded to a hundredth; refuses anything else with an example of what can be read.
 */
export function parseLength(text: string, system: UnitSystem): Outcome<number> {
  const style = systemOf(system).length;
  const tidy = text
    .trim()
    .toLowerCase()
    .replace(/[’′]/g, "'")
    .replace(/[”″]|''/g, '"');
  if (tidy === '') return refused(`Type a length, e.g. ${style.example}.`);
  const both = FEET_AND_INCHES.exec(tidy);
  const one = ONE_NUMBER.exec(tidy);
  let mm: number;
  if (both?.[1] !== undefined) {
    mm = numberFrom(both[1]) * 12 * INCH + (both[2] === undefined ? 0 : numberFrom(both[2]) * INCH);
  } else if (one?.[1] !== undefined) {
    mm = numberFrom(one[1]) * (MM_PER_UNIT[one[2] ?? style.bareUnit] ?? NaN);
  } else {
    return refused(`Can’t read “${text.trim()}”. Type a length, e.g. ${style.example}.`);
  }
  if (!Number.isFinite(mm)) return refused(`Can’t read “${text.trim()}”. Type a length, e.g. ${style.example}.`);
  return accepted(Math.round(mm * 100) / 100);
}

/** A length for a field: without a unit, in the system's small unit (mm, or inches to 1/16). */
export function lengthFieldText(mm: number, system: UnitSystem): string {
  return systemOf(system).length.fieldText(mm);
}

/** A length to read: `826 mm`, `11.4 m`; `32 1/2"`, `37'-6"`. */
export const formatLength = (mm: number, system: UnitSystem): string => systemOf(system).length.text(mm);

/** The unit in which lengths are typed. */
export const lengthUnit = (system: UnitSystem): string => systemOf(system).length.unit;

/** Width by height to read, with one unit: `826 × 2040 mm`, `32 1/2 × 80 5/16"`. */
export function formatSize(width: number, height: number, system: UnitSystem): string {
  if (width >= LONG) return `${formatLength(width, system)} × ${formatLength(height, system)}`;
  return `${lengthFieldText(width, system)} × ${formatLength(height, system)}`;
}

/** Lengths in sentences are nominal: in inches they are said to an eighth, below this many mm to a sixteenth. */
const FINE = 10;

/** A sentence written with millimetres, with its lengths in the system's own: “a 50 mm brush”, `a 2" brush`. */
export function lengthsIn(sentence: string, system: UnitSystem): string {
  if (systemOf(system).length.bareUnit === 'mm') return sentence;
  return sentence.replace(/\b(\d+) mm\b/g, (_match, text: string) => {
    const mm = Number(text);
    const step = mm < FINE ? INCH / 16 : INCH / 8;
    return formatLength(Math.max(step, Math.round(mm / step) * step), system);
  });
}

import { accepted, refused, type Outcome } from './outcome.ts';
import type { UnitSystem } from './system.ts';

const MM_PER_INCH = 25.4;
const MM_PER_UNIT: Readonly<Partial<Record<string, number>>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  '"': MM_PER_INCH,
  in: MM_PER_INCH,
  "'": 12 * MM_PER_INCH,
  ft: 12 * MM_PER_INCH,
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
  const tidy = text
    .trim()
    .toLowerCase()
    .replace(/[’′]/g, "'")
    .replace(/[”″]|''/g, '"');
  if (tidy === '') return refused(`Type a length, such as ${example(system)}.`);
  const both = FEET_AND_INCHES.exec(tidy);
  const one = ONE_NUMBER.exec(tidy);
  let mm: number;
  if (both?.[1] !== undefined) {
    mm = numberFrom(both[1]) * 12 * MM_PER_INCH + (both[2] === undefined ? 0 : numberFrom(both[2]) * MM_PER_INCH);
  } else if (one?.[1] !== undefined) {
    mm = numberFrom(one[1]) * (MM_PER_UNIT[one[2] ?? (system === 'metric' ? 'mm' : '"')] ?? NaN);
  } else {
    return refused(`“${text.trim()}” is not a length Nivel can read. Write it like ${example(system)}.`);
  }
  if (!Number.isFinite(mm)) return refused(`“${text.trim()}” divides by nothing. Write it like ${example(system)}.`);
  return accepted(Math.round(mm * 100) / 100);
}

function example(system: UnitSystem): string {
  return system === 'metric' ? '826, 82.6 cm or 2\'-8 1/2"' : '32 1/2, 2\'-8 1/2" or 826 mm';
}

/** Millimetres as inches to the nearest 1/16, such as `80 5/16`. */
function inches(mm: number): string {
  const sixteenths = Math.round((mm / MM_PER_INCH) * 16);
  const whole = Math.floor(sixteenths / 16);
  let top = sixteenths % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  if (top === 0) return `${whole}`;
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}

/** A length for a field: without a unit, in the system's small unit (mm, or inches to 1/16). */
export function lengthFieldText(mm: number, system: UnitSystem): string {
  return system === 'metric' ? `${Math.round(mm * 10) / 10}` : inches(mm);
}

/** Lengths from this on, in mm, are said in metres, or in feet and inches. */
const LONG = 10_000;

/** A length to read: `826 mm`, `11.4 m`; `32 1/2"`, `37'-6"`. */
export function formatLength(mm: number, system: UnitSystem): string {
  if (system === 'metric') return mm < LONG ? `${Math.round(mm)} mm` : `${Math.round(mm / 10) / 100} m`;
  if (mm < LONG) return `${inches(mm)}"`;
  const feet = Math.floor(mm / (12 * MM_PER_INCH) + 1e-9);
  return `${feet}'-${inches(Math.max(0, mm - feet * 12 * MM_PER_INCH))}"`;
}

/** Width by height to read, with one unit: `826 × 2040 mm`, `32 1/2 × 80 5/16"`. */
export function formatSize(width: number, height: number, system: UnitSystem): string {
  if (width >= LONG) return `${formatLength(width, system)} × ${formatLength(height, system)}`;
  return `${lengthFieldText(width, system)} × ${formatLength(height, system)}`;
}

/** How lengths are written and typed. */
export interface LengthStyle {
  /** What a number without a unit is. */
  bareUnit: 'mm' | '"';
  /** Beside a field. */
  unit: string;
  example: string;
  /** A door's height, width and thickness, as they are typed in one word. */
  exampleSize: string;
  /** A length for a field: without a unit. */
  fieldText(mm: number): string;
  /** A length to read. */
  text(mm: number): string;
}

/** mm in an inch. */
export const INCH = 25.4;

/** Lengths from this on, in mm, are said in metres, or in feet and inches. */
export const LONG = 10_000;

/** Millimetres, metres for what is long. */
export const MILLIMETRES: LengthStyle = {
  bareUnit: 'mm',
  unit: 'mm',
  example: '826, 82.6 cm or 2\'-8 1/2"',
  exampleSize: '1981x762x35',
  fieldText: (mm) => `${Math.round(mm * 10) / 10}`,
  text: (mm) => (mm < LONG ? `${Math.round(mm)} mm` : `${Math.round(mm / 10) / 100} m`),
};

/** Millimetres as inches to the nearest 1/16, such as `80 5/16`. */
function inches(mm: number): string {
  const sixteenths = Math.round((mm / INCH) * 16);
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

/** Inches to 1/16, feet and inches for what is long. */
export const INCHES: LengthStyle = {
  bareUnit: '"',
  unit: 'in',
  example: '32 1/2, 2\'-8 1/2" or 826 mm',
  exampleSize: '6\'8" x 2\'6" x 1 3/8"',
  fieldText: inches,
  text(mm) {
    if (mm < LONG) return `${inches(mm)}"`;
    const feet = Math.floor(mm / (12 * INCH) + 1e-9);
    return `${feet}'-${inches(Math.max(0, mm - feet * 12 * INCH))}"`;
  },
};

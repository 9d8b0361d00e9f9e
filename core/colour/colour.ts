import { converter, differenceCiede2000 } from 'culori';

const toLab = converter('lab65');
const toXyz = converter('xyz65');
const difference = differenceCiede2000();

/** A colour in CIELAB under D65: lightness 0 to 100, and the two axes green–red and blue–yellow. */
export interface Lab {
  l: number;
  a: number;
  b: number;
}

function read<T>(read: (hex: string) => T | undefined, hex: string): T {
  const found = read(hex);
  if (found === undefined) throw new RangeError(`“${hex}” isn’t a colour code. Use # and six digits, e.g. #2f4b5c.`);
  return found;
}

/** CIELAB (D65) of a colour written `#rrggbb`. Throws a RangeError on anything else. */
export function labOf(hex: string): Lab {
  const { l, a, b } = read(toLab, hex);
  return { l, a, b };
}

/** How different two colours look: CIEDE2000 of two `#rrggbb`; 0 for the same, about 1 for just noticeable. */
export function colourDifference(one: string, other: string): number {
  const [first, second] = [labOf(one), labOf(other)];
  return difference({ mode: 'lab65', ...first }, { mode: 'lab65', ...second });
}

/** Light reflectance value in %: CIE Y × 100 under D65. 0 for black, 100 for a perfect white. */
export function reflectance(hex: string): number {
  return Math.max(0, Math.min(100, read(toXyz, hex).y * 100));
}

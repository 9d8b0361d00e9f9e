import SunCalc from 'suncalc';

/** Where the sun stands: compass bearing clockwise from north, and height above the horizon, in degrees. */
export interface Sun {
  bearing: number;
  altitude: number;
}

const DEGREES = 180 / Math.PI;
const SOLAR_CONSTANT = 1361; // W/m²
const GROUND_ALBEDO = 0.2;
/** Below this sine the split of so little light would be multiplied beyond sense. */
const MIN_SINE = 0.05;

/** The sun over a place (degrees north and east) at an instant, in milliseconds since 1970. */
export function sunAt(instant: number, latitude: number, longitude: number): Sun {
  const { azimuth, altitude } = SunCalc.getPosition(new Date(instant), latitude, longitude);
  return { bearing: (azimuth * DEGREES + 180 + 360) % 360, altitude: altitude * DEGREES };
}

/**
 * Light on level ground under a share of cloud, W/m²: clear sky `1098 · cos z · exp(−0.057 / cos z)` (Haurwitz 1945),
 * times `1 − 0.75 c^3.4` (Kasten & Czeplak 1980). 0 when the sun is down.
 */
export function globalIrradiance(altitude: number, cloud: number): number {
  const cosZenith = Math.sin(altitude / DEGREES);
  if (cosZenith <= 0) return 0;
  return 1098 * cosZenith * Math.exp(-0.057 / cosZenith) * (1 - 0.75 * cloud ** 3.4);
}

/** Share of diffuse light by the clearness of the sky, 0 to 1 (Erbs, Klein & Duffie 1982). */
export function diffuseShare(clearness: number): number {
  if (clearness <= 0.22) return 1 - 0.09 * clearness;
  if (clearness > 0.8) return 0.165;
  return 0.9511 - 0.1604 * clearness + 4.388 * clearness ** 2 - 16.638 * clearness ** 3 + 12.336 * clearness ** 4;
}

/** Light on an upright face, in W/m²: all of it, and what comes straight from the sun. */
export interface FaceLight {
  total: number;
  direct: number;
}

/**
 * Light on an upright face that looks towards `bearing` degrees (0 = north, clockwise), or on one that nobody has said
 * the bearing of, which is taken to lie in the shade. Beam and diffuse by Erbs et al. 1982, diffuse from half an even
 * sky, and what ground of albedo 0.2 throws back.
 */
export function lightOnFace({ bearing, altitude }: Sun, cloud: number, faceBearing: number | null): FaceLight {
  const global = globalIrradiance(altitude, cloud);
  if (global === 0) return { total: 0, direct: 0 };
  const sine = Math.sin(altitude / DEGREES);
  const clearness = Math.min(1, global / (SOLAR_CONSTANT * sine));
  const diffuse = global * diffuseShare(clearness);
  const beam = (global - diffuse) / Math.max(MIN_SINE, sine);
  const cosIncidence =
    faceBearing === null ? 0 : Math.cos(altitude / DEGREES) * Math.cos((bearing - faceBearing) / DEGREES);
  const direct = beam * Math.max(0, cosIncidence);
  return { direct, total: direct + diffuse / 2 + (global * GROUND_ALBEDO) / 2 };
}

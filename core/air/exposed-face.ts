import type { Air } from './climate.ts';
import { saturationPressure, vapourPressure } from './humidity.ts';
import { lightOnFace, type FaceLight, type Sun } from './sun.ts';
import type { OutdoorAir } from './weather.ts';

/** A face in the open: which climate, where it looks (null: nobody has said), and how much light it swallows, 0 to 1. */
export interface ExposedFace {
  climateId: string;
  bearing: number | null;
  absorptance: number;
}

/** A face for an hour: the air before it, the light on it, how warm it is, and the air as its wet film meets it. */
export interface FaceHour {
  outdoor: OutdoorAir;
  sun: Sun;
  light: FaceLight;
  surface: number;
  film: Air;
}

/** W/m² straight from the sun by which it counts as shining on a face: the threshold of sunshine (WMO 2018, No. 8). */
export const SUNSHINE = 120;

/**
 * The temperature of a face in °C: `Ts = Ta + a·I/h` with `h = 5.7 + 3.8·v + 5` W/m²K (McAdams for the convective part, 5
 * for long-wave), light `I` in W/m² and wind `v` in m/s.
 */
export function surfaceTemperature(air: number, light: number, absorptance: number, wind: number): number {
  return air + (absorptance * light) / (5.7 + 3.8 * wind + 5);
}

/** Share of light that a colour swallows: `1 − LRV/100`. */
export const absorptanceOf = (reflectance: number): number => 1 - reflectance / 100;

/** A face in an hour of weather under a sun. A film in the rain meets saturated air. */
export function faceHour(outdoor: OutdoorAir, sun: Sun, face: Pick<ExposedFace, 'bearing' | 'absorptance'>): FaceHour {
  const light = lightOnFace(sun, outdoor.cloud, face.bearing);
  const surface = surfaceTemperature(outdoor.temperature, light.total, face.absorptance, outdoor.wind);
  const vapour = vapourPressure(outdoor.temperature, outdoor.humidity);
  const humidity = outdoor.rain > 0 ? 100 : Math.min(100, (100 * vapour) / saturationPressure(surface));
  return { outdoor, sun, light, surface, film: { temperature: surface, humidity } };
}

/** The id under which a face in the open has a climate and clocks of its own; light that it swallows to a twentieth. */
export function exposedClimateId({ climateId, bearing, absorptance }: ExposedFace): string {
  return [climateId, bearing === null ? 'shade' : Math.round(bearing), Math.round(absorptance * 20) * 5].join('|');
}

/** The face behind such an id; null for the id of a plain climate. */
export function exposedFaceOf(id: string): ExposedFace | null {
  const [climateId, bearing, percent] = id.split('|');
  if (climateId === undefined || bearing === undefined || percent === undefined) return null;
  return { climateId, bearing: bearing === 'shade' ? null : Number(bearing), absorptance: Number(percent) / 100 };
}

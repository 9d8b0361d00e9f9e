const KELVIN = 273.15;

/** Hours over temperature as a line: ln(hours) = intercept + slope / T, T in kelvin. */
export interface HoursFit {
  intercept: number;
  /** In kelvin; positive when warmer is faster. */
  slope: number;
}

/**
 * The line through hours that a tin states at two or more temperatures (°C): least squares of ln(hours) against 1/T.
 * Null when there are fewer than two temperatures.
 */
export function fitHours(points: readonly { temperature: number; hours: number }[]): HoursFit | null {
  if (new Set(points.map(({ temperature }) => temperature)).size < 2) return null;
  const inverse = points.map(({ temperature }) => 1 / (temperature + KELVIN));
  const logs = points.map(({ hours }) => Math.log(hours));
  const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
  const [middle, height] = [mean(inverse), mean(logs)];
  const spread = inverse.reduce((sum, value) => sum + (value - middle) ** 2, 0);
  const slope =
    inverse.reduce((sum, value, index) => sum + (value - middle) * ((logs[index] ?? 0) - height), 0) / spread;
  return { slope, intercept: height - slope * middle };
}

/** The hours that a fitted line gives at a temperature in °C. */
export function fittedHours({ slope, intercept }: HoursFit, temperature: number): number {
  return Math.exp(intercept + slope / (temperature + KELVIN));
}

/** How much faster than at `reference` a fitted product dries at `temperature`, both in °C. */
export function fittedRate(slope: number, temperature: number, reference: number): number {
  return Math.exp(slope * (1 / (reference + KELVIN) - 1 / (temperature + KELVIN)));
}

/** ln 2 for every 10 K. */
const DOUBLES = Math.LN2 / 10;

/** What warmth does to oil and two-part products: the fitted line, or else twice as fast for every 10 K. */
export function warmthRate(fittedSlope: number | null, temperature: number, reference: number): number {
  return fittedSlope === null
    ? Math.exp((temperature - reference) * DOUBLES)
    : fittedRate(fittedSlope, temperature, reference);
}

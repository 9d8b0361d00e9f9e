/**
 * Saturation vapour pressure over water in hPa at `temperature` °C.
 * Magnus form with the coefficients of Alduchov & Eskridge 1996; good to 0.4% from −40 to 50 °C.
 */
export function saturationPressure(temperature: number): number {
  return 6.1094 * Math.exp((17.625 * temperature) / (temperature + 243.04));
}

/** Vapour pressure in hPa of air at `temperature` °C and `humidity` % relative humidity. */
export function vapourPressure(temperature: number, humidity: number): number {
  return (saturationPressure(temperature) * humidity) / 100;
}

/** Dew point in °C: the inverse of the Magnus form (Alduchov & Eskridge 1996). `humidity` in % and above 0. */
export function dewPoint(temperature: number, humidity: number): number {
  const logRatio = Math.log(vapourPressure(temperature, humidity) / 6.1094);
  return (243.04 * logRatio) / (17.625 - logRatio);
}

/** Vapour-pressure deficit in hPa: how much more water the air could take; what dries waterborne paint. */
export function vapourPressureDeficit(temperature: number, humidity: number): number {
  return saturationPressure(temperature) - vapourPressure(temperature, humidity);
}

/**
 * Relative humidity in % of air from outside after heating to `heatedTo` °C.
 * Heating keeps the vapour pressure: RH1 = 100 · e / es(T1).
 */
export function heatedHumidity(temperature: number, humidity: number, heatedTo: number): number {
  return (100 * vapourPressure(temperature, humidity)) / saturationPressure(heatedTo);
}

import { DateTime } from 'luxon';
import type { DaySwing } from './climate.ts';
import { saturationPressure, vapourPressure } from './humidity.ts';

/** By how much the warmest and the coldest hour of a usual day lie above and below its mean, K. */
const SWING = 4.5;
/** The dew point lies so far below the day's mean, K. */
const DEW_BELOW = 3.5;
/** Where nobody has said where a job is: degrees from the equator. */
const SUPPOSED_LATITUDE = 48;
const DAYS_A_YEAR = 365;

/**
 * The usual mean temperature of a day, °C, at a latitude from −90 to 90; `day` is days since 1970. Warm at the equator,
 * with a yearly swing that grows towards the poles: a plain fit, not the climate of any place.
 */
export function usualMean(day: number, latitude: number): number {
  const north = latitude >= 0 ? 1 : -1;
  const season = Math.cos((2 * Math.PI * (day - 196)) / 365.25) * north;
  const steep = Math.min(1, Math.abs(latitude) / 55);
  return 27 - 17 * steep + season * (2 + 7 * steep);
}

const dayOf = (date: string): number => DateTime.fromISO(date, { zone: 'utc' }).toMillis() / 86_400_000;
const whole = (value: number): number => Math.round(value);

/** A usual day in the open at a date, ISO, and a latitude, −90 to 90. */
export function usualOpenDay(date: string, latitude: number): DaySwing {
  const mean = usualMean(dayOf(date), latitude);
  const vapour = vapourPressure(mean - DEW_BELOW, 100);
  const humidity = (temperature: number): number =>
    Math.min(97, whole((100 * vapour) / saturationPressure(temperature)));
  const [warmest, coldest] = [whole(mean + SWING), whole(mean - SWING)];
  return {
    warmest,
    coldest,
    humidityAtWarmest: humidity(warmest),
    humidityAtColdest: humidity(coldest),
  };
}

/**
 * The latitude that is supposed for a time zone while nobody has said where a job is: south of the equator where its
 * clocks are put forward in January.
 */
export function supposedLatitude(timeZone: string, year: number): number {
  const offset = (month: number): number => DateTime.fromObject({ year, month, day: 15 }, { zone: timeZone }).offset;
  return offset(1) > offset(7) ? -SUPPOSED_LATITUDE : SUPPOSED_LATITUDE;
}

/**
 * The first date from a given one on whose usual day has `warmest` °C or more at a latitude; null where no day of a year
 * has.
 */
export function warmFrom(date: string, latitude: number, warmest: number): string | null {
  const first = DateTime.fromISO(date, { zone: 'utc' });
  for (let days = 0; days <= DAYS_A_YEAR; days++) {
    const day = first.plus({ days }).toISODate();
    if (day !== null && usualOpenDay(day, latitude).warmest >= warmest) return day;
  }
  return null;
}

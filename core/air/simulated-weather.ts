import { formatMoment } from '../units/moments.ts';
import { DateTime } from 'luxon';
import type { StatedHour } from './climate.ts';
import { vapourPressure, saturationPressure } from './humidity.ts';
import { fixedShare } from '../units/fixed-share.ts';
import { usualMean } from './usual-season.ts';
import { globalIrradiance, sunAt } from './sun.ts';

/** Where and when a forecast is asked for. */
export interface ForecastRequest {
  latitude: number;
  longitude: number;
  timeZone: string;
  /** First day, ISO, in local dates. */
  from: string;
  days: number;
}

/** Days between two fronts, and how long one rains. */
const FRONT_EVERY = 7;
const RAIN_LASTS = { least: 8, most: 34 };

/**
 * What a weather service would say of a place: a stand-in that computes a plausible forecast and says so. The same place
 * and hour always have the same weather. The year's and the day's swing follow the latitude and the sun's height; a
 * front passes about once a week with a wet spell, a fresher wind and cooler air behind it.
 */
export function simulatedForecast({ latitude, longitude, timeZone, from, days }: ForecastRequest): StatedHour[] {
  const first = DateTime.fromISO(from, { zone: timeZone }).startOf('day');
  const end = first.plus({ days });
  const place = `${latitude.toFixed(1)}/${longitude.toFixed(1)}`;
  const hours: StatedHour[] = [];
  const seen = new Set<string>();
  for (let time = first; time < end; time = time.plus({ hours: 1 })) {
    const at = formatMoment(time, 'isoHour');
    // The hour that a clock going back tells twice is forecast once.
    if (seen.has(at)) continue;
    seen.add(at);
    hours.push({ at, ...weatherAt(time.toMillis(), latitude, longitude, place) });
  }
  return hours;
}

function weatherAt(instant: number, latitude: number, longitude: number, place: string): Omit<StatedHour, 'at'> {
  const day = instant / 86_400_000;
  const front = frontNear(day, place);
  const mean = usualMean(day, latitude);
  // Warm ahead of a front, cool behind it, and neither half-way to the next.
  const passing = Math.max(-1, Math.min(1, -front.hoursSince / 40)) * Math.exp(-front.hoursAway / 22);
  const wander = 2.5 * (wave(day, 3.1, place) + wave(day, 11.3, `${place}/slow`));
  const cloud = Math.max(0.05, Math.min(1, 0.38 + 0.3 * wave(day, 2.3, `${place}/cloud`) + front.closeness * 0.75));
  // The air lags the sun by about two hours.
  const { altitude } = sunAt(instant - 2 * 3_600_000, latitude, longitude);
  const sunny = globalIrradiance(altitude, cloud) / 700;
  const temperature = mean + wander + 2.2 * passing + 6.5 * sunny - 3.2 - 1.5 * (1 - cloud) * (sunny === 0 ? 1 : 0);
  const rain = front.isRaining ? 0.2 + 1.6 * fixedShare(`${place}/${Math.floor(day * 24)}/rain`) : 0;
  // Vapour follows the night before: near saturation at dawn, and near it all day in the rain.
  const dew = mean + wander + 2.2 * passing - 5.2 + 3.2 * front.closeness + 0.8 * wave(day, 1.7, `${place}/dew`);
  const humidity = (100 * vapourPressure(dew, 100)) / saturationPressure(temperature);
  const wind = 1.6 + 1.4 * (1 + wave(day, 1.3, `${place}/wind`)) + 4.5 * front.closeness + 1.2 * sunny;
  const tenth = (value: number): number => Math.round(value * 10) / 10;
  return {
    temperature: tenth(temperature),
    humidity: Math.round(Math.max(rain > 0 ? 88 : 25, Math.min(99, humidity))),
    wind: tenth(wind),
    cloud: Math.round((rain > 0 ? Math.max(0.9, cloud) : cloud) * 100) / 100,
    rain: tenth(rain),
  };
}

/**
 * The front nearest to a time in days: hours since it came (negative: until it does), hours to its rain or from it, its
 * nearness 0 to 1, and whether it rains.
 */
function frontNear(
  day: number,
  place: string,
): { hoursSince: number; hoursAway: number; closeness: number; isRaining: boolean } {
  const week = Math.floor(day / FRONT_EVERY);
  const fronts = [week - 1, week, week + 1].map((number) => {
    const start = (number + 0.25 + 0.5 * fixedShare(`${place}/front/${number}`)) * FRONT_EVERY;
    const lasts =
      RAIN_LASTS.least + (RAIN_LASTS.most - RAIN_LASTS.least) * fixedShare(`${place}/front/${number}/lasts`);
    const hoursSince = (day - start) * 24;
    const outside = Math.max(0, -hoursSince, hoursSince - lasts);
    // A front always brings rain: its first hours have no break.
    const breaks = hoursSince > 3 && fixedShare(`${place}/${Math.floor(day * 8)}/break`) < 0.2;
    return { hoursSince, hoursAway: outside, closeness: Math.exp(-outside / 14), isRaining: outside === 0 && !breaks };
  });
  return fronts.reduce((nearest, front) => (front.closeness > nearest.closeness ? front : nearest));
}

/** A smooth wave from −1 to 1 with about `period` days, its own for every name. */
function wave(day: number, period: number, name: string): number {
  const phase = fixedShare(name) * 2 * Math.PI;
  const turn = (2 * Math.PI * day) / period;
  return (Math.sin(turn + phase) + Math.sin(turn * 0.618 + 2 * phase)) / 2;
}

import { Swings, type Air, type Climate } from './climate.ts';
import { hourKey, type LocalHour } from './local-hours.ts';

/** An hour of the open air: wind in m/s, cloud as a share of the sky, rain in mm. */
export interface OutdoorAir extends Air {
  wind: number;
  cloud: number;
  rain: number;
}

/** What the sky is like where nobody says: a light breeze, half covered, dry. */
const PLAIN_SKY = { wind: 2, cloud: 0.5, rain: 0 };

/** The open air in each of these hours: as stated or forecast, otherwise as on the usual day under a plain sky. */
export function hourlyWeather(climate: Climate, hours: readonly LocalHour[]): OutdoorAir[] {
  const swings = new Swings(climate);
  const stated = new Map(climate.stated.hours.map((hour) => [hour.at, hour]));
  return hours.map((hour) => {
    const known = stated.get(hourKey(hour));
    if (known === undefined) return { ...swings.airAt(hour.date, hour.nextDate, hour.hour), ...PLAIN_SKY };
    const { temperature, humidity, wind, cloud, rain } = known;
    return {
      temperature,
      humidity,
      wind: wind ?? PLAIN_SKY.wind,
      cloud: cloud ?? PLAIN_SKY.cloud,
      rain: rain ?? PLAIN_SKY.rain,
    };
  });
}

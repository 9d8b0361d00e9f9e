import type { Air, Climate } from './climate.ts';
import type { LocalHour } from './local-hours.ts';
import { StatedHours } from './stated-hours.ts';

/** What the sky does in an hour: wind in m/s, cloud as a share of the sky, rain in mm. */
export interface Sky {
  wind: number;
  cloud: number;
  rain: number;
}

/** An hour of the open air. */
export type OutdoorAir = Air & Sky;

/** What the sky is like where nobody says: a light breeze, half covered, dry. */
const PLAIN_SKY: Sky = { wind: 2, cloud: 0.5, rain: 0 };

/** The sky in each of these hours: as stated or forecast, otherwise a plain one. */
export function hourlySky(climate: Climate, hours: readonly LocalHour[]): Sky[] {
  const stated = new StatedHours(climate.stated.hours);
  return hours.map((hour) => {
    const known = stated.at(hour);
    if (known === undefined) return PLAIN_SKY;
    const { wind, cloud, rain } = known;
    return { wind: wind ?? PLAIN_SKY.wind, cloud: cloud ?? PLAIN_SKY.cloud, rain: rain ?? PLAIN_SKY.rain };
  });
}

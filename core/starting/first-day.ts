import { DateTime } from 'luxon';
import { supposedLatitude, warmFrom } from '../air/usual-season.ts';
import { WEEKDAYS } from '../job/document/crew-schema.ts';
import { CREW_DAYS, type CrewDays } from './crew-days.ts';
import { kindOfJob, type StartChoices, type StartPlace } from './start-choices.ts';

/** The first day on which a crew paints, from a date on. */
export function firstDay(from: string, days: CrewDays): string {
  const { week } = CREW_DAYS[days];
  const start = DateTime.fromISO(from, { zone: 'utc' });
  for (let ahead = 0; ahead < WEEKDAYS.length; ahead++) {
    const day = start.plus({ days: ahead });
    const weekday = WEEKDAYS[day.weekday - 1];
    if (weekday && week[weekday].length > 0) return day.toISODate() ?? from;
  }
  return from;
}

/** Below this no day is worth beginning in the open, °C at its warmest: most paints want 8 to 10 for some hours. */
const WARM_ENOUGH = 14;

/**
 * The day on which a job is usually begun, from a date on: the crew's next one, and in the open the first that is warm
 * enough, where the next one is not.
 */
export function usualBeginning(
  { kind, days }: Pick<StartChoices, 'kind' | 'days'>,
  from: string,
  latitude: number,
): { start: string; isPutOff: boolean } {
  const warm = kindOfJob(kind).isOutside ? (warmFrom(from, latitude, WARM_ENOUGH) ?? from) : from;
  return { start: firstDay(warm, days), isPutOff: warm !== from };
}

export const latitudeOf = ({
  latitude,
  timeZone,
  start,
}: Pick<StartPlace, 'latitude' | 'timeZone' | 'start'>): number =>
  latitude ?? supposedLatitude(timeZone, Number(start.slice(0, 4)));

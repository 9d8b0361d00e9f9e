import { WEEKDAYS, type Week, type Weekday } from '../job/document/crew-schema.ts';
import { usualWeek } from '../job/document/new-job.ts';

const DAY = [
  { from: '08:00', until: '12:00' },
  { from: '12:30', until: '16:30' },
];
const FREE_DAY = [
  { from: '09:00', until: '13:00' },
  { from: '14:00', until: '17:00' },
];
const EVENING = [{ from: '18:00', until: '21:00' }];

const week = (hoursOn: (day: Weekday) => Week[Weekday]): Week =>
  Object.fromEntries(WEEKDAYS.map((day) => [day, hoursOn(day).map((span) => ({ ...span }))])) as Week;
const isWeekend = (day: Weekday): boolean => day === 'sat' || day === 'sun';

/** On which days a crew paints. To add a pattern is to add an entry. */
export const CREW_DAYS = {
  weekdays: { name: 'Monday to Friday', week: usualWeek() },
  weekends: { name: 'Weekends', week: week((day) => (isWeekend(day) ? FREE_DAY : [])) },
  evenings: { name: 'Evenings and weekends', week: week((day) => (isWeekend(day) ? FREE_DAY : EVENING)) },
  'every-day': { name: 'Every day', week: week(() => DAY) },
} as const satisfies Record<string, { name: string; week: Week }>;
export type CrewDays = keyof typeof CREW_DAYS;
export const CREW_DAYS_IDS = Object.keys(CREW_DAYS) as [CrewDays, ...CrewDays[]];

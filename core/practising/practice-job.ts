import { ToldJob } from '../job/commands/told-job.ts';
import { ALL_ALONG, newJob, usualWeek } from '../job/document/new-job.ts';
import type { Painter } from '../job/document/crew-schema.ts';
import type { DaySwing } from '../air/climate.ts';
import type { PracticeSettings } from './exercise.ts';

/** The first day of every made-up job, a Monday, so that a seed makes the same exercise on any day. */
export const PRACTICE_DAY = '2027-03-01';

/** What a made-up job is like, beside its pieces. */
interface PracticeFacts {
  settings: PracticeSettings;
  /** The air of every day, in house and workshop alike. */
  air: DaySwing;
  skill: Painter['skill'];
  painters?: 1 | 2;
  yearBuilt?: number;
}

/** A job to practise on: a house, a workshop with a rack, the same air in both, and no piece yet. */
export function practiceJob({ settings, air, skill, painters = 1, yearBuilt = 2005 }: PracticeFacts): ToldJob {
  const empty = newJob({
    id: 'practice',
    name: 'Practice',
    createdAt: `${PRACTICE_DAY}T06:00:00Z`,
    start: PRACTICE_DAY,
    timeZone: 'Europe/Berlin',
  });
  return new ToldJob({
    ...empty,
    settings: { ...empty.settings, ...settings },
    site: { ...empty.site, yearBuilt },
    climates: empty.climates.map((climate) =>
      climate.whereabouts === 'indoors' ? { ...climate, usual: air } : climate,
    ),
    crew: Array.from({ length: painters }, (_unused, index) => ({
      ...ALL_ALONG,
      id: `painter-${index + 1}`,
      name: index === 0 ? 'You' : 'Second painter',
      skill,
      week: usualWeek(),
    })),
  });
}

/** Air that stays as it is by day and night. */
export const steadyAir = (temperature: number, humidity: number): DaySwing => ({
  warmest: temperature,
  coldest: temperature,
  humidityAtWarmest: humidity,
  humidityAtColdest: humidity,
});

import { newJob } from '../../../core/job/document/new-job.ts';
import type { Job } from '../../../core/job/document/schema.ts';

/** Any Monday: the guide's clocks begin with it. */
const DAY = '2027-03-01';

/** A job with nothing in it but a room that is as warm and as damp all day: °C and % RH. */
export function plainJob(temperature: number, humidity: number): Job {
  const job = newJob({
    id: 'guide',
    name: 'Guide',
    createdAt: `${DAY}T00:00:00Z`,
    start: DAY,
    timeZone: 'Europe/Berlin',
  });
  const usual = {
    warmest: temperature,
    coldest: temperature,
    humidityAtWarmest: humidity,
    humidityAtColdest: humidity,
  };
  return {
    ...job,
    climates: job.climates.map((climate) => (climate.id === 'house' ? { ...climate, usual } : climate)),
  };
}

export const GUIDE_DAY = DAY;

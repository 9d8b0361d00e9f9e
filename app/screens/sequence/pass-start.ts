import type { JobClocks } from '../../../core/clocks/job-clocks.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import { shiftsFrom, shiftsOf } from '../../../core/steps/crew-shifts.ts';

/** When a pass begins: as it is planned, if that is to come and the clocks reach a day beyond it, or else now; minutes of the clocks. */
export function usualStart(
  job: Job,
  stepId: string | null,
  clocks: Pick<JobClocks, 't0' | 'hours'>,
  now: number,
): number {
  const { plan } = job;
  const task = plan?.tasks.find(({ id }) => id === stepId);
  if (!plan || !task) return now;
  const planned = minutesSince(clocks.t0, plan.t0, job.site.timeZone) + task.start * plan.tickMinutes;
  return planned >= now && planned < clocks.hours * 60 - 1440 ? planned : now;
}

/** How far one waits for a better hour, in days. */
const LOOKED_AHEAD = 3;

/** Full hours of the crew's next days, after a start, at which one could begin instead. */
export function startsAfter(job: Job, clocks: Pick<JobClocks, 'days'>, start: number): number[] {
  const shifts = job.crew.flatMap((painter) => shiftsFrom(shiftsOf(painter, clocks.days), start));
  const hours = new Set<number>();
  for (const [from, until] of shifts) {
    for (let hour = Math.ceil(from / 60); hour * 60 < Math.min(until, start + LOOKED_AHEAD * 1440); hour++) {
      if (hour * 60 > start) hours.add(hour * 60);
    }
  }
  return [...hours].sort((one, other) => one - other);
}

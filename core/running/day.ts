import { formatMoment } from '../units/moments.ts';
import type { Job } from '../job/document/schema.ts';
import { localDate, localTime, minutesSince } from '../job/site-time.ts';
import type { JobSteps } from '../steps/job-steps.ts';
import type { PlanReading } from '../planning/reading/read-plan.ts';
import { dryingPieces, type DryingPiece } from './drying-status.ts';

/** A day of work as it stands at a moment: the job, its plan, its clocks, and what is wet. */
export interface Day {
  job: Job;
  problem: JobSteps;
  reading: PlanReading;
  /** Local ISO time, and the same as minutes from the plan's t0. */
  now: string;
  at: number;
  dryingPieces: readonly DryingPiece[];
}

export function dayOf(job: Job, problem: JobSteps, reading: PlanReading, now: string): Day {
  const at = minutesSince(reading.t0, now, job.site.timeZone);
  return { job, problem, reading, now, at, dryingPieces: dryingPieces(job, problem, now) };
}

/** The date of a moment at the site. */
export const dateAt = ({ job, reading }: Pick<Day, 'job' | 'reading'>, minutes: number): string =>
  localDate(reading.t0, minutes, job.site.timeZone);

/** Minutes from the plan's t0 of a local ISO time. */
export const minutesOn = ({ job, reading }: Pick<Day, 'job' | 'reading'>, at: string): number =>
  minutesSince(reading.t0, at, job.site.timeZone);

/** A moment to read: “16:40”, or “Thu 09:00” on another day. */
export function timeOn({ job, reading, at }: Pick<Day, 'job' | 'reading' | 'at'>, minutes: number): string {
  const time = localTime(reading.t0, Math.ceil(minutes), job.site.timeZone);
  const now = localTime(reading.t0, at, job.site.timeZone);
  if (time.hasSame(now, 'day')) return formatMoment(time, 'time');
  return formatMoment(time, Math.abs(time.diff(now, 'days').days) < 6 ? 'weekdayTime' : 'dayTime');
}

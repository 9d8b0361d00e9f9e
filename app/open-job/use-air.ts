import { DateTime } from 'luxon';
import { useCallback, useMemo } from 'react';
import { JobClocks } from '../../core/clocks/job-clocks.ts';
import { localTime, minutesSince } from '../../core/job/site-time.ts';
import { useJob, useNow, useToday } from './use-job.ts';

/** Yesterday, today, and until the slowest enamel is hard in the cold. */
const DAYS = 90;

/** The air around now: the clocks of the job from yesterday's midnight on, and where now is on them. */
export interface AirNow {
  clocks: JobClocks;
  /** Minutes from the clocks' t0. */
  now: number;
  /** A time on them, on the clock of the place. */
  at(minutes: number): DateTime;
}

/** The job's air from yesterday on; made anew when what it follows from changes, or another day begins. */
export function useAir(): AirNow {
  const job = useJob();
  const now = useNow();
  const today = useToday();
  const { climates, readings, site } = job;
  const yesterday = DateTime.fromISO(today).minus({ days: 1 }).toISODate() ?? today;
  const clocks = useMemo(
    () => new JobClocks({ climates, readings, site }, yesterday, DAYS),
    [climates, readings, site, yesterday],
  );
  const at = useCallback((minutes: number) => localTime(clocks.t0, minutes, site.timeZone), [clocks, site.timeZone]);
  return {
    clocks,
    now: minutesSince(clocks.t0, now, site.timeZone),
    at,
  };
}

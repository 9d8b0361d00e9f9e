import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffectEvent, useLayoutEffect, useMemo, useState, type RefObject } from 'react';
import { minutesSince } from '../../../../core/job/site-time.ts';
import type { PlanReading } from '../../../../core/planning/reading/read-plan.ts';
import { useJob, useNow } from '../../../open-job/use-job.ts';
import { timeAxis, type TimeAxis } from './time-axis.ts';
import { useInSight } from './use-in-sight.ts';

/** Which time the board shows, and how wide. */
export interface BoardTime {
  timeZone: string;
  /** Now, in minutes from the plan's t0. */
  at: number;
  axis: TimeAxis;
  /** Px for a working hour. */
  scale: number;
  sight: ReturnType<typeof useInSight>;
  zoom(perHour: number): void;
  goToNow(): void;
}

/** The time axis of the board in a box that scrolls; it stands at now, and follows the simulated clock. */
export function useBoardTime(reading: PlanReading, scroll: RefObject<HTMLDivElement | null>): BoardTime {
  const job = useJob();
  const now = useNow();
  const [perHour, setPerHour] = useState<number | null>(null);
  const zone = job.site.timeZone;
  const at = minutesSince(reading.t0, now, zone);
  const from = Math.min(...reading.runs.map((run) => run.start), reading.finish);
  const until = reading.finish;
  const isPhone = useMediaQuery('(max-width: 600px)');
  const scale = perHour ?? (isPhone ? 26 : until - from > 9 * 1440 ? 9 : 26);
  const axis = useMemo(
    () => timeAxis(job.crew, { t0: reading.t0, timeZone: zone }, { from, until }, scale),
    [job.crew, reading.t0, zone, from, until, scale],
  );
  const goToNow = (): void => {
    const box = scroll.current;
    if (box) box.scrollTo({ left: Math.max(0, axis.x(at) - box.clientWidth * 0.25) });
  };
  const follow = useEffectEvent(goToNow);
  // The real clock goes on without pulling the board away from where somebody is reading.
  const stepped = job.settings.clock.kind === 'simulated' ? at : null;
  useLayoutEffect(() => follow(), [axis, stepped]);
  // After the scroll to now, so that bars outside the view are never drawn.
  const sight = useInSight(scroll);
  return { timeZone: zone, at, axis, scale, sight, zoom: setPerHour, goToNow };
}

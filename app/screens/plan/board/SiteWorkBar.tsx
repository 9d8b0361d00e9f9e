import { formatMoment } from '../../../../core/units/moments.ts';
import { localTime } from '../../../../core/job/site-time.ts';
import type { SiteWork } from '../../../../core/planning/drafting/site-work.ts';
import { useJob } from '../../../open-job/use-job.ts';

interface SiteWorkBarProps {
  work: SiteWork;
  /** Where a minute lies, in px. */
  x(minute: number): number;
  t0: string;
  top: number;
  height: number;
}

/** Work that is no paint, such as moving and sheeting in a room, on a painter's row: outlined, since no paint is in it. */
export function SiteWorkBar({ work, x, t0, top, height }: SiteWorkBarProps) {
  const job = useJob();
  const { start, end, place, words, doneAt } = work;
  const width = Math.max(2, x(end) - x(start));
  const when = formatMoment(localTime(t0, start, job.site.timeZone), 'weekdayTime');
  return (
    <g>
      <title>{`${when}, ${place}: ${words}${doneAt === null ? '' : ', done'}`}</title>
      <rect
        x={x(start)}
        y={top}
        width={width}
        height={height}
        rx={3}
        fill="var(--sheet)"
        stroke="var(--ink-soft)"
        strokeWidth={1.5}
        strokeDasharray="4 3"
      />
      {width > place.length * 7.6 + 8 && (
        <text x={x(start) + 6} y={top + height / 2} dominantBaseline="central" fontSize={13.5} fill="var(--ink)">
          {place}
        </text>
      )}
    </g>
  );
}

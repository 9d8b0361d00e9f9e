import Box from '@mui/material/Box';
import { forecastAt, minutesSince } from '../../../core/job/site-time.ts';
import type { PlanChanges } from '../../../core/planning/revising/compare-plans.ts';
import { formatDuration } from '../../../core/units/measures.ts';
import { capital } from '../../../core/units/sentence.ts';
import { useJob, useNow } from '../../open-job/use-job.ts';

/** What another plan changes, in a sentence or two: who is moved, when all hangs, what it costs. */
export function Consequences({
  changes,
  t0,
  besides,
}: {
  changes: PlanChanges;
  t0: string;
  besides: readonly string[];
}) {
  const job = useJob();
  const [before, after] = changes.finish;
  const zone = job.site.timeZone;
  const finish = forecastAt(t0, after, zone, minutesSince(t0, useNow(), zone));
  const own = new Set(besides);
  const others = changes.moved.filter(({ taskId }) => !own.has(taskId)).length;
  const by = formatDuration(Math.abs(after - before));
  const costs = [
    told(changes.painterDays, 'painter-day'),
    told(changes.setups, 'set-up'),
    told(changes.late, 'coat to sand again', 'coats to sand again'),
  ].filter(Boolean);
  return (
    <Box component="span">
      {others === 0 ? 'Nothing else moves' : `${others} other ${others === 1 ? 'step moves' : 'steps move'}`}
      {', '}
      {after === before ? (
        `finish unchanged: ${finish}`
      ) : (
        <strong style={{ color: after > before ? 'var(--late)' : 'var(--ready)' }}>
          the finish comes {by} {after > before ? 'later' : 'earlier'}: {finish}
        </strong>
      )}
      {costs.length > 0 && `. ${capital(costs.join(', '))}`}.
    </Box>
  );
}

function told([before, after]: readonly [number, number], one: string, many = `${one}s`): string {
  const by = after - before;
  if (by === 0) return '';
  return `${Math.abs(by)} ${Math.abs(by) === 1 ? one : many} ${by > 0 ? 'more' : 'fewer'}`;
}

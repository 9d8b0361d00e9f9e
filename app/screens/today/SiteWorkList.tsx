import { formatMoment } from '../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import { memo } from 'react';
import { localDate, localTime } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/reading/read-plan.ts';
import { siteSteps, type SiteWork } from '../../../core/planning/drafting/site-work.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';

interface SiteWorkListProps {
  reading: PlanReading;
  painterId: string;
  at: number;
}

/** What is moved, sheeted and switched on today, and what was left of earlier days; ticked by a touch. */
export const SiteWorkList = memo(function SiteWorkList({ reading, painterId, at }: SiteWorkListProps) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const dateOf = (minute: number): string => localDate(reading.t0, minute, job.site.timeZone);
  const today = dateOf(at);
  // Ticks are the job's as it is now: the reading of the plan may be a moment behind.
  const ticked = new Map(siteSteps(job).map(({ id, doneAt }) => [id, doneAt]));
  const due = reading.siteWork
    .map((work) => ({ ...work, doneAt: ticked.get(work.id) ?? null }))
    .filter(
      ({ start, painters, doneAt }) =>
        painters.includes(painterId) && dateOf(start) <= today && (doneAt === null || doneAt.slice(0, 10) >= today),
    );
  if (due.length === 0) return null;
  const tick = (of: SiteWork['of'], doneAt: string | null): void => {
    if (of.kind === 'room') apply('tick-room-task', { roomId: of.roomId, taskId: of.taskId, doneAt });
    else apply('switch-heating', { climateId: of.climateId, onSince: doneAt });
  };
  return (
    <Section title="Room set-up and heating">
      <Sheet pad={0.5}>
        <ul>
          {due.map(({ id, start, place, words, minutes, people, doneAt, of }) => (
            <Box
              component="li"
              key={id}
              sx={{ display: 'grid', gridTemplateColumns: '48px minmax(0, 1fr) auto', alignItems: 'center', gap: 0.5 }}
            >
              <Checkbox
                checked={doneAt !== null}
                sx={{ width: 48, height: 48 }}
                onChange={(event) => tick(of, event.target.checked ? now : null)}
                slotProps={{ input: { 'aria-label': `${place}: ${words}` } }}
              />
              <span style={{ textDecoration: doneAt === null ? 'none' : 'line-through' }}>
                {words}
                <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                  {place}, {minutes} min{people > 1 ? ', two people' : ''}
                </Box>
              </span>
              <Box sx={{ pr: 1.5, fontWeight: 700 }}>
                {formatMoment(localTime(reading.t0, start, job.site.timeZone), 'time')}
              </Box>
            </Box>
          ))}
        </ul>
      </Sheet>
    </Section>
  );
});

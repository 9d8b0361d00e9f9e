import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import { localDate, localTime } from '../../../core/job/site-time.ts';
import type { PlanReading } from '../../../core/planning/read-plan.ts';
import { useJob } from '../../ui/job-context.tsx';
import { Section, Sheet } from '../../ui/Section.tsx';

interface RoomWorkListProps {
  reading: PlanReading;
  painterId: string;
  at: number;
}

/** What is moved and sheeted today, and what was left of earlier days; ticked by a touch. */
export function RoomWorkList({ reading, painterId, at }: RoomWorkListProps) {
  const { job, apply, now } = useJob();
  const dateOf = (minute: number): string => localDate(reading.t0, minute, job.site.timeZone);
  const today = dateOf(at);
  const due = reading.roomWork.filter(
    ({ start, painters, task }) =>
      painters.includes(painterId) &&
      dateOf(start) <= today &&
      (task.doneAt === null || task.doneAt.slice(0, 10) >= today),
  );
  if (due.length === 0) return null;
  return (
    <Section title="In the rooms">
      <Sheet pad={0.5}>
        <ul>
          {due.map(({ id, start, room, task }) => (
            <Box
              component="li"
              key={id}
              sx={{ display: 'grid', gridTemplateColumns: '48px minmax(0, 1fr) auto', alignItems: 'center', gap: 0.5 }}
            >
              <Checkbox
                checked={task.doneAt !== null}
                sx={{ width: 48, height: 48 }}
                onChange={(event) =>
                  apply('tick-room-task', {
                    roomId: room.id,
                    taskId: task.id,
                    doneAt: event.target.checked ? now : null,
                  })
                }
                slotProps={{ input: { 'aria-label': `${room.name}: ${task.words}` } }}
              />
              <span style={{ textDecoration: task.doneAt === null ? 'none' : 'line-through' }}>
                {task.words}
                <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                  {room.name}, {task.minutes} min{task.people > 1 ? ', two people' : ''}
                </Box>
              </span>
              <Box sx={{ pr: 1.5, fontWeight: 700 }}>
                {localTime(reading.t0, start, job.site.timeZone).toFormat('HH:mm')}
              </Box>
            </Box>
          ))}
        </ul>
      </Sheet>
    </Section>
  );
}

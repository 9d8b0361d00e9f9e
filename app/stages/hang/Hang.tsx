import Box from '@mui/material/Box';
import { readinessOf } from '../../../core/hanging/readiness.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import { WalkFirst } from '../../ui/WalkFirst.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { Section } from '../../ui/Section.tsx';
import { useJobProblem, usePlanReading } from '../../ui/use-reading.ts';
import { HangCard } from './HangCard.tsx';

/** Every piece with its bag of hardware, and from when it may be handled, hung, closed and washed. */
export default function Hang() {
  const { job, now } = useJob();
  const problem = useJobProblem();
  const reading = usePlanReading(problem, job.plan);
  if (job.pieces.length === 0) {
    return <WalkFirst title="Nothing to hang">Each piece brings its own bag of hinges and screws.</WalkFirst>;
  }
  const rows = readinessOf(job, problem, reading?.ends ?? new Map());
  const at = minutesSince(problem.clocks.t0, now, job.site.timeZone);
  return (
    <Box>
      {job.rooms.map((room) => {
        const own = rows.filter(({ piece }) => piece.roomId === room.id);
        if (own.length === 0) return null;
        return (
          <Section key={room.id} title={room.name}>
            <Box
              component="ul"
              sx={{
                display: 'grid',
                gap: 1.5,
                gridTemplateColumns: { lg: 'repeat(2, minmax(0, 1fr))' },
              }}
            >
              {own.map((row) => (
                <HangCard key={row.piece.id} row={row} t0={problem.clocks.t0} at={at} />
              ))}
            </Box>
          </Section>
        );
      })}
    </Box>
  );
}

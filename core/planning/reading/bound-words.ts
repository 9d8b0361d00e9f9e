import type { Job } from '../../job/document/schema.ts';
import { counted } from '../../units/sentence.ts';
import { formatDuration } from '../../units/measures.ts';
import type { BoundReason } from '../../scheduling/bound/lower-bound.ts';
import { zoneSpace } from '../drafting/spaces.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';

/** From so many hours on, minutes are not told. */
const HOURS_ALONE = 10;

/** Why no plan can finish earlier, as a sentence without its full stop. */
export function boundWords(
  job: Job,
  { steps, problem }: JobProblem,
  because: BoundReason,
  when: (tick: number) => string,
): string {
  // Work is counted in hours: a day of it is none of 24.
  const hands = (ticks: number): string => {
    const minutes = ticks * problem.tickMinutes;
    return minutes < HOURS_ALONE * 60 ? formatDuration(minutes) : `${Math.round(minutes / 60)} h`;
  };
  switch (because.kind) {
    case 'chain': {
      const marks = new Set(because.tasks.flatMap((id) => steps.get(id)?.piece.mark ?? []));
      const last = steps.get(because.tasks.at(-1) ?? '')?.piece.mark ?? [...marks].at(-1);
      return `${last ?? 'The longest piece'} alone needs that long: ${because.tasks.length} steps with drying in between`;
    }
    case 'crew': {
      const [work, there] = [hands(because.work), hands(because.hours)];
      const has = work === there ? 'just under that' : there;
      return `From ${when(because.from)}, ${work} of work is left. The crew has ${has} by ${when(because.until)}`;
    }
    case 'space': {
      const place = placeName(job, because.space);
      return `${place} is the bottleneck: ${because.uses} turns needed from ${when(because.from)} to ${when(because.until)}, more than it has`;
    }
    case 'exhausted':
      return 'Every possible order was checked';
  }
}

function placeName(job: Job, space: string): string {
  const place = job.places.find(({ id }) => id === space);
  const room = job.rooms.find(({ id }) => `off/${id}` === space);
  const zoned = job.rooms.find(({ id }) => zoneSpace(id) === space);
  if (zoned) return `Max ${counted(zoned.zonesAtOnce ?? 1, 'zone')} at once in ${zoned.name}`;
  if (room) return `Max ${room.maxOff ?? 1} off in ${room.name}`;
  return place ? place.name : 'Dust-free air';
}

import type { Job } from '../../job/document/schema.ts';
import { formatDuration } from '../../units/measures.ts';
import type { BoundReason } from '../../scheduling/bound/lower-bound.ts';
import { zoneSpace } from '../drafting/spaces.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';

/** From so many hours on, minutes are not told. */
const HOURS_ALONE = 10;

/** Why no plan can finish earlier, as the second half of a sentence that begins with “because”. */
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
      return `${last ?? 'the longest piece'} takes so long by itself: its ${because.tasks.length} steps wait for each other, for drying and for working hours`;
    }
    case 'crew': {
      const [work, there] = [hands(because.work), hands(because.hours)];
      const has = work === there ? 'a little less' : there;
      return `what can’t begin before ${when(because.from)} is ${work} of work, set-ups included, and until ${when(because.until)} the crew has ${has}`;
    }
    case 'space': {
      const place = placeName(job, because.space);
      return `${place} would have to take ${because.uses} turns from ${when(because.from)} to ${when(because.until)}, and there is not room for so many`;
    }
    case 'exhausted':
      return 'every order of the work was tried';
  }
}

function placeName(job: Job, space: string): string {
  const place = job.places.find(({ id }) => id === space);
  const room = job.rooms.find(({ id }) => `off/${id}` === space);
  const zoned = job.rooms.find(({ id }) => zoneSpace(id) === space);
  if (zoned) return `the ${zoned.zonesAtOnce ?? 1} zones of ${zoned.name} that may be in work`;
  if (room) return `the ${room.maxOff ?? 1} that may be off in ${room.name}`;
  return place ? place.name : 'the air that dust and wet paint would share';
}

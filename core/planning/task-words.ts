import type { Job } from '../job/schema.ts';
import type { JobProblem } from './job-to-problem.ts';
import { siteSteps } from './site-work.ts';
import { stepWords } from './step-words.ts';
import { zoneSpace } from './zones.ts';

/** What a task of a plan is, with the mark of its piece or where it is done: “D-03: second coat: enamel, front”. */
export function taskWords(
  job: Pick<Job, 'rooms' | 'climates'>,
  { steps }: Pick<JobProblem, 'steps'>,
  id: string,
): string {
  const step = steps.get(id);
  if (step) return `${step.piece.mark}: ${stepWords(step).toLowerCase()}`;
  const coat = steps.get(id.replace(/\/touch-dry$/, ''));
  if (coat) return `${coat.piece.mark}: ${stepWords(coat).toLowerCase()} is touch dry`;
  const work = siteSteps(job).find((candidate) => candidate.id === id);
  if (work) return `${work.place}: ${work.words.toLowerCase()}`;
  const room = job.rooms.find((candidate) => id.startsWith(`${zoneSpace(candidate.id)}/`));
  if (!room) return id;
  const [zone, moment] = id.slice(zoneSpace(room.id).length + 1).split(/\/(?=[^/]*$)/);
  return `${room.name}, ${zone}: ${moment === 'free' ? 'back in use' : 'begun'}`;
}

/** A planner's reason with tasks named as painters do: `D-03 (first coat: primer, back)` for `piece/coat-1/back`. */
export function withMarks(message: string, { steps }: Pick<JobProblem, 'steps'>): string {
  const ids = [...steps.keys()].sort((one, other) => other.length - one.length);
  return ids.reduce((text, id) => {
    const step = steps.get(id);
    return step && text.includes(id)
      ? text.replaceAll(id, `${step.piece.mark} (${stepWords(step).toLowerCase()})`)
      : text;
  }, message);
}

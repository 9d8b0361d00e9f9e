import type { Job } from '../job/schema.ts';
import type { JobProblem } from './job-to-problem.ts';
import { stepWords } from './step-words.ts';

/** What a task of a plan is, with the mark of its piece or the name of its room: “D-03: second coat: enamel, front”. */
export function taskWords(job: Pick<Job, 'rooms'>, { steps }: Pick<JobProblem, 'steps'>, id: string): string {
  const step = steps.get(id);
  if (step) return `${step.piece.mark}: ${stepWords(step).toLowerCase()}`;
  const coat = steps.get(id.replace(/\/touch-dry$/, ''));
  if (coat) return `${coat.piece.mark}: ${stepWords(coat).toLowerCase()} is touch dry`;
  for (const room of job.rooms) {
    const work = room.tasks.find((candidate) => id === `room/${room.id}/${candidate.id}`);
    if (work) return `${room.name}: ${work.words.toLowerCase()}`;
  }
  return id;
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

import type { Job } from '../../job/document/schema.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { siteSteps } from '../drafting/site-work.ts';
import { stepWords } from '../../steps/step-words.ts';
import { offSpace, zoneSpace } from '../drafting/spaces.ts';

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
  const [zone = '', moment] = id.slice(zoneSpace(room.id).length + 1).split(/\/(?=[^/]*$)/);
  return `${room.name}, ${zone}: ${moment === 'free' ? 'back in use' : 'begun'}`;
}

/**
 * A planner's reason with tasks and places named as painters do: `D-03 (first coat: primer, back)` for
 * `piece/coat-1/back`, `What is off in the hall` for `off/room-2`.
 */
export function withMarks(
  message: string,
  job: Pick<Job, 'rooms' | 'climates' | 'places'>,
  { steps }: Pick<JobProblem, 'steps'>,
): string {
  const names = new Map([
    ...[...steps].map(([id, step]) => [id, `${step.piece.mark} (${stepWords(step).toLowerCase()})`] as const),
    ...siteSteps(job).map(({ id, place, words }) => [id, `${place} (${words.toLowerCase()})`] as const),
  ]);
  const longestFirst = [...names].sort(([one], [other]) => other.length - one.length);
  const named = longestFirst.reduce(
    (text, [id, name]) => (text.includes(id) ? text.replaceAll(id, name) : text),
    message,
  );
  const spaces = [
    ...job.places.map(({ id, name }) => [id, name] as const),
    ...job.rooms.map(({ id, name }) => [offSpace(id), `What is off in ${name}`] as const),
    ...job.rooms.map(({ id, name }) => [zoneSpace(id), `What is in work in ${name}`] as const),
  ];
  return spaces.reduce((text, [id, name]) => (text.startsWith(`${id} `) ? name + text.slice(id.length) : text), named);
}

import type { Job } from '../../job/document/schema.ts';
import { noPlanWords, type ReasonNames } from '../../scheduling/no-plan-words.ts';
import type { NoPlanReason } from '../../scheduling/plan.ts';
import { inSentence } from '../../units/sentence.ts';
import type { JobProblem } from '../drafting/job-to-problem.ts';
import { siteSteps } from '../drafting/site-work.ts';
import { stepPhrase } from '../../steps/step-words.ts';
import { offSpace, zoneSpace } from '../drafting/spaces.ts';

type Sites = Pick<Job, 'rooms' | 'climates'>;
type Steps = Pick<JobProblem, 'steps'>;

/** What a task of a plan is, with the mark of its piece or where it is done: “D-03: second coat: enamel, front”. */
export function taskWords(job: Sites, steps: Steps, id: string): string {
  const named = namedTask(job, steps, id);
  return named ? `${named.where}: ${named.what}` : id;
}

/** Where a task of a plan is done: the mark of its piece, or the name of its room. */
export const taskPlace = (job: Sites, steps: Steps, id: string): string => namedTask(job, steps, id)?.where ?? id;

/** A task of a plan inside a sentence: “D-03 (second coat: enamel, front)”. */
export function taskPhrase(job: Sites, steps: Steps, id: string): string {
  const named = namedTask(job, steps, id);
  return named ? `${named.where} (${named.what})` : id;
}

function namedTask(job: Sites, { steps }: Steps, id: string): { where: string; what: string } | null {
  const step = steps.get(id);
  if (step) return { where: step.piece.mark, what: stepPhrase(step) };
  const coat = steps.get(id.replace(/\/touch-dry$/, ''));
  if (coat) return { where: coat.piece.mark, what: `${stepPhrase(coat)} is touch dry` };
  const work = siteSteps(job).find((candidate) => candidate.id === id);
  if (work) return { where: work.place, what: inSentence(work.words) };
  const room = job.rooms.find((candidate) => id.startsWith(`${zoneSpace(candidate.id)}/`));
  if (!room) return null;
  const [zone = '', moment] = id.slice(zoneSpace(room.id).length + 1).split(/\/(?=[^/]*$)/);
  return { where: `${room.name}, ${zone}`, what: moment === 'free' ? 'back in use' : 'started' };
}

/** A space of a plan as the painter knows it: a place with room for pieces, or a limit that was set for a room. */
export function spaceNamed(job: Pick<Job, 'rooms' | 'places'>, id: string): ReturnType<ReasonNames['space']> {
  const place = job.places.find((candidate) => candidate.id === id);
  if (place) return { name: place.name, isLimit: false };
  const off = job.rooms.find((candidate) => offSpace(candidate.id) === id);
  if (off) return { name: `${off.name}, off at once`, isLimit: true };
  const zoned = job.rooms.find((candidate) => zoneSpace(candidate.id) === id);
  if (zoned) return { name: `${zoned.name}, zones at once`, isLimit: true };
  return { name: 'The air shared by dust and wet paint', isLimit: false };
}

/** Why there is no plan, with tasks and spaces named as painters do. */
export const noPlanReason = (job: Sites & Pick<Job, 'places'>, steps: Steps, reason: NoPlanReason): string =>
  noPlanWords(reason, { task: (id) => taskPhrase(job, steps, id), space: (id) => spaceNamed(job, id) });

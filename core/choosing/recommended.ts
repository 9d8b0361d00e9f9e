import { groundsOf } from '../build-up/situation.ts';
import { FOUND, resultInWords } from '../pieces/found.ts';
import { inSentence } from '../units/sentence.ts';
import { isChosen } from '../build-up/coat-stack.ts';
import { knownOf } from '../build-up/build-up-review.ts';
import type { BuildUp, FinishGroup } from '../job/document/group-schema.ts';
import type { Job } from '../job/document/schema.ts';
import { openQuestions } from '../surface-tests/known-surface.ts';
import { SURFACE_TESTS } from '../surface-tests/surface-tests.ts';
import { derived } from '../job/derived.ts';
import { OFFERED_FROM, offerFor } from './offer.ts';

/** What is recommended for a group of like pieces, and what that takes for granted. */
export interface Recommended {
  groupId: string;
  groupName: string;
  /** As the offer calls it; null where nothing on the shelf suits the surface. */
  choice: { buildUp: BuildUp; chosenFor: string; name: string; hours: number; days: number } | null;
  /** Why nothing suits, or of each test that nobody did what is taken until then. */
  told: string[];
}

/** What is taken for each question that nobody has answered, as in “Adhesion: sound”. */
function supposed(job: Job, group: FinishGroup): string[] {
  const [facts] = groundsOf(job, group).map(({ known }) => known.facts);
  return [...openQuestions(job, group.id)].flatMap((found) => {
    const { judgedAs } = SURFACE_TESTS[found];
    const result = found === 'old-coat' ? (facts?.oldCoat ?? null) : judgedAs;
    return result === null ? [] : [`${FOUND[found].name}: ${inSentence(resultInWords(found, result))}`];
  });
}

/** The best permitted build-up of a group by the job's weights. */
export function recommendedFor(job: Job, group: FinishGroup): Recommended {
  const { permitted, none } = offerFor(job, group);
  const [best] = permitted;
  const { id: groupId, name: groupName } = group;
  if (best === undefined) return { groupId, groupName, choice: null, told: none.map(({ reason }) => reason) };
  return {
    groupId,
    groupName,
    choice: {
      buildUp: best.candidate.buildUp,
      chosenFor: knownOf(job, group),
      name: best.candidate.name,
      hours: best.cost.hours,
      days: best.cost.days,
    },
    told: supposed(job, group),
  };
}

/** Groups that have pieces to paint and no build-up yet. */
export const unchosenGroups = (job: Job): FinishGroup[] =>
  job.groups.filter(
    (group) =>
      !isChosen(group) &&
      job.pieces.some(({ groupId, scope }) => groupId === group.id && scope.faces.length + scope.edges.length > 0),
  );

/** What is recommended for every group that has no build-up yet. */
export const recommendedForAll = (job: Job): Recommended[] =>
  unchosenGroups(job).map((group) => recommendedFor(job, group));

/** The identity of a request for all recommendations, and for the tests that could change them. */
export const recommendedQuestion = derived([...OFFERED_FROM, 'groups'], (): object => ({}));

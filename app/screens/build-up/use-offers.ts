import { offerQuestion } from '../../../core/choosing/offer.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { startOffers } from '../../asking/offers.ts';
import type { Offers } from '../../asking/packed-offers.ts';
import { useAnswerTo } from '../../asking/use-answer-to.ts';

/** Strokes within this many ms are answered together. */
const PAUSE = 60;

/** Offers for a group, composed and weighed in a worker; those of before stay until the new ones are there. */
export function useOffers(
  job: Job,
  group: FinishGroup,
): { offers: Offers | null; isStale: boolean; failed: string | null } {
  const question = offerQuestion(job, group);
  const { answered, failure } = useAnswerTo(question, () => startOffers(job, group), PAUSE);
  const offers = answered?.to.groupId === group.id ? answered.answer : null;
  return { offers, isStale: answered?.to !== question, failed: failure };
}

import { expose } from 'comlink';
import { offerFor, schoolPrices } from '../../core/choosing/offer.ts';
import type { FinishGroup, Job } from '../../core/job/schema.ts';
import { packed, type PackedOffers } from './packed-offers.ts';

/** Composes and weighs build-ups behind its door. */
const offers = {
  /** What may be chosen for a group, what not, and what each school would give. */
  offer(job: Job, group: FinishGroup): PackedOffers {
    return packed(offerFor(job, group), schoolPrices(job, group));
  },
};

export type Offers = typeof offers;

expose(offers);

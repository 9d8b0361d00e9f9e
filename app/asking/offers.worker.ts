import { expose } from 'comlink';
import { atTheDoor } from '../../core/job/door.ts';
import { offerFor, schoolPrices } from '../../core/choosing/offer.ts';
import { recommendedForAll, type Recommended } from '../../core/choosing/recommended.ts';
import { surestSoFar, type WorthTesting } from '../../core/choosing/surer.ts';
import type { FinishGroup } from '../../core/job/document/group-schema.ts';
import type { Job } from '../../core/job/document/schema.ts';
import { packed, type PackedOffers } from './packed-offers.ts';

/** Composes and weighs build-ups behind its door. */
export const offers = {
  /** What may be chosen for a group, what not, and what each school would give. */
  offer(job: Job, group: FinishGroup): PackedOffers {
    // What comes through the door is a copy that nobody changes: frozen, so that what follows from it is kept.
    const kept = atTheDoor(job);
    const offer = offerFor(kept, group);
    return packed(offer, schoolPrices(kept, group, offer));
  },
  /** What is recommended for every group without a build-up. */
  recommend: (job: Job): Recommended[] => recommendedForAll(atTheDoor(job)),
  /** The open tests that could change most; `onBetter` is told of the best so far. */
  async surest(job: Job, onBetter: (soFar: WorthTesting[]) => Promise<void>): Promise<WorthTesting[]> {
    const search = surestSoFar(atTheDoor(job));
    for (;;) {
      const next = search.next();
      if (next.done) return next.value;
      await onBetter(next.value);
    }
  },
};

export type Offers = typeof offers;

expose(offers);

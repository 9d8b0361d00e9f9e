import { compareCosts } from '../../core/scheduling/aim.ts';
import type { VerifiedPlan } from './planner.worker.ts';

/** The best of the plans that several workers find for one job, with whatever any of them has proved. */
export class BestPlan {
  plan: VerifiedPlan | null = null;
  readonly #onBetter: (plan: VerifiedPlan) => void;
  readonly #compare: typeof compareCosts;

  constructor(onBetter: (plan: VerifiedPlan) => void, compare = compareCosts) {
    this.#onBetter = onBetter;
    this.#compare = compare;
  }

  /** Whether no plan can be earlier. */
  get isProved(): boolean {
    return this.plan?.plan.status === 'optimal';
  }

  /** Takes what a worker has found, tells of it where it changes anything, and answers the best so far. */
  take(found: VerifiedPlan): VerifiedPlan {
    const { plan: before } = this;
    if (before === null) return this.#keep(found);
    const better = this.#compare(found.plan.cost, before.plan.cost) < 0 ? found : before;
    const { plan: most, because } = found.plan.lowerBound > before.plan.lowerBound ? found : before;
    if (better === before && most === before.plan) return before;
    // Whatever of them is proved proves every plan whose finish counts as much.
    const isProved = [found, before].some(
      ({ plan: { status, cost } }) => status === 'optimal' && better.plan.cost.counted <= cost.counted,
    );
    const status = isProved || better.plan.finish <= most.lowerBound ? 'optimal' : better.plan.status;
    return this.#keep({ ...better, plan: { ...better.plan, status, lowerBound: most.lowerBound }, because });
  }

  #keep(plan: VerifiedPlan): VerifiedPlan {
    this.plan = plan;
    this.#onBetter(plan);
    return plan;
  }
}

import type { Attempt } from './attempt.ts';
import { ESTIMATE_IDS, ESTIMATES, type EstimateId } from './estimates.ts';

/** By how much one estimates too much or too little, over the last estimates. */
export interface Bias {
  id: EstimateId;
  /** What was said over what was right: 1.3 is 30% too much. The geometric mean, so that double and half cancel. */
  factor: number;
  count: number;
}

/** Estimates that are looked at, the newest. */
const LAST = 12;

/** One’s own bias of everything that was estimated at least twice. */
export function biases(attempts: readonly Attempt[]): Bias[] {
  const newest = attempts.toSorted((one, other) => Date.parse(other.at) - Date.parse(one.at));
  return ESTIMATE_IDS.flatMap((id): Bias[] => {
    const logs = newest
      .flatMap(({ estimates }) => estimates.filter((each) => each.id === id && each.said > 0 && each.right > 0))
      .slice(0, LAST)
      .map(({ said, right }) => Math.log(said / right));
    if (logs.length < 2) return [];
    return [{ id, factor: Math.exp(logs.reduce((sum, each) => sum + each, 0) / logs.length), count: logs.length }];
  });
}

/** Less than this either way is no bias. */
const NONE = 0.05;

/** A bias in words: “You say 30% too much primer.” */
export function biasWords({ id, factor, count }: Bias): string {
  const percent = Math.round(Math.abs(factor - 1) * 100);
  const name = ESTIMATES[id].name.toLowerCase();
  if (percent < NONE * 100) return `${ESTIMATES[id].name}: about right, over ${count} estimates.`;
  return `You say ${percent}% too ${factor > 1 ? 'much' : 'little'} ${name}, over ${count} estimates.`;
}

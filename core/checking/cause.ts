import type { Evidence } from './evidence.ts';

/** What speaks for a cause: how strongly, from 0 to 1, and in the words of the log. */
export interface Sign {
  strength: number;
  because: string;
}

/** Something that makes defects: how one knows it, and how to keep it from happening again. */
export interface Cause {
  /** As a sentence without its stop: “The coat under it was recoated too early”. */
  name: string;
  /** How to prevent it. */
  prevent: string;
  /**
   * What the job knows that speaks for it: a sign; nothing known, null; or that it can't have been, `excluded`. Left out
   * where it lies in the hand, which no log knows.
   */
  sign?(evidence: Evidence): Sign | 'excluded' | null;
}

/** A strength between 0 and 1. */
export const strength = (value: number): number => Math.max(0, Math.min(1, value));

/** The strongest of some signs; null where there is none. */
export const strongest = (signs: readonly (Sign | null)[]): Sign | null =>
  signs.reduce<Sign | null>((best, sign) => (sign && sign.strength > (best?.strength ?? -1) ? sign : best), null);

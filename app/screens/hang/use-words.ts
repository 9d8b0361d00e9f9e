import type { Readiness, Use } from '../../../core/hanging/readiness.ts';
import { USES } from '../../../core/hanging/readiness.ts';

/** What a use is called on a vial. */
export const USE_WORDS: Readonly<Record<Use, string>> = {
  handle: 'handle',
  rehang: 'hang',
  close: 'close',
  wash: 'wash',
  full: 'full use',
};

/** What a piece is ready for next, and from when; null where it is ready for everything, or nothing is known. */
export function nextUse({ from, piece, hung }: Readiness, at: number): { use: Use; opens: number } | null {
  // What hangs, or never came off, need not wait to be hung.
  const isBack = !piece.comesOff || hung?.isDone === true;
  const use = USES.find(
    (candidate) => (candidate !== 'rehang' || !isBack) && from[candidate] !== null && (from[candidate] ?? 0) > at,
  );
  return use === undefined ? null : { use, opens: from[use] ?? 0 };
}

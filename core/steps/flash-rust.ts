import type { Piece } from '../job/document/piece-schema.ts';
import { LOOSE_SHARE } from '../quantities/pace.ts';
import { laysMetalBare, knownSurface } from '../surface-tests/known-surface.ts';
import type { Stated } from './stated-step.ts';
import type { CoatStep, PieceStep } from './step.ts';
import { isCoat } from './wetness/current-coats.ts';

/** Minutes for which metal that was laid bare stays bright: it is primed on the day on which it was abraded. */
export const STAYS_BRIGHT = 600;

/** A coat that has to follow the step that lays metal bare, and what abrading it again takes where it comes later. */
export interface FlashRust {
  from: PieceStep;
  to: CoatStep;
  /** At a professional's pace. */
  again: number;
}

/** Coats of a piece that have to follow their preparation on the same day, since bare metal rusts overnight. */
export function flashRustOf(job: Stated, piece: Piece, steps: readonly PieceStep[]): FlashRust[] {
  if (!laysMetalBare(knownSurface(job, piece).facts)) return [];
  const firstCoat = steps.findIndex(isCoat);
  const from = steps[firstCoat - 1];
  if (from === undefined) return [];
  return steps
    .filter(isCoat)
    .filter(({ coat }) => coat.number === 1)
    .map((to) => ({ from, to, again: to.coat.reAbrade * LOOSE_SHARE }));
}

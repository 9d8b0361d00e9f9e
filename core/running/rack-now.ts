import type { PlanReading } from '../planning/reading/read-plan.ts';
import type { DryingPiece } from './drying-status.ts';

/** A wet piece on its place of the rack. */
export interface Racked {
  drying: DryingPiece;
  slot: number;
}

/**
 * What lies on the rack at a moment: the place that the plan drew for it where that is free, otherwise the lowest that
 * is. Pieces that hang again, or are painted where they are, do not lie there; what there is no place for is left out.
 */
export function onRack(
  dryingPieces: readonly DryingPiece[],
  reading: Pick<PlanReading, 'lyings'>,
  at: number,
  slots: number,
): Racked[] {
  const lying = dryingPieces.filter(({ piece, hangs }) => piece.comesOff && !hangs);
  const taken = new Set<number>();
  const planned = lying.map((drying) => {
    const drawn = reading.lyings.findLast(({ piece, from }) => piece.id === drying.piece.id && from <= at)?.slot;
    const slot = drawn !== undefined && drawn < slots && !taken.has(drawn) ? drawn : null;
    if (slot !== null) taken.add(slot);
    return { drying, slot };
  });
  return planned.flatMap(({ drying, slot }): Racked[] => {
    if (slot !== null) return [{ drying, slot }];
    for (let free = 0; free < slots; free++) {
      if (taken.has(free)) continue;
      taken.add(free);
      return [{ drying, slot: free }];
    }
    return [];
  });
}

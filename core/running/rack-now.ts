import type { PlanReading } from '../planning/reading/read-plan.ts';
import type { DryingPiece } from './drying-status.ts';

/** A wet piece on its place of the rack. */
export interface Racked {
  ripe: DryingPiece;
  slot: number;
}

/**
 * What lies on the rack at a moment: the place that the plan drew for it where that is free, otherwise the lowest that
 * is. Pieces that hang again, or are painted where they are, do not lie there; what there is no place for is left out.
 */
export function onRack(
  ripening: readonly DryingPiece[],
  reading: Pick<PlanReading, 'lyings'>,
  at: number,
  slots: number,
): Racked[] {
  const lying = ripening.filter(({ piece, hangs }) => piece.comesOff && !hangs);
  const taken = new Set<number>();
  const planned = lying.map((ripe) => {
    const drawn = reading.lyings.findLast(({ piece, from }) => piece.id === ripe.piece.id && from <= at)?.slot;
    const slot = drawn !== undefined && drawn < slots && !taken.has(drawn) ? drawn : null;
    if (slot !== null) taken.add(slot);
    return { ripe, slot };
  });
  return planned.flatMap(({ ripe, slot }): Racked[] => {
    if (slot !== null) return [{ ripe, slot }];
    for (let free = 0; free < slots; free++) {
      if (taken.has(free)) continue;
      taken.add(free);
      return [{ ripe, slot: free }];
    }
    return [];
  });
}

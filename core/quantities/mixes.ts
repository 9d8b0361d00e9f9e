import type { Coating } from '../shelf/coating.ts';

/** One portion of a two-part product, measured by volume and by mass. */
export interface Portion {
  /** Litres mixed. */
  litres: number;
  base: { millilitres: number; grams: number };
  hardener: { millilitres: number; grams: number };
}

/** Portions in which a two-part product is mixed for a stretch of work. */
export type Portions =
  | {
      kind: 'portions';
      count: number;
      each: Portion;
      /** Minutes that a mixed portion stands before use. */
      induction: number;
      /** Minutes from mixing until it has to be used up. */
      potLife: number;
      /** Minutes that one portion takes to be put on. */
      workMinutes: number;
    }
  /** Not even the smallest portion that can be measured is used up in time. */
  | { kind: 'too-fast'; potLife: number; smallest: number; workMinutes: number }
  /** The tin's parts of base to hardener are not stated. */
  | { kind: 'not-stated' };

/** Of a pot's life so much is counted on: it thickens before it sets. */
const COUNTED_ON = 0.8;

/** Base and hardener of so many mixed litres. Null for a product without a stated ratio. */
export function portionOf(coating: Coating, litres: number): Portion | null {
  const { hardenerRatio, density, hardenerDensity } = coating;
  if (hardenerRatio === null) return null;
  const hardener = (litres * 1000) / (hardenerRatio + 1);
  const base = litres * 1000 - hardener;
  return {
    litres,
    base: { millilitres: base, grams: base * density },
    hardener: { millilitres: hardener, grams: hardener * (hardenerDensity ?? density) },
  };
}

/**
 * Portions for `litres` of a two-part product that take `workMinutes` to put on: equal ones, as few as are each used up
 * within four fifths of the pot life of that hour, what it stands before use included, and none with less hardener than
 * can be measured (`smallest`, mL).
 */
export function potPortions(
  coating: Coating,
  work: { litres: number; workMinutes: number; potLife: number },
  smallest: number,
): Portions {
  const { litres, workMinutes, potLife } = work;
  const induction = coating.induction ?? 0;
  if (coating.hardenerRatio === null) return { kind: 'not-stated' };
  const usable = potLife * COUNTED_ON - induction;
  const count = usable <= 0 ? Infinity : Math.max(1, Math.ceil(workMinutes / usable - 1e-9));
  const each = portionOf(coating, litres / count);
  if (each === null || !Number.isFinite(count) || (count > 1 && each.hardener.millilitres < smallest)) {
    const least = (smallest / 1000) * (coating.hardenerRatio + 1);
    return { kind: 'too-fast', potLife, smallest: least, workMinutes: (workMinutes * least) / litres };
  }
  return { kind: 'portions', count, each, induction, potLife, workMinutes: workMinutes / count };
}

/** mL of thinner for so many litres of paint, at so many % of its volume. */
export const thinnerFor = (litres: number, percent: number): number => litres * percent * 10;

/** mL of cleaner for the water that is really in the bucket, in litres, at a dilution in mL per litre. */
export const cleanerFor = (water: number, dilution: number): number => water * dilution;

/** Parts of a colour of one's own, in mL of each, scaled to so many litres in all; shares of the whole beside. */
export function scaledRecipe(
  parts: readonly { what: string; amount: number }[],
  litres: number,
): { what: string; millilitres: number; share: number }[] {
  const whole = parts.reduce((sum, { amount }) => sum + amount, 0);
  return parts.map(({ what, amount }) => {
    const share = whole === 0 ? 0 : amount / whole;
    return { what, share, millilitres: share * litres * 1000 };
  });
}

import type { Job } from '../document/schema.ts';
import type { StockEntry } from '../document/stock-schema.ts';

/** What is there of a product in a colour; `hex` is null for what has none. */
export const inStock = ({ stock }: Pick<Job, 'stock'>, product: string, hex: string | null): StockEntry[] =>
  stock.filter(
    (entry) => entry.product === product && (entry.hex?.toLowerCase() ?? null) === (hex?.toLowerCase() ?? null),
  );

export const litresOf = (entries: readonly StockEntry[]): number =>
  entries.reduce((sum, { litres }) => sum + litres, 0);

/** Litres of each entry that is opened for a need of so many litres: small rests first, none that isn't needed. */
export function takenFrom(entries: readonly StockEntry[], need: number): number[] {
  const taken: number[] = [];
  let litres = 0;
  for (const entry of entries.toSorted((one, other) => one.litres - other.litres)) {
    if (litres >= need) break;
    taken.push(entry.litres);
    litres += entry.litres;
  }
  return taken;
}

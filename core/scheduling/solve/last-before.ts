import type { Prepared } from './prepared.ts';

/** The last tick at which a plan would have to end to count as earlier than one that ends at a finish. */
export function lastBefore({ counted }: Prepared, finish: number): number {
  let [low, high] = [0, finish - 1];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (counted(middle) < counted(finish)) low = middle;
    else high = middle - 1;
  }
  return low;
}

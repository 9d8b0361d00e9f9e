/** A source of numbers in [0, 1). */
export type Random = () => number;

/** One of several, each as likely. */
export function drawn<T>(random: Random, from: readonly [T, ...T[]]): T {
  return from[Math.floor(random() * from.length)] ?? from[0];
}

/** The same of a list that may be empty: then `undefined`. */
export const drawnFrom = <T>(random: Random, from: readonly T[]): T | undefined =>
  from[Math.floor(random() * from.length)];

/** A whole number from `least` to `most`, both included. */
export const wholeBetween = (random: Random, least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1));

/** The same things in another order, all orders as likely (Fisher and Yates). */
export function shuffled<T>(random: Random, things: readonly T[]): T[] {
  const mixed = [...things];
  for (let last = mixed.length - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1));
    const [one, two] = [mixed[last], mixed[other]];
    if (one !== undefined && two !== undefined) [mixed[last], mixed[other]] = [two, one];
  }
  return mixed;
}

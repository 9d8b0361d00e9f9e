/** How long and by what chance something is annealed. */
export interface CoolingOptions {
  /** How many orders are tried. */
  steps: number;
  random: () => number;
}

/** How much the mean end of all tasks counts beside the finish: finishes come in jumps, and of equal ones it tells which leads on. */
const MEAN_END = { least: 0.1, most: 1 };
/** By how much of the finish an order may be worse to be gone on from at the beginning; nothing at the end. */
const HOT = { least: 0.003, most: 0.02 };

/**
 * A way to cool down from what ends at a finish (in ticks): how much the mean end counts, drawn by chance, and the temperature
 * at each step, in ticks; none after the last.
 */
export function coolingOf(
  finish: number,
  { steps, random }: CoolingOptions,
): { meanEnd: number; heatAt(step: number): number } {
  const between = ({ least, most }: { least: number; most: number }): number => least * (most / least) ** random();
  const [meanEnd, hot] = [between(MEAN_END), between(HOT) * finish];
  return { meanEnd, heatAt: (step) => hot * (1 - step / steps) ** 2 };
}

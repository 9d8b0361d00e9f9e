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

/** A way to cool down from what ends at a finish: by how much more than now something may cost at each step, in the middle. */
export function coolingOf(
  finish: number,
  { steps, random }: CoolingOptions,
): { meanEnd: number; heatAt(step: number): number } {
  const between = ({ least, most }: { least: number; most: number }): number => least * (most / least) ** random();
  const [meanEnd, hot] = [between(MEAN_END), between(HOT) * finish];
  return { meanEnd, heatAt: (step) => hot * (1 - step / steps) ** 2 };
}

/** How often more than one task moves, how many at most, and how often they move far. */
const BLOCKS = 0.4;
const MOST_MOVED = 3;
const FAR = 0.5;
const NEAR = 4;

/** An order in which one task, or some in a row, stand elsewhere. */
export function blockMoved(order: Int32Array, random: () => number): Int32Array {
  const count = order.length;
  const at = Math.floor(random() * count);
  const size = Math.min(count - at, random() < BLOCKS ? 1 + Math.floor(random() * MOST_MOVED) : 1);
  const to = Math.round(random() < FAR ? random() * (count - size + 1) : at + (random() - 0.5) * 2 * NEAR);
  const then = Math.max(0, Math.min(count - size, to));
  const moved = order.slice();
  if (then < at) moved.copyWithin(then + size, then, at);
  else moved.copyWithin(at, at + size, then + size);
  moved.set(order.subarray(at, at + size), then);
  return moved;
}

/** How often more than one task moves, how many at most, and how often they move far. */
const BLOCKS = 0.4;
const MAX_MOVED = 3;
const FAR = 0.5;
const NEAR = 4;

/** An order in which one task, or some in a row, stand elsewhere. */
export function blockMoved(order: Int32Array, random: () => number): Int32Array {
  const count = order.length;
  const at = Math.floor(random() * count);
  const size = Math.min(count - at, random() < BLOCKS ? 1 + Math.floor(random() * MAX_MOVED) : 1);
  const to = Math.round(random() < FAR ? random() * (count - size + 1) : at + (random() - 0.5) * 2 * NEAR);
  const then = Math.max(0, Math.min(count - size, to));
  const moved = order.slice();
  if (then < at) moved.copyWithin(then + size, then, at);
  else moved.copyWithin(at, at + size, then + size);
  moved.set(order.subarray(at, at + size), then);
  return moved;
}

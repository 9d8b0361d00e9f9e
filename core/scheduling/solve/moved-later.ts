/** What of an order has to stay in its turn: who does what, by up to 31 painters, and what follows what. */
export interface Ties {
  teamOf(number: number): readonly number[];
  leadsTo: readonly (readonly number[])[];
}

/**
 * An order with `number` right after `target`, which stands later. What follows it goes along, and what the same hands do
 * after that, so that all others do theirs in the same turn.
 */
export function movedLater(order: Int32Array, number: number, target: number, { teamOf, leadsTo }: Ties): Int32Array {
  const moved = order.slice();
  const going = new Set([number]);
  let busy = 0;
  let at = order.indexOf(number);
  let free = at;
  const goes: number[] = [];
  for (; at < order.length; at++) {
    const own = order[at] ?? 0;
    const team = teamOf(own).reduce((bits, painter) => bits | (1 << painter), 0);
    if (own !== target && (going.has(own) || (team & busy) !== 0)) {
      goes.push(own);
      for (const to of leadsTo[own] ?? []) going.add(to);
      if (own !== number) busy |= team;
    } else moved[free++] = own;
    if (own === target) break;
  }
  for (const own of goes) moved[free++] = own;
  return moved;
}

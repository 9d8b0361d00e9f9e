import { worstAge, type WetEdgeProblem } from '../strokes/wet-edge.ts';

/** Every order of a problem that keeps what must come before what. For small ones. */
export function* everyOrder({ elements, before }: WetEdgeProblem): Generator<string[]> {
  const waits = new Map(
    elements.map(({ id }) => [id, before.filter(([, then]) => then === id).map(([first]) => first)]),
  );
  function* continued(begun: readonly string[]): Generator<string[]> {
    if (begun.length === elements.length) yield [...begun];
    for (const { id } of elements) {
      const isFree = !begun.includes(id) && (waits.get(id) ?? []).every((first) => begun.includes(first));
      if (isFree) yield* continued([...begun, id]);
    }
  }
  yield* continued([]);
}

/** The age of the oldest lap in the best of all orders. */
export function leastWorstAge(problem: WetEdgeProblem): number {
  let least = Infinity;
  for (const order of everyOrder(problem)) least = Math.min(least, worstAge(problem, order));
  return least;
}

import type { Lane, PreparedTask } from './prepared.ts';

/** The lanes of a problem; a piece that wants several places stands in the lane that is longest for its slots. */
export function lanesOf(
  tasks: readonly PreparedTask[],
  capacities: readonly number[],
  pieces: readonly (readonly number[])[],
  tails: Float64Array,
): Lane[] {
  const wanted = pieces.map((piece) => lyingTimes(tasks, piece, tails));
  const crowds = capacities.map(
    (slots, space) => wanted.filter((times) => times.has(space)).length / Math.max(1, slots),
  );
  const members = new Map<number, number[]>();
  wanted.forEach((times, piece) => {
    let lane = -1;
    for (const space of times.keys()) {
      const crowd = crowds[space] ?? 0;
      if (crowd > 1 && crowd > (crowds[lane] ?? 0)) lane = space;
    }
    if (lane >= 0) members.set(lane, [...(members.get(lane) ?? []), piece]);
  });
  return [...members].map(([space, own]) => ({
    pieces: own,
    slots: Math.max(1, capacities[space] ?? 1),
    cycle: own.reduce((sum, piece) => sum + (wanted[piece]?.get(space) ?? 0), 0) / own.length,
  }));
}

/** By the spaces where a piece lies in between, how long it usually lies there in all. */
function lyingTimes(
  tasks: readonly PreparedTask[],
  piece: readonly number[],
  tails: Float64Array,
): Map<number, number> {
  const times = new Map<number, number>();
  for (const index of piece) {
    for (const { space, slots, until } of tasks[index]?.opens ?? []) {
      if (slots === 0) continue;
      const lies = (tails[index] ?? 0) - (tasks[index]?.task.work ?? 0) - (tails[until] ?? 0);
      times.set(space, (times.get(space) ?? 0) + Math.max(0, lies));
    }
  }
  return times;
}

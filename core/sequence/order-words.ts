import { capital, counted, listed } from '../units/sentence.ts';
import type { Simulation } from './simulate.ts';
import type { Stroke } from './stroke.ts';

/** How late an edge is reached, against how long it stays wet, in minutes: “reached at 7.5 min, wet until 10”. */
export const lapWords = (lap: { age: number; limit: number }): string => `reached at ${lapFlag(lap)}`;

/** The same, short enough to stand on a drawing: “7.5 min, wet until 10”. */
export function lapFlag({ age, limit }: { age: number; limit: number }): string {
  // Where both are close, a tenth tells them apart.
  const until = limit.toFixed(Math.abs(age - limit) < 1 ? 1 : 0);
  return `${age.toFixed(1)} min${limit === Infinity ? '' : `, wet until ${until}`}`;
}

/** Sentences that tell how an order leaves another. */
const MAX_MOVES_TOLD = 4;
const MAX_NAMES_TOLD = 4;

/**
 * In words, how one order differs from another and what that buys: first the oldest lap of both, then which strokes come
 * elsewhere, as few as tell it (all that is not in the longest row that both have in common).
 */
export function orderWords(was: Simulation, is: Simulation): string[] {
  const from = was.strokes.map(({ stroke }) => stroke);
  const to = is.strokes.map(({ stroke }) => stroke);
  const moves = movedStrokes(from, to);
  const gain = gained(was, is);
  if (moves.length === 0) return [`Same as the standard order. ${gain}`];
  const told = moves.slice(0, MAX_MOVES_TOLD).map(({ strokes, after }) => {
    const names = listed(
      strokes.map(({ name }) => name),
      MAX_NAMES_TOLD,
    );
    const verb = strokes.length === 1 ? 'comes' : 'come';
    return after === null ? `${capital(names)} ${verb} first.` : `${capital(names)} ${verb} after ${after.name}.`;
  });
  const rest = moves.length - told.length;
  return [gain, ...told, ...(rest > 0 ? [`${counted(rest, 'more difference')}.`] : [])];
}

function gained(was: Simulation, is: Simulation): string {
  if (was.worst === null || is.worst === null) return 'No laps.';
  const [before, now] = [was.worst.age, is.worst.age];
  const met = (simulation: Simulation): string =>
    simulation.worst ? `${simulation.worst.earlier.stroke.name} and ${simulation.worst.later.stroke.name}` : '';
  if (Math.abs(before - now) < 0.05) return `Longest wet edge: ${now.toFixed(1)} min in both.`;
  return `Longest wet edge: ${now.toFixed(1)} min (${met(is)}), was ${before.toFixed(1)} min (${met(was)}).`;
}

interface Move {
  strokes: Stroke[];
  /** What they follow now; null at the beginning. */
  after: Stroke | null;
}

/** Strokes that are elsewhere in `to` than in `from`, those that follow each other together. */
export function movedStrokes(from: readonly Stroke[], to: readonly Stroke[]): Move[] {
  const places = new Map(from.map(({ id }, place) => [id, place]));
  const kept = longestRise(to.map(({ id }) => places.get(id) ?? 0));
  const moves: Move[] = [];
  to.forEach((stroke, index) => {
    if (kept.has(index)) return;
    const last = moves.at(-1);
    if (last && index > 0 && last.strokes.at(-1) === to[index - 1]) last.strokes.push(stroke);
    else moves.push({ strokes: [stroke], after: to[index - 1] ?? null });
  });
  return moves;
}

/** Indices of a longest rising row among numbers, by patience sorting. */
function longestRise(numbers: readonly number[]): Set<number> {
  const tails: number[] = [];
  const previous = new Map<number, number>();
  numbers.forEach((number, index) => {
    const found = tails.findIndex((tail) => (numbers[tail] ?? 0) >= number);
    const length = found < 0 ? tails.length : found;
    const before = tails[length - 1];
    if (before !== undefined) previous.set(index, before);
    tails[length] = index;
  });
  const rise = new Set<number>();
  for (let at = tails.at(-1); at !== undefined; at = previous.get(at)) rise.add(at);
  return rise;
}

import type { Lap } from './pass-laps.ts';
import { LAP_KINDS } from './pass-laps.ts';
import type { WetEdge } from './open-time.ts';
import type { Stroke } from './stroke.ts';
import { CLOSE_FROM, freshnessAt, type Freshness } from './wet-edge.ts';

/** Who paints, and how much longer than a professional each takes. */
export interface Hand {
  id: string;
  name: string;
  factor: number;
}

/** What is simulation: strokes in order, by whom, in what air. */
export interface SimulationInput {
  strokes: readonly Stroke[];
  laps: readonly Lap[];
  /** A professional's minutes for a stroke. */
  minutesOf(stroke: Stroke): number;
  /** One painter or two. */
  hands: readonly [Hand, ...Hand[]];
  edge: WetEdge;
  /** Minutes on the edge's clock. */
  start: number;
  /**
   * When what was finished at a time is touch dry, on the same clock. With it one stops at a joint where a lap would go
   * off, and goes on from there; null to go straight on.
   */
  touchDry: ((from: number) => number) | null;
  /** Minutes that go by before a stroke while nothing is painted; left out where one goes straight on. */
  waitBefore?(strokeId: string): number;
}

/** A stroke as it is done. */
export interface TimedStroke {
  stroke: Stroke;
  /** From 1, as on the card. */
  number: number;
  hand: Hand;
  from: number;
  until: number;
  /** When its edge comes close to setting, and when it has gone off; `Infinity` where nothing sets. */
  closeAt: number;
  offAt: number;
}

/** A lap as it is met. */
export interface MetLap {
  lap: Lap;
  earlier: TimedStroke;
  later: TimedStroke;
  /** Minutes from the middle of the earlier stroke to the middle of the later one. */
  age: number;
  /** Age at which it goes off, in the air of those minutes. */
  limit: number;
  /** What of its open time is over. */
  share: number;
  /** How wet it is; `stopped` where it has set at a joint, which does not show. */
  state: Freshness | 'stopped';
}

/** What comes of painting in an order. */
export interface Simulation {
  strokes: readonly TimedStroke[];
  laps: readonly MetLap[];
  /** The lap of which the most of the open time is over; null when nothing laps. */
  worst: MetLap | null;
  start: number;
  until: number;
  /** Minutes of hands-on work, all painters together. */
  work: number;
  /** Stops at joints, each from when until when. */
  stops: readonly { from: number; until: number }[];
}

/**
 * Paints strokes one after another and tells of every lap how old it is when it is met, against the open time in the air
 * of those minutes. Two painters share the order: whoever is free takes the next stroke, but for the far sides of a
 * railing, which are the second painter's. Times are minutes on the edge's clock.
 */
export function simulateStrokes(input: SimulationInput): Simulation {
  const { edge, laps, start } = input;
  const { strokes, stops } = timed(input);
  const byId = new Map(strokes.map((entry) => [entry.stroke.id, entry]));
  const met = laps.flatMap((lap): MetLap[] => {
    const [one, other] = [byId.get(lap.one), byId.get(lap.other)];
    if (!one || !other) return [];
    const [earlier, later] = middle(one) <= middle(other) ? [one, other] : [other, one];
    const [from, at] = [middle(earlier), middle(later)];
    const share = shareOver(edge, from, at);
    const isStopped = stops.some((stop) => from < stop.until && at >= stop.until);
    const freshness = freshnessAt(share);
    // At a joint, a sight line or an arris a stop does not show: the edge may set there, on purpose or not.
    const isStop = LAP_KINDS[lap.kind].isNatural && (isStopped || freshness === 'gone-off');
    const state = isStop ? 'stopped' : freshness;
    return [{ lap, earlier, later, age: at - from, limit: edge.clock.reach(from, edge.dose) - from, share, state }];
  });
  return {
    strokes,
    laps: met,
    worst: oldestLap(met),
    start,
    until: strokes.reduce((latest, { until }) => Math.max(latest, until), start),
    work: strokes.reduce((sum, { from, until }) => sum + until - from, 0),
    stops,
  };
}

/** The lap that can show of which the most of the open time is over; null where none can. */
export const oldestLap = (laps: readonly MetLap[]): MetLap | null =>
  laps.reduce<MetLap | null>(
    (worst, lap) => (lap.state !== 'stopped' && (worst === null || lap.share > worst.share) ? lap : worst),
    null,
  );

const middle = ({ from, until }: Pick<TimedStroke, 'from' | 'until'>): number => (from + until) / 2;
const shareOver = ({ clock, dose }: WetEdge, from: number, at: number): number => clock.progress(from, at) / dose;

/**
 * Strokes with their times, and the stops between them. With `touchDry`, a stroke that would drag over a joint that is
 * setting is left out until what it meets is touch dry, with all of the surface that it belongs to, and the others go on.
 */
function timed(input: SimulationInput): Pick<Simulation, 'strokes' | 'stops'> {
  const done: TimedStroke[] = [];
  const stops: { from: number; until: number }[] = [];
  let left: readonly Stroke[] = input.strokes;
  let start = input.start;
  for (;;) {
    const session = wholeSurfaces(input, left, start);
    done.push(...session.painted.map((entry, index) => ({ ...entry, number: done.length + index + 1 })));
    left = session.left;
    if (left.length === 0 || input.touchDry === null || session.painted.length === 0) break;
    const from = session.painted.reduce((latest, { until }) => Math.max(latest, until), start);
    start = input.touchDry(from);
    stops.push({ from, until: start });
  }
  return { strokes: done, stops };
}

interface Session {
  painted: Omit<TimedStroke, 'number'>[];
  left: Stroke[];
}

/** A session in which no surface is begun that could not be finished. */
function wholeSurfaces(input: SimulationInput, strokes: readonly Stroke[], start: number): Session {
  if (input.touchDry === null) return paintedIn(input, strokes, start, new Set());
  const surfaces = surfacesOf(input.laps);
  const putOff = new Set<string>();
  for (;;) {
    const session = paintedIn(input, strokes, start, putOff);
    const begun = new Set(session.painted.map(({ stroke }) => surfaces.get(stroke.id)));
    const torn = session.left.map(({ id }) => surfaces.get(id)).filter((surface) => surface && begun.has(surface));
    if (torn.length === 0) return session;
    torn.forEach((surface) => surface?.forEach((id) => putOff.add(id)));
  }
}

/** Strokes one after another from a time on, but for those that are put off or would drag over a joint. */
function paintedIn(
  input: SimulationInput,
  strokes: readonly Stroke[],
  start: number,
  putOff: ReadonlySet<string>,
): Session {
  const { edge, hands, minutesOf } = input;
  const [first, second = null] = hands;
  const free = new Map<Hand, number>(hands.map((hand) => [hand, start]));
  const isRailing = input.strokes.some(({ role }) => role === 'spindle-back');
  const natural = input.touchDry === null ? null : naturalNeighbours(input.laps);
  const painted = new Map<string, Omit<TimedStroke, 'number'>>();
  const left: Stroke[] = [];
  const spindles = new Map<string, number>();
  /** When the far sides of each stretch are done: whoever is quicker waits, so that both stay within two stretches. */
  const farDone = new Map<number, number>();
  for (const stroke of strokes) {
    const isFar = stroke.role === 'spindle-back';
    const hand = isRailing && second ? (isFar ? second : first) : soonest(hands, free);
    const waits = isFar ? spindles.get(stroke.of) : isRailing && second ? farDone.get(stroke.section - 2) : null;
    const from = Math.max(free.get(hand) ?? start, waits ?? start) + (input.waitBefore?.(stroke.id) ?? 0);
    const until = from + minutesOf(stroke) * hand.factor;
    const halfway = (from + until) / 2;
    const drags = (natural?.get(stroke.id) ?? []).some((id) => {
      const met = painted.get(id);
      return met && shareOver(edge, middle(met), halfway) > 1 + 1e-9;
    });
    if (putOff.has(stroke.id) || drags) {
      left.push(stroke);
      continue;
    }
    free.set(hand, until);
    if (stroke.role === 'spindle') spindles.set(stroke.of, until);
    if (isFar) farDone.set(stroke.section, until);
    painted.set(stroke.id, {
      stroke,
      hand,
      from,
      until,
      closeAt: edge.clock.reach(halfway, edge.dose * CLOSE_FROM),
      offAt: edge.clock.reach(halfway, edge.dose),
    });
  }
  return { painted: [...painted.values()], left };
}

/** The ids of all strokes that lie in one unbroken surface with each; nothing for a stroke that is one by itself. */
function surfacesOf(laps: readonly Lap[]): ReadonlyMap<string, ReadonlySet<string>> {
  const surfaces = new Map<string, Set<string>>();
  for (const { one, other, kind } of laps) {
    if (kind !== 'surface') continue;
    const joined = new Set([one, other, ...(surfaces.get(one) ?? []), ...(surfaces.get(other) ?? [])]);
    joined.forEach((id) => surfaces.set(id, joined));
  }
  return surfaces;
}

function soonest(hands: readonly [Hand, ...Hand[]], free: ReadonlyMap<Hand, number>): Hand {
  return hands.reduce((best, hand) => ((free.get(hand) ?? 0) < (free.get(best) ?? 0) ? hand : best), hands[0]);
}

/** What each stroke laps with at a joint, a sight line or an arris. */
function naturalNeighbours(laps: readonly Lap[]): ReadonlyMap<string, string[]> {
  const all = new Map<string, string[]>();
  const add = (id: string, other: string): void => {
    const known = all.get(id);
    if (known) known.push(other);
    else all.set(id, [other]);
  };
  for (const { one, other, kind } of laps) {
    if (!LAP_KINDS[kind].isNatural) continue;
    add(one, other);
    add(other, one);
  }
  return all;
}

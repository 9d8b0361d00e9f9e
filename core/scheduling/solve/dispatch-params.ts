import { ANYBODY, type BuildOrder } from './build.ts';
import { addClearing, NO_CLEARING, variedClearing, type Clearing } from './clearing.ts';
import type { Prepared } from './prepared.ts';

type Random = () => number;

/** The parameters of a dispatch rule: in which order pieces are taken on, and what counts when somebody is free. */
export interface DispatchParams {
  /** Rank of every piece; in each lane the lowest is taken on first. */
  ranks: Float64Array;
  /** How much it counts that others wait for their turn after a piece, against the length of what follows in itself. */
  turnWeight: number;
  /** How many pieces of a lane go together, against the slots that it has. */
  wave: number;
  /** How much a tool that is already in hand counts. */
  sameTool: number;
  /** How long somebody would rather wait than take up something that matters less, in half shifts. */
  patience: number;
  clearing: Clearing;
}

/** More than anything else counts. */
const URGENT = 1e4;

/** What goes before everything else: pieces that were too late, and, with when they are due, tasks before pinned ones. */
export interface Pressing {
  pieces: ReadonlySet<number>;
  dues: Float64Array | null;
}

/** The rule of building of these parameters. */
export function dispatchRule(
  prepared: Prepared,
  { ranks, turnWeight, wave, sameTool, patience, clearing }: DispatchParams,
  pressing: Pressing,
): BuildOrder {
  const { tails, pieces, lanes } = prepared;
  const longest = tails.reduce((most, tail) => Math.max(most, tail), 1);
  const priority = Float64Array.from(tails);
  for (const lane of lanes) {
    const order = [...lane.pieces].sort((one, other) => (ranks[one] ?? 0) - (ranks[other] ?? 0) || one - other);
    const together = Math.max(1, Math.round(lane.slots * wave));
    order.forEach((piece, place) => {
      const after = Math.floor((order.length - 1 - place) / together) * (together / lane.slots);
      for (const task of pieces[piece] ?? []) {
        priority[task] = (priority[task] ?? 0) + turnWeight * after * lane.cycle;
      }
    });
  }
  addClearing(prepared, priority, clearing);
  pressing.dues?.forEach((due, task) => {
    if (due === Infinity) return;
    priority[task] = (priority[task] ?? 0) + URGENT * longest * (2 - due / prepared.problem.horizon);
  });
  for (const piece of pressing.pieces) {
    for (const task of pieces[piece] ?? []) priority[task] = (priority[task] ?? 0) + URGENT * longest;
  }
  return {
    priority,
    slack: prepared.longestSetup + patience * prepared.halfShift,
    sameTool: sameTool * longest,
    notBefore: new Int32Array(tails.length),
    hands: new Int16Array(tails.length).fill(ANYBODY),
    keepsPlaces: pressing.dues !== null,
  };
}

/** Plain dispatch rules to begin with: what takes longest first, all of one tool first, pieces in turn, one kind at a time. */
export function openingParams(prepared: Prepared): DispatchParams[] {
  const asListed = Float64Array.from(prepared.pieces, (_piece, index) => index);
  const byKind = kindRanks(prepared);
  const plain: DispatchParams = {
    ranks: asListed,
    turnWeight: 0,
    wave: 1,
    sameTool: 0,
    patience: 0,
    clearing: NO_CLEARING,
  };
  return [
    plain,
    { ...plain, turnWeight: 1, sameTool: 0.1, patience: 0.1 },
    { ...plain, ranks: byKind, turnWeight: 1, sameTool: 0.3, patience: 0.1 },
    { ...plain, ranks: byKind, turnWeight: 100, sameTool: 2, patience: 0.1 },
    { ...plain, ranks: byKind, turnWeight: 100, wave: 0.5, sameTool: 2, patience: 0.1 },
    { ...plain, turnWeight: 100, sameTool: 0.1, patience: 0.1 },
    { ...plain, ranks: longestFirst(prepared), turnWeight: 10, sameTool: 0.1, patience: 0.1 },
    { ...plain, sameTool: 2, patience: 0.1 },
    { ...plain, sameTool: 2, patience: 1 },
    { ...plain, ranks: byKind, turnWeight: 10, wave: 0, sameTool: 0.1, patience: 0.5 },
    // A piece at a time, waiting for it whatever else could start: slow, but never in its own way.
    { ...plain, turnWeight: 1e3, wave: 0, patience: Infinity },
  ];
}

/** Ranks by which pieces of one kind follow each other: those that take the same tools in the same order. */
function kindRanks(prepared: Prepared): Float64Array {
  const kinds = prepared.pieces.map((piece) =>
    piece.map((index) => String(prepared.tasks[index]?.setup?.index ?? '')).join(),
  );
  const places = new Map([...new Set(kinds)].sort().map((kind, place) => [kind, place]));
  return Float64Array.from(kinds, (kind, index) => (places.get(kind) ?? 0) * kinds.length + index);
}

/** Ranks by which the piece that takes longest goes first. */
function longestFirst({ pieces, tails }: Prepared): Float64Array {
  return Float64Array.from(pieces, (piece) => -Math.max(0, ...piece.map((index) => tails[index] ?? 0)));
}

const IN_TURN = [0, 0.3, 1, 3, 10, 100];
const WAVE = [0, 0.25, 0.5, 0.75, 1, 1.25, 1.5];
const SAME_TOOL = [0, 0.03, 0.1, 0.3, 1, 3];
const PATIENCES = [-0.05, 0, 0.05, 0.1, 0.25, 0.5, 1, 2];

const pick = <T>(list: readonly T[], random: Random): T | undefined => list[Math.floor(random() * list.length)];

/** A dispatch rule near another one. */
export function mutateParams({ lanes }: Prepared, params: DispatchParams, random: Random): DispatchParams {
  const vary = (value: number, usual: readonly number[]): number => {
    if (random() < 0.7) return value;
    return random() < 0.5 && value < 1e3 ? value * (0.5 + random()) : (pick(usual, random) ?? value);
  };
  const ranks = Float64Array.from(params.ranks);
  const swaps = Math.floor(random() * 4);
  for (let swap = 0; swap < swaps; swap++) {
    // Pieces change places with those that wait for the same.
    const lane = random() < 0.7 ? pick(lanes, random)?.pieces : undefined;
    const [one, other] = [0, 1].map(() => pick(lane ?? [], random) ?? Math.floor(random() * ranks.length));
    if (one === undefined || other === undefined) continue;
    const rank = ranks[one] ?? 0;
    // Right beside the other one, or in each other's place.
    if (random() < 0.5) ranks[one] = (ranks[other] ?? 0) + (random() - 0.5);
    else {
      ranks[one] = ranks[other] ?? 0;
      ranks[other] = rank;
    }
  }
  return {
    ranks,
    turnWeight: vary(params.turnWeight, IN_TURN),
    wave: vary(params.wave, WAVE),
    sameTool: vary(params.sameTool, SAME_TOOL),
    patience: vary(params.patience, PATIENCES),
    clearing: variedClearing(params.clearing, random),
  };
}

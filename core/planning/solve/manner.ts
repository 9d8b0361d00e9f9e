import { ANYBODY, type Rule } from './build.ts';
import type { Prepared } from './prepared.ts';

type Random = () => number;

/** A manner of working: in which order pieces are taken on, and what counts when somebody is free. */
export interface Manner {
  /** Rank of every piece; the lowest is taken on first. */
  ranks: Float64Array;
  /** How many pieces go together, as they follow each other by their ranks. */
  wave: number;
  /** How much the order of the pieces counts against the length of what follows a task. */
  pieceByPiece: number;
  /** How much a tool that is already in hand counts. */
  sameTool: number;
  /** How long somebody would rather wait than take up something that matters less, in half shifts. */
  patience: number;
}

/** The rule of building of a manner. */
export function ruleOf(prepared: Prepared, { ranks, wave, pieceByPiece, sameTool, patience }: Manner): Rule {
  const count = prepared.tasks.length;
  const longest = prepared.tails.reduce((most, tail) => Math.max(most, tail), 1);
  const priority = new Float64Array(count);
  const order = [...ranks.keys()].sort((one, other) => (ranks[one] ?? 0) - (ranks[other] ?? 0) || one - other);
  order.forEach((piece, place) => {
    const turn = Math.floor(place / wave) * wave * (pieceByPiece / order.length);
    for (const task of prepared.pieces[piece] ?? []) {
      priority[task] = longest * ((prepared.tails[task] ?? 0) / longest - turn);
    }
  });
  return {
    priority,
    slack: prepared.longestSetup + patience * prepared.halfShift,
    sameTool: sameTool * longest,
    notBefore: new Int32Array(count),
    hands: new Int16Array(count).fill(ANYBODY),
  };
}

/** Plain manners to begin with: what takes longest first, all of one tool first, one piece or one kind at a time. */
export function openingManners(prepared: Prepared): Manner[] {
  const count = prepared.pieces.length;
  const asListed = Float64Array.from({ length: count }, (_unused, index) => index);
  const byKind = kindRanks(prepared);
  const plain: Manner = { ranks: asListed, wave: 1, pieceByPiece: 0, sameTool: 0, patience: 0 };
  const wave = usualWave(prepared);
  return [
    plain,
    { ...plain, sameTool: 0.1, patience: 0.1 },
    { ...plain, sameTool: 2, patience: 0.1 },
    { ...plain, sameTool: 2, patience: 1 },
    { ranks: byKind, wave, pieceByPiece: 100, sameTool: 2, patience: 0.1 },
    { ranks: byKind, wave: Math.ceil(wave / 2), pieceByPiece: 100, sameTool: 2, patience: 0.1 },
    { ranks: asListed, wave, pieceByPiece: 100, sameTool: 0.1, patience: 0.1 },
    { ranks: byKind, wave: 1, pieceByPiece: 3, sameTool: 2, patience: 0.5 },
    { ranks: asListed, wave: 1, pieceByPiece: 10, sameTool: 0.1, patience: 0 },
    // A piece at a time, waiting for it whatever else could start: slow, but never in its own way.
    { ranks: asListed, wave: 1, pieceByPiece: 1e3, sameTool: 0, patience: Infinity },
  ];
}

/** As many pieces as the tightest space lets lie at once. */
function usualWave({ capacities, holds, pieces }: Prepared): number {
  const held = new Set(holds.map((hold) => hold.space));
  return Math.max(1, Math.min(pieces.length, ...capacities.filter((_slots, space) => held.has(space))));
}

/** Ranks by which pieces of one kind follow each other: those that take the same tools in the same order. */
function kindRanks(prepared: Prepared): Float64Array {
  const kinds = prepared.pieces.map((piece) =>
    piece.map((index) => String(prepared.tasks[index]?.setup?.index ?? '')).join(),
  );
  const order = [...kinds.keys()].sort((one, other) => ((kinds[one] ?? '') < (kinds[other] ?? '') ? -1 : (kinds[one] ?? '') > (kinds[other] ?? '') ? 1 : one - other));
  const ranks = new Float64Array(kinds.length);
  order.forEach((piece, rank) => (ranks[piece] = rank));
  return ranks;
}

const PIECE_BY_PIECE = [0, 0.3, 1, 3, 10, 100];
const SAME_TOOL = [0, 0.03, 0.1, 0.3, 1, 3];
const PATIENCE = [0, 0.05, 0.1, 0.25, 0.5, 1, 2];

const pick = <T>(list: readonly T[], random: Random): T | undefined => list[Math.floor(random() * list.length)];

/** A manner near another one. */
export function variedManner(prepared: Prepared, manner: Manner, random: Random): Manner {
  const varied = { ...manner, ranks: Float64Array.from(manner.ranks) };
  if (random() < 0.3) varied.pieceByPiece = random() < 0.5 ? varied.pieceByPiece * (0.5 + random()) : (pick(PIECE_BY_PIECE, random) ?? 0);
  if (random() < 0.3) varied.sameTool = random() < 0.5 ? varied.sameTool * (0.5 + random()) : (pick(SAME_TOOL, random) ?? 0);
  if (random() < 0.3) varied.patience = random() < 0.5 && varied.patience < 1e3 ? varied.patience * (0.5 + random()) : (pick(PATIENCE, random) ?? 0);
  if (random() < 0.3) {
    const usual = usualWave(prepared);
    varied.wave = Math.max(1, Math.round(random() < 0.5 ? varied.wave * (0.5 + random()) : usual * 1.5 * random()));
  }
  const { ranks } = varied;
  const swaps = Math.floor(random() * 4);
  for (let swap = 0; swap < swaps; swap++) {
    const one = Math.floor(random() * ranks.length);
    const other = Math.floor(random() * ranks.length);
    const rank = ranks[one] ?? 0;
    // Right beside the other one, or in each other's place.
    if (random() < 0.5) ranks[one] = (ranks[other] ?? 0) + (random() - 0.5);
    else {
      ranks[one] = ranks[other] ?? 0;
      ranks[other] = rank;
    }
  }
  return varied;
}

import { ANYBODY, type BuildOrder } from './build.ts';
import { addClearing, NO_CLEARING, variedClearing, type Clearing } from './clearing.ts';
import type { Prepared } from './prepared.ts';

type Random = () => number;

/** How work is taken by when it is due: whatever has to start soonest goes first. */
export interface DueDateParams {
  /** Per piece, ticks by which its tasks are taken to be due sooner than they are. */
  sooner: Float64Array;
  /** Minutes by which work with the tool in hand goes before what is due sooner. */
  toolInHand: number;
  /** How long somebody would rather wait, in half shifts. */
  patience: number;
  clearing: Clearing;
}

const TOOL_IN_HAND = [0, 60, 240, 720, 1440, 4320];
/** Figures to begin with, and how much the tool in hand counts then. */
const OPENING_CLEARINGS: readonly Clearing[] = [
  { dust: 0, hang: 2 },
  { dust: 0, hang: 30 },
  { dust: 1, hang: 2 },
  { dust: 1, hang: 30 },
  { dust: 30, hang: 0 },
  { dust: 30, hang: 30 },
];
const LONG_IN_HAND = 4320;
const PATIENCE = [0, 0.05, 0.1, 0.25, 0.5, 1, 2];
/** Within how many days of the other way a piece is due: mostly few, seldom many. */
const MIN_DAYS = 0.25;
const MAX_DAYS = 8;

const pick = <T>(list: readonly T[], random: Random): T | undefined => list[Math.floor(random() * list.length)];

/** Ways to begin with, from those that hurry to those that go on with a tool for days. */
export function openingDueDates({ pieces }: Prepared): DueDateParams[] {
  const sooner = new Float64Array(pieces.length);
  const plain = [0, 0.1].flatMap((patience) =>
    TOOL_IN_HAND.map((toolInHand) => ({ sooner, toolInHand, patience, clearing: NO_CLEARING })),
  );
  const clearing = OPENING_CLEARINGS.flatMap((figures) =>
    [0, 0.1].map((patience) => ({ sooner, toolInHand: LONG_IN_HAND, patience, clearing: figures })),
  );
  return [...plain, ...clearing];
}

/** The rule of building by which what is due goes first, `latest` being the latest starts for some finish. */
export function earliestDueDateOrder(prepared: Prepared, latest: Float64Array, byDue: DueDateParams): BuildOrder {
  const { pieceOf, problem, longestSetup, halfShift } = prepared;
  const { sooner, toolInHand, patience, clearing } = byDue;
  const priority = Float64Array.from(latest, (start, task) => (sooner[pieceOf[task] ?? 0] ?? 0) - start);
  addClearing(prepared, priority, clearing);
  return {
    priority,
    slack: longestSetup + patience * halfShift,
    sameTool: toolInHand / problem.tickMinutes,
    notBefore: new Int32Array(latest.length),
    hands: new Int16Array(latest.length).fill(ANYBODY),
    keepsPlaces: false,
  };
}

/** A way near another one: some pieces are due sooner or later, a few of those that queue for one place, or all a little. */
export function mutateDueDates(
  { lanes, pieces, problem }: Prepared,
  byDue: DueDateParams,
  random: Random,
): DueDateParams {
  const day = 1440 / problem.tickMinutes;
  const shift = (): number => 2 * (random() - 0.5) * day * (MIN_DAYS + MAX_DAYS * random() ** 2);
  const sooner = Float64Array.from(byDue.sooner);
  const isShaken = random() < 0.15;
  if (isShaken) {
    const by = shift();
    for (let piece = 0; piece < sooner.length; piece++) sooner[piece] = (sooner[piece] ?? 0) + by * (random() - 0.5);
  } else {
    const queue = random() < 0.6 ? pick(lanes, random)?.pieces : undefined;
    const together = random() < 0.4 ? shift() : null;
    for (let left = 1 + Math.floor(random() * random() * 12); left > 0; left--) {
      const piece = pick(queue ?? [], random) ?? Math.floor(random() * pieces.length);
      sooner[piece] = (sooner[piece] ?? 0) + (together ?? shift());
    }
  }
  const changesPace = isShaken || random() < 0.3;
  return {
    sooner,
    toolInHand: changesPace ? (pick(TOOL_IN_HAND, random) ?? 0) : byDue.toolInHand,
    patience: changesPace ? (pick(PATIENCE, random) ?? 0) : byDue.patience,
    clearing: variedClearing(byDue.clearing, random),
  };
}

/** How far starts lie behind others, in ticks over all tasks: those by which everything would end sooner than it does. */
export function behind(starts: ArrayLike<number>, latest: Float64Array): number {
  return latest.reduce((sum, due, task) => sum + Math.max(0, (starts[task] ?? 0) - due), 0);
}

import type { PlanCost } from '../problem.ts';
import { buildSchedule, type Built, type Rule } from './build.ts';
import { inTimeFor, MOVES, type Incumbent } from './moves.ts';
import { openingManners, ruleOf, variedManner, type Manner } from './manner.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { Refusal, Schedule } from './schedule.ts';

type FullCost = PlanCost & { sumOfEnds: number };

export interface SearchOptions {
  seed: number;
  /** How many schedules may be built. */
  steps: number;
  /** Asked once, with the finish of the first plans: no plan can finish before what it answers. */
  boundBelow(finish: number): number;
  /** Asked once there is a plan; true stops with the best so far. */
  shouldStop(): boolean;
  /** Asked as long as there is none; true stops without. */
  giveUp(): boolean;
  /** Told of every better plan as it is found. */
  onBetter(schedule: Schedule, step: number): void;
}

export type Searched = { best: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } } | { stopped: true };

interface Candidate extends Incumbent {
  cost: FullCost;
}

/** How often a too-long wait may be mended by starting its first task later. */
const MOST_REPAIRS = 60;

/** Finish first, then painter-days, then set-ups, then the sum of ends. */
function compareCosts(one: FullCost, other: FullCost): number {
  return (
    one.finish - other.finish ||
    one.painterDays - other.painterDays ||
    one.setups - other.setups ||
    one.sumOfEnds - other.sumOfEnds
  );
}

/** Builds, and where a wait runs out that must not, starts its first task later and builds again. */
function buildRepairing(prepared: Prepared, given: Rule, shouldStop: () => boolean): Built {
  const first = buildSchedule(prepared, given, shouldStop);
  if (!('stuck' in first)) return first;
  const rule = { ...given, notBefore: Int32Array.from(given.notBefore) };
  let built: Built = first;
  for (let repair = 0; repair < MOST_REPAIRS && 'stuck' in built; repair++) {
    const { refusal } = built.stuck;
    // Starting later has brought up something else; what was wrong first is what a painter can act on.
    if (refusal.kind !== 'too-late') return first;
    const { from } = refusal.wait;
    const inTime = inTimeFor(prepared, refusal.wait, refusal.earliest);
    rule.notBefore[from] = Math.max(inTime, (rule.notBefore[from] ?? 0) + 1);
    built = buildSchedule(prepared, rule, shouldStop);
  }
  return built;
}

/**
 * Searches for a good plan. First plain manners of working, then manners varied, and in between the best schedule itself
 * with tasks moved. Deterministic for a seed and a number of steps, as long as nothing stops it.
 */
export function search(prepared: Prepared, options: SearchOptions): Searched {
  const random = seededRandom(options.seed);
  const openings = openingManners(prepared);
  const moves = Object.values(MOVES);
  let best: Candidate | null = null;
  /** The best of those that were built by a manner, and that manner. */
  let mannered: { manner: Manner; cost: FullCost } | null = null;
  let bound: number | null = null;
  let stuck: { task: PreparedTask; refusal: Refusal } | null = null;
  for (let step = 0; ; step++) {
    if (best !== null && step >= openings.length) {
      bound ??= options.boundBelow(best.cost.finish);
      // At the bound only painter-days and set-ups are left to gain: a quarter of the steps is enough.
      if (step >= (best.cost.finish <= bound ? options.steps / 4 : options.steps)) break;
    } else if (best !== null ? step >= options.steps : step >= Math.max(options.steps, openings.length)) break;
    if (best !== null && options.shouldStop()) break; globalThis.STEPS = step;
    let manner: Manner | null = null;
    const move = moves[Math.floor(random() * moves.length)];
    if (step < openings.length || best === null || mannered === null || move === undefined) {
      manner = openings[step] ?? variedManner(prepared, openings[0]!, random);
    } else if (random() < 0.5) manner = variedManner(prepared, mannered.manner, random);
    const rule: Rule = manner !== null || best === null || move === undefined ? ruleOf(prepared, manner ?? openings[0]!) : move(prepared, best, random);
    const shouldStop = best === null ? options.giveUp : options.shouldStop;
    const built = buildRepairing(prepared, rule, shouldStop);
    if ('stopped' in built) break;
    if ('stuck' in built) {
      stuck ??= built.stuck;
      continue;
    }
    const cost = built.schedule.cost();
    if (manner !== null && (mannered === null || compareCosts(cost, mannered.cost) <= 0)) mannered = { manner, cost };
    const difference = best === null ? -1 : compareCosts(cost, best.cost);
    if (difference <= 0) {
      best = { schedule: built.schedule, cost, rule };
      if (difference < 0) { options.onBetter(built.schedule, step);
       if (globalThis.TRACE) { const k = manner? step < openings.length ? `opening${step}`:'manner':move.name; globalThis.TRACE[k] = (globalThis.TRACE[k]??0)+1; } }
    }
  }
  if (globalThis.TRACE) globalThis.TRACE.mannered = JSON.stringify({...mannered.manner, ranks:0})+JSON.stringify(mannered.cost)+globalThis.STEPS;
  if (best !== null) return { best: best.schedule };
  return stuck === null ? { stopped: true } : { stuck };
}

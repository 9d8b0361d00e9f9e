import type { PlanCost } from '../problem.ts';
import { ANYBODY, buildSchedule, type Built, type Rule } from './build.ts';
import { inTimeFor, moved } from './moves.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { Refusal, Schedule } from './schedule.ts';

type FullCost = PlanCost & { sumOfEnds: number };

export interface SearchOptions {
  seed: number;
  /** How many schedules may be built. */
  steps: number;
  /** No plan can finish before; reaching it ends the search. */
  lowerBound: number;
  /** Asked once there is a plan; true stops with the best so far. */
  shouldStop(): boolean;
  /** Asked as long as there is none; true stops without. */
  giveUp(): boolean;
  /** Told of every better plan as it is found. */
  onBetter(schedule: Schedule, step: number): void;
}

export type Searched = { best: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } } | { stopped: true };

interface Candidate {
  schedule: Schedule;
  cost: FullCost;
  rule: Rule;
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

/** Per task, the typical length in ticks from its start to the end of all that follows it. */
function tailLengths(prepared: Prepared): Float64Array {
  const tails = new Float64Array(prepared.tasks.length);
  for (const index of [...(prepared.order ?? [])].reverse()) {
    const task = prepared.tasks[index];
    if (task === undefined) continue;
    const rest = task.after.map((wait) => (wait.atLeast?.typical ?? 0) + (tails[wait.to] ?? 0));
    tails[index] = task.task.work + Math.max(0, ...rest);
  }
  return tails;
}

/** Builds, and where a wait runs out that must not, starts its first task later and builds again. */
function buildRepairing(prepared: Prepared, given: Rule, shouldStop: () => boolean): Built {
  const rule = { ...given, notBefore: Int32Array.from(given.notBefore) };
  const first = buildSchedule(prepared, rule, shouldStop);
  let built = first;
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
 * Searches for a good plan: a few plain rules first, then the best one with its priorities shaken, again and again.
 * Deterministic for a seed and a number of steps, as long as nothing stops it.
 */
export function search(prepared: Prepared, options: SearchOptions): Searched {
  const random = seededRandom(options.seed);
  const count = prepared.tasks.length;
  const tails = tailLengths(prepared);
  const shift = prepared.shifts[0]?.[0];
  const halfShift = shift === undefined ? 1 : Math.ceil((shift[1] - shift[0]) / 2);
  const pieceByPiece = Float64Array.from(prepared.tasks, (_task, index) => (count - index) * 1e6);
  const setupWork = prepared.problem.setups.reduce((most, setup) => Math.max(most, setup.work), 0);

  const free = { notBefore: new Int32Array(count), hands: new Int16Array(count).fill(ANYBODY) };
  const plain: Rule = { ...free, priority: tails, slack: 0, sameTool: 0 };
  const openings: Rule[] = [
    plain,
    { ...plain, slack: setupWork, sameTool: halfShift * 2 },
    { ...plain, slack: setupWork, sameTool: 1e6 },
    { ...plain, slack: halfShift, sameTool: setupWork * 2 },
    { ...plain, priority: pieceByPiece },
    // A piece at a time, waiting for it whatever else could start: slow, but never in its own way.
    { ...plain, priority: pieceByPiece, slack: prepared.problem.horizon },
  ];
  const lengths = { halfShift, setupWork };
  let best: Candidate | null = null;
  let stuck: { task: PreparedTask; refusal: Refusal } | null = null;
  const mayGoOn = (step: number): boolean => {
    if (step < openings.length && best === null) return true;
    // At the bound only painter-days and set-ups are left to gain: a quarter of the steps is enough.
    const steps = best?.cost.finish === options.lowerBound ? options.steps / 4 : options.steps;
    return step < steps && !options.shouldStop();
  };

  for (let step = 0; mayGoOn(step); step++) {
    const rule: Rule = openings[step] ?? moved(prepared, best ?? { rule: plain, schedule: null }, lengths, random);
    const shouldStop = best === null ? options.giveUp : options.shouldStop;
    const built = buildRepairing(prepared, rule, shouldStop);
    if ('stopped' in built) break;
    if ('stuck' in built) {
      stuck ??= built.stuck;
      continue;
    }
    const cost = built.schedule.cost();
    const difference = best === null ? -1 : compareCosts(cost, best.cost);
    if (difference <= 0) {
      best = { schedule: built.schedule, cost, rule };
      if (difference < 0) options.onBetter(built.schedule, step);
    }
  }
  if (best !== null) return { best: best.schedule };
  return stuck === null ? { stopped: true } : { stuck };
}

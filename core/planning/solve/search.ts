import type { PlanCost } from '../problem.ts';
import { buildSchedule, type Built, type Rule } from './build.ts';
import { inTimeFor, MOVES, type Incumbent, type Move } from './moves.ts';
import { openingManners, ruleOf, rulesByDue, shakenByDue, variedManner, type Manner } from './manner.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { Refusal } from './placement.ts';
import type { Schedule } from './schedule.ts';

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
  /** Rules that are tried before all others. */
  first: readonly Rule[];
  /** When tasks have to start at last so that nothing ends later than it must; null where that is not known. */
  latest: Float64Array | null;
  /** When tasks before pinned ones have to start at last; null where nothing is pinned. */
  dues: Float64Array | null;
  /** Told of every better plan as it is found. */
  onBetter(schedule: Schedule): void;
}

export type Searched = { best: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } } | { stopped: true };

interface Candidate extends Incumbent {
  cost: FullCost;
  /** How soon pieces leave the places for which others wait, weighed by how crowded they are: less is better. */
  queueing: number;
}

/** How much later a finish may be, as a share, and how often it is gone on from; for how many steps without anything better. */
const MOST_WORSE = 0.03;
const TOLERATED = 0.15;
const PATIENCE = 60;

/** How often what is due first is tried again, against other moves. */
const BY_DUE = 2;

/** How often a too-long wait may be mended by starting its first task later. */
const MOST_REPAIRS = 60;

/** Finish first, then painter-days, then set-ups, then the sum of ends. */
export function compareCosts(one: FullCost, other: FullCost): number {
  return (
    one.finish - other.finish ||
    one.painterDays - other.painterDays ||
    one.setups - other.setups ||
    one.sumOfEnds - other.sumOfEnds
  );
}

/** Builds, and where a wait runs out that must not, starts its first task later and builds again. */
export function buildRepairing(prepared: Prepared, given: Rule, shouldStop: () => boolean): Built {
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
 * Searches for a good plan: plain manners of working first; then manners near the best one, and in between the best
 * schedule itself with some tasks moved. What has led to better plans is tried more often. Deterministic for a seed and
 * a number of steps, as long as nothing stops it.
 */
export function search(prepared: Prepared, options: SearchOptions): Searched {
  const attempt = new Search(prepared, options);
  return attempt.run();
}

/** A way to come to another schedule, and how often it is tried. */
interface Way {
  move: Move | null;
  weight: number;
}

class Search {
  readonly #prepared: Prepared;
  readonly #options: SearchOptions;
  readonly #random: () => number;
  readonly #byManner: Way = { move: null, weight: 3 };
  readonly #ways: Way[] = [this.#byManner, ...MOVES.map((move) => ({ move, weight: 1 }))];
  #best: Candidate | null = null;
  /** From where moves start: the best, or for a while something a little worse. */
  #current: Candidate | null = null;
  #sinceBetter = 0;
  /** The best manner of those by which a schedule was built. */
  #manner: { manner: Manner; cost: FullCost } | null = null;
  /** Pieces that were too late in some schedule: they go before others. */
  readonly #urgent = new Set<number>();
  #stuck: { task: PreparedTask; refusal: Refusal } | null = null;

  constructor(prepared: Prepared, options: SearchOptions) {
    this.#prepared = prepared;
    this.#options = options;
    this.#random = seededRandom(options.seed);
  }

  run(): Searched {
    const openings = openingManners(this.#prepared);
    let step = 0;
    for (const rule of this.#options.first) {
      if (this.#tryRule(rule) === 'stopped') break;
      step++;
    }
    if (this.#best !== null) {
      // What is gone on from may begin earlier than a plan that was kept to.
      const { rule } = this.#best;
      this.#best = { ...this.#best, rule: { ...rule, notBefore: new Int32Array(rule.notBefore.length) } };
      this.#current = this.#best;
    }
    for (const manner of openings) {
      if (this.#best !== null && (step >= this.#options.steps || this.#options.shouldStop())) break;
      if (!this.#tryManner(manner)) break;
      step++;
    }
    step += this.#tryByDue(step);
    const [plain] = openings;
    let bound = -Infinity;
    if (this.#best !== null && step < this.#options.steps && !this.#options.shouldStop()) {
      bound = this.#options.boundBelow(this.#best.cost.finish);
    }
    for (; plain !== undefined && step < this.#stepsFrom(bound); step++) {
      if (this.#best !== null && this.#options.shouldStop()) break;
      const way = this.#choose();
      const [best, current] = [this.#best, this.#current];
      const goesOn =
        current === null || way.move === null
          ? this.#tryManner(variedManner(this.#prepared, this.#manner?.manner ?? plain, this.#random))
          : this.#tryRule(way.move(this.#prepared, current, this.#random)) !== 'stopped';
      if (!goesOn) break;
      this.#sinceBetter = this.#best === best ? this.#sinceBetter + 1 : 0;
      if (this.#sinceBetter % PATIENCE === PATIENCE - 1) this.#current = this.#best;
      way.weight = Math.max(0.3, way.weight * 0.995 + (this.#best !== best ? 0.1 : 0));
    }
    if (this.#best !== null) return { best: this.#best.schedule };
    return this.#stuck === null ? { stopped: true } : { stuck: this.#stuck };
  }

  /** Tries what is due first; how much was tried. Where that is better than any manner, it is gone on from as well. */
  #tryByDue(step: number): number {
    const { latest, steps } = this.#options;
    if (latest === null) return 0;
    const byManner = this.#best;
    let tried = 0;
    for (const rule of rulesByDue(this.#prepared, latest)) {
      if (this.#best !== null && (step + tried >= steps || this.#options.shouldStop())) break;
      if (this.#tryRule(rule) === 'stopped') break;
      tried++;
    }
    if (this.#best !== byManner) {
      const move: Move = (prepared, _incumbent, random) => shakenByDue(prepared, latest, random);
      this.#ways.push({ move, weight: BY_DUE });
    }
    return tried;
  }

  /** At the bound only painter-days and set-ups are left to gain: a quarter of the steps is enough. */
  #stepsFrom(bound: number): number {
    return this.#best !== null && this.#best.cost.finish <= bound ? this.#options.steps / 4 : this.#options.steps;
  }

  /** Whether to go on from one rather than from another: by the finish, then by what will let it be earlier. */
  #promises(one: Candidate, other: Candidate): boolean {
    const difference = one.cost.finish - other.cost.finish || one.queueing - other.queueing;
    return difference < 0 || (difference === 0 && compareCosts(one.cost, other.cost) <= 0);
  }

  /** Now and then a finish that is a little later is gone on from: days are coarse, and the way out of one leads uphill. */
  #tolerates({ finish }: FullCost): boolean {
    const best = this.#best?.cost.finish ?? Infinity;
    return finish <= best * (1 + MOST_WORSE) && this.#random() < TOLERATED;
  }

  #choose(): Way {
    let left = this.#random() * this.#ways.reduce((sum, { weight }) => sum + weight, 0);
    return this.#ways.find(({ weight }) => (left -= weight) <= 0) ?? this.#byManner;
  }

  /** Builds by a manner, and again while a piece is too late that could go before others; false when it was stopped. */
  #tryManner(manner: Manner): boolean {
    let urgent: number;
    let cost: FullCost | 'stopped' | null;
    do {
      urgent = this.#urgent.size;
      cost = this.#tryRule(ruleOf(this.#prepared, manner, { pieces: this.#urgent, dues: null }));
      if (cost === null && this.#options.dues !== null)
        cost = this.#tryRule(ruleOf(this.#prepared, manner, { pieces: this.#urgent, dues: this.#options.dues }));
    } while (cost === null && this.#urgent.size > urgent);
    if (cost === 'stopped') return false;
    if (cost !== null && (this.#manner === null || compareCosts(cost, this.#manner.cost) <= 0))
      this.#manner = { manner, cost };
    return true;
  }

  /** Builds by a rule, and keeps what is no worse than the best; null where a task finds no place. */
  #tryRule(rule: Rule): FullCost | 'stopped' | null {
    const shouldStop = this.#best === null ? this.#options.giveUp : this.#options.shouldStop;
    const built = buildRepairing(this.#prepared, rule, shouldStop);
    if ('stopped' in built) return 'stopped';
    if ('stuck' in built) {
      const { task, refusal } = built.stuck;
      const isDue = refusal.kind === 'latest' && task.latest < this.#prepared.problem.horizon;
      if (isDue || refusal.kind === 'window') this.#urgent.add(this.#prepared.pieceOf[task.index] ?? -1);
      this.#stuck ??= built.stuck;
      return null;
    }
    const cost = built.schedule.cost();
    const candidate = { schedule: built.schedule, cost, rule, queueing: queueingOf(this.#prepared, built.schedule) };
    const difference = this.#best === null ? -1 : compareCosts(cost, this.#best.cost);
    if (difference <= 0) {
      this.#best = candidate;
      if (difference < 0) this.#options.onBetter(built.schedule);
    }
    if (this.#current === null || this.#promises(candidate, this.#current) || this.#tolerates(cost)) {
      this.#current = candidate;
    }
    return cost;
  }
}

/** How crowded lanes count: the longest queue decides the finish. */
const CROWDED = 2;

function queueingOf({ lanes, pieces }: Prepared, { ends }: Schedule): number {
  return lanes.reduce((sum, lane) => {
    const weight = ((lane.pieces.length / lane.slots) * lane.cycle) ** CROWDED;
    const left = lane.pieces.reduce((all, piece) => all + (ends[pieces[piece]?.at(-1) ?? 0] ?? 0), 0);
    return sum + weight * left;
  }, 0);
}

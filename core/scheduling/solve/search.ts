import { compareByLimit, compareCosts } from '../aim.ts';
import type { PlanCost } from '../plan.ts';
import type { BuildOrder } from './build.ts';
import { buildRepairing, MAX_REPAIRS } from './build-repairing.ts';
import {
  behind,
  openingDueDates,
  earliestDueDateOrder,
  mutateDueDates,
  type DueDateParams,
} from './earliest-due-date.ts';
import { annealOrders } from './anneal-orders.ts';
import { anneal } from './anneal.ts';
import { tryEndings, type TryOut } from './endings.ts';
import { lastBefore } from './last-before.ts';
import { tabuSearch } from './tabu-search.ts';
import { CalmSearch } from './calm.ts';
import { asBuilt, MOVES, type Incumbent, type Move } from './moves.ts';
import { openingParams, dispatchRule, mutateParams, type DispatchParams } from './dispatch-params.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { roundSteps, searchEffort } from './search-effort.ts';
import { seededRandom } from '../../units/seeded-random.ts';
import type { Refusal } from './placement.ts';
import type { Schedule } from './schedule.ts';

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
  first: readonly BuildOrder[];
  /** When tasks have to start at last so that nothing ends later than it must; null where that is not known. */
  latest: Float64Array | null;
  /** The same for a finish; null where no plan could end then. */
  latestFor(finish: number): Float64Array | null;
  /** When tasks before pinned ones have to start at last; null where nothing is pinned. */
  dues: Float64Array | null;
  /** Ticks by which a plan may end later than the soonest, if it is calmer for that. */
  laterBy: number;
  /** Tries out every way to go on from what is begun, to end by a deadline. */
  tryOut: TryOut;
  /** Told of every better plan as it is found. */
  onBetter(schedule: Schedule): void;
}

export type Searched = { best: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } } | { stopped: true };

interface Candidate extends Incumbent {
  cost: PlanCost;
  /** How soon pieces leave the places for which others wait, weighed by how crowded they are: less is better. */
  queueing: number;
}

/** How much later a finish may be, as a share, and how often it is gone on from; for how many steps without anything better. */
const MAX_UPHILL = 0.03;
const UPHILL_CHANCE = 0.15;
const MAX_STALLED_STEPS = 60;

/** How often other ways are tried to take what is due first, against each other move, where that did better than dispatch rules or not. */
const BY_DUE = { better: 30, worse: 3 };
/** Days by which a plan is to end sooner: how far it is from that tells plans apart that end at the same time. */
const SOONER_DAYS = 3;

/** How many schedules are annealed at once, from one. */
const MIN_ANNEALED = 600;
const ANNEALED_PER_TASK = 40;
/** How many orders are annealed as such for every one that is built by a rule; and of how many steps they take the time. */
const ORDERS_ANNEALED = 4;
const ORDERS_PER_STEP = 5;
/** How many orders are tried a step where a critical path is changed, since most of each is as it was. */
const SHORTENED_PER_STEP = 3;
/** How much trouble a plan has at most, against the one told last, to be told at once. */
const MUCH_CALMER = 0.9;

/** How often a too-long wait may be mended once there is a plan. */
const FEW_REPAIRS = 8;

/**
 * Searches for a good plan: plain dispatch rules first; then dispatch rules near the best one, and in between the best
 * schedule itself with some tasks moved. What has led to better plans is tried more often. Deterministic for a seed and
 * a number of steps, as long as nothing stops it.
 */
export function search(prepared: Prepared, options: SearchOptions): Searched {
  const attempt = new Search(prepared, options);
  return attempt.run();
}

/** A way to come to another schedule, and how often it is gone; false when it was stopped. */
interface Way {
  go(): boolean;
  weight: number;
}

class Search {
  readonly #prepared: Prepared;
  readonly #options: SearchOptions;
  readonly #random: () => number;
  readonly #byParams: Way = { go: () => this.#varyParams(), weight: 3 };
  readonly #ways: Way[] = [this.#byParams, ...MOVES.map((move) => ({ go: () => this.#move(move), weight: 1 }))];
  #best: Candidate | null = null;
  /** From where moves start: the best, or for a while something a little worse. */
  #current: Candidate | null = null;
  #sinceBetter = 0;
  /** The best dispatch rule of those by which a schedule was built. */
  #bestParams: { params: DispatchParams; cost: PlanCost } | null = null;
  /** The way to take what is due first that is gone on from, how it ended, and how far it was from ending sooner. */
  #byDue: { byDue: DueDateParams; finish: number; behind: number } | null = null;
  /** Latest starts for ending so much sooner, and sooner than what. */
  #aim: { latest: Float64Array | null; than: number } | null = null;
  /** Pieces that were too late in some schedule: they go before others. */
  readonly #urgent = new Set<number>();
  #stuck: { task: PreparedTask; refusal: Refusal } | null = null;
  /** The search for what is calmer than plans of a finish. */
  #calming: { search: CalmSearch; counted: number } | null = null;
  /** The calmest of those that end no later than they may, where they may end later than the soonest. */
  #calmest: { schedule: Schedule; cost: PlanCost } | null = null;
  /** The calmest as it was built that ends no later than they may: what was built looser becomes calmer. */
  #loosest: { schedule: Schedule; cost: PlanCost } | null = null;
  /** What the plan costs that was told last. */
  #told: PlanCost | null = null;
  /** Schedules that were built. */
  #steps = 0;
  #isStopped = false;

  constructor(prepared: Prepared, options: SearchOptions) {
    this.#prepared = prepared;
    this.#options = options;
    this.#random = seededRandom(options.seed);
  }

  run(): Searched {
    const { first, steps } = this.#options;
    for (const rule of first) if (this.#tryRule(rule) === 'stopped') break;
    if (this.#best !== null) {
      // What is gone on from may begin earlier than a plan that was kept to.
      const { rule } = this.#best;
      this.#best = { ...this.#best, rule: { ...rule, notBefore: new Int32Array(rule.notBefore.length) } };
      this.#current = this.#best;
    }
    for (const params of openingParams(this.#prepared)) if (this.#isEnough() || !this.#tryParams(params)) break;
    this.#tryByDue();
    let bound: number | null = null;
    const effort = searchEffort(this.#prepared);
    let { hurrying } = effort;
    for (let round = 0; !this.#isOver(); round++) {
      const [before, best] = [this.#steps, this.#best];
      const share = (of: number): number => Math.ceil(roundSteps(round) * of);
      this.#calm(Math.min(roundSteps(round) * effort.calming, steps - this.#steps));
      if (this.#best === null || !this.#isOver()) {
        if (this.#best !== null && round >= effort.boundRound)
          bound ??= this.#options.boundBelow(this.#best.cost.finish);
        const counted = this.#best?.cost.counted;
        this.#hurry(bound ?? -Infinity, share(hurrying));
        if (effort.annealing > 0) this.#anneal(bound ?? -Infinity, share(effort.annealing), effort.annealsOrders);
        if (effort.shortening > 0) this.#shorten(bound ?? -Infinity, share(effort.shortening));
        // The longer nothing earlier is found, the less it is looked for.
        if (!effort.isExact && this.#best?.cost.counted === counted) hurrying /= 2;
      }
      // Nothing can be earlier, and nothing calmer was found in a whole round.
      const isProved = bound !== null && (this.#best?.cost.counted ?? Infinity) <= this.#prepared.counted(bound);
      if (this.#steps === before || (isProved && this.#best === best)) break;
    }
    if (this.#best !== null) return { best: (this.#calmest ?? this.#best).schedule };
    return this.#stuck === null ? { stopped: true } : { stuck: this.#stuck };
  }

  /** Whether no more may be tried. */
  #isOver(): boolean {
    if (this.#isStopped || this.#steps >= this.#options.steps) return true;
    return this.#best !== null && this.#options.shouldStop();
  }

  /** Whether there is a plan, and no more may be tried: what is tried first is tried until there is one. */
  #isEnough(): boolean {
    return this.#isStopped || (this.#best !== null && this.#isOver());
  }

  /** Looks for so many steps for what is earlier, unless nothing can be. */
  #hurry(bound: number, steps: number): void {
    for (const until = this.#steps + steps; this.#steps < until && !this.#isOver();) {
      if (this.#best !== null && this.#best.cost.counted <= this.#prepared.counted(bound)) return;
      const way = this.#choose();
      const best = this.#best;
      if (!way.go()) return;
      this.#sinceBetter = this.#best === best ? this.#sinceBetter + 1 : 0;
      if (this.#sinceBetter % MAX_STALLED_STEPS === MAX_STALLED_STEPS - 1) this.#current = this.#best;
      way.weight = Math.max(0.3, way.weight * 0.995 + (this.#best !== best ? 0.1 : 0));
    }
  }

  /** Anneals the best schedule, by rule and as an order, and in turns any other, for so many steps, unless nothing can be earlier. */
  #anneal(bound: number, steps: number, asOrders: boolean): void {
    const until = this.#steps + steps;
    const once = Math.min(steps, Math.max(MIN_ANNEALED, ANNEALED_PER_TASK * this.#prepared.tasks.length));
    for (let turn = 0; this.#best !== null && this.#steps < until; turn++) {
      const mayGoOn = (): boolean => !this.#isProved(bound) && this.#steps < until && !this.#isOver();
      if (!mayGoOn()) return;
      const isOther = turn % 2 === 1;
      const start = isOther ? this.#another() : this.#best;
      if (start === null) continue;
      if (!isOther || !asOrders) {
        const annealed = anneal(this.#prepared, start, {
          steps: once,
          random: this.#random,
          build: (rule) => (mayGoOn() ? this.#tryRule(rule) : 'stopped'),
        });
        if (asOrders && mayGoOn()) this.#tryEndings(annealed.schedule, bound);
      }
      if (!asOrders || !mayGoOn()) continue;
      this.#annealOrders((isOther ? start : this.#best).schedule, once * ORDERS_ANNEALED, bound);
    }
  }

  /** Anneals a schedule as an order for so many orders. */
  #annealOrders(start: Schedule, steps: number, bound: number): void {
    this.#steps += Math.ceil(steps / ORDERS_PER_STEP);
    const shouldStop = (): boolean => this.#isOver();
    const annealed = annealOrders(this.#prepared, start, { steps, random: this.#random, shouldStop });
    if (annealed === null || this.#best === null) return;
    this.#take(annealed.best, this.#best.rule);
    this.#tryEndings(annealed.last, bound);
  }

  /** Tries out how a schedule could end that begins as one does, to be earlier than the best. */
  #tryEndings(schedule: Schedule, bound: number): void {
    // A partial plan takes about as long as a schedule.
    this.#steps += tryEndings(this.#prepared, schedule, {
      deadline: () => {
        const isEnough = this.#best === null || this.#isProved(bound) || this.#isOver();
        return isEnough ? null : lastBefore(this.#prepared, this.#best?.cost.finish ?? 0);
      },
      tryOut: this.#options.tryOut,
      onEarlier: (earlier) => this.#best !== null && this.#take(earlier, this.#best.rule),
    });
  }

  /** A schedule by some dispatch rule or other; null where it does not come to be. */
  #another(): Candidate | null {
    const candidates = openingParams(this.#prepared);
    const params = candidates[Math.floor(this.#random() * candidates.length)];
    if (params === undefined) return null;
    const varied = mutateParams(this.#prepared, mutateParams(this.#prepared, params, this.#random), this.#random);
    const built = this.#tryRule(dispatchRule(this.#prepared, varied, { pieces: this.#urgent, dues: null }));
    return built === 'stopped' ? null : built;
  }

  /** Changes the critical path of the best schedule for so many steps, unless nothing can be earlier. */
  #shorten(bound: number, steps: number): void {
    const best = this.#best;
    if (best === null || this.#isProved(bound) || this.#isOver()) return;
    this.#steps += steps;
    tabuSearch(this.#prepared, best.schedule, {
      orders: steps * SHORTENED_PER_STEP,
      random: this.#random,
      shouldStop: this.#options.shouldStop,
      onEarlier: (schedule) => {
        this.#take(schedule, best.rule);
        return this.#isProved(bound);
      },
    });
  }

  /** Whether no plan can be earlier. */
  #isProved(bound: number): boolean {
    return (this.#best?.cost.counted ?? Infinity) <= this.#prepared.counted(bound);
  }

  /** Takes a schedule that was not built by a rule, if it is better. */
  #take(schedule: Schedule, near: BuildOrder): void {
    const cost = schedule.cost();
    if (this.#best !== null && compareCosts(cost, this.#best.cost) >= 0) return;
    const rule = asBuilt({ schedule, rule: near });
    this.#best = { schedule, cost, rule, queueing: queueingOf(this.#prepared, schedule) };
    this.#current = this.#best;
    this.#tell(this.#best);
  }

  /** Looks for so many steps for what is calmer and no later. */
  #calm(steps: number): void {
    const best = this.#best;
    if (best === null) return;
    if (this.#calming?.counted !== best.cost.counted) this.#calming = this.#calmFrom(best);
    this.#steps += this.#calming.search.round(steps);
    const found = this.#calmest ?? this.#best;
    if (found !== null) this.#tell(found, true);
  }

  #calmFrom(best: Candidate): { search: CalmSearch; counted: number } {
    const { counted } = best.cost;
    const { laterBy } = this.#options;
    const limit = counted + laterBy;
    const compare = laterBy > 0 ? compareByLimit(limit) : compareCosts;
    // What was calm enough for a later finish is too late now.
    if (this.#calmest !== null && this.#calmest.cost.finish > limit) this.#calmest = null;
    if (this.#loosest !== null && this.#loosest.cost.finish > limit) this.#loosest = null;
    const { schedule: start } = this.#loosest ?? best;
    const search = new CalmSearch(this.#prepared, start, {
      limit,
      random: this.#random,
      shouldStop: this.#options.shouldStop,
      compare,
      onBetter: (schedule, cost) => {
        const known = this.#calmest ?? this.#best;
        if (known !== null && compare(cost, known.cost) >= 0) return;
        if (laterBy > 0) this.#calmest = { schedule, cost };
        else this.#best = { ...best, rule: asBuilt({ schedule, rule: best.rule }), schedule, cost };
        this.#tell({ schedule, cost });
      },
    });
    return { search, counted };
  }

  /** Whether a plan that may end later than the soonest is calmer, as it was built, than those that were built before. */
  #isLooser({ finish, trouble }: PlanCost): boolean {
    const { laterBy } = this.#options;
    if (laterBy === 0) return false;
    const limit = (this.#best?.cost.counted ?? Infinity) + laterBy;
    const isKnown = this.#loosest !== null && this.#loosest.cost.finish <= limit;
    return finish <= limit && (!isKnown || trouble < (this.#loosest?.cost.trouble ?? 0));
  }

  /** Tells of a better plan: at once where it is earlier or much calmer, since each is checked and shown; else with `all`. */
  #tell({ schedule, cost }: Pick<Candidate, 'schedule' | 'cost'>, all = false): void {
    const told = this.#told;
    const isWorthIt = told === null || cost.counted < told.counted || cost.trouble <= told.trouble * MUCH_CALMER;
    if (cost === told || !(all || isWorthIt)) return;
    this.#told = cost;
    this.#options.onBetter(schedule);
  }

  /** Tries what is due first. Where that is better than any dispatch rule, it is gone on from most of all. */
  #tryByDue(): void {
    const { latest } = this.#options;
    if (latest === null) return;
    for (const byDue of openingDueDates(this.#prepared)) if (this.#isEnough() || !this.#tryDue(byDue, latest)) break;
    const go = (): boolean =>
      this.#byDue === null || this.#tryDue(mutateDueDates(this.#prepared, this.#byDue.byDue, this.#random), latest);
    const isBetter = (this.#byDue?.finish ?? Infinity) < (this.#bestParams?.cost.finish ?? Infinity);
    this.#ways.push({ go, weight: isBetter ? BY_DUE.better : BY_DUE.worse });
  }

  /** Builds by what is due first; what is no later and no farther from ending sooner is gone on from. False when stopped. */
  #tryDue(byDue: DueDateParams, latest: Float64Array): boolean {
    const candidate = this.#tryRule(earliestDueDateOrder(this.#prepared, latest, byDue));
    if (candidate === 'stopped') return false;
    if (candidate === null) return true;
    const { schedule, cost } = candidate;
    const known = this.#byDue;
    const isLater = known !== null && cost.finish > known.finish;
    if (isLater && !this.#tolerates(cost)) return true;
    const lies = behind(schedule.starts, this.#aimBelow(cost.finish));
    if (cost.finish !== known?.finish || lies <= known.behind) {
      this.#byDue = { byDue, finish: cost.finish, behind: lies };
    }
    return true;
  }

  /** Latest starts for ending some days sooner than at a finish. */
  #aimBelow(finish: number): Float64Array {
    const days = (SOONER_DAYS * 1440) / this.#prepared.problem.tickMinutes;
    if (this.#aim?.than !== finish) this.#aim = { latest: this.#options.latestFor(finish - days), than: finish };
    // Where no plan could end so soon, it counts how soon everything begins.
    return this.#aim.latest ?? new Float64Array(this.#prepared.tasks.length);
  }

  /** Whether to go on from one rather than from another: by the finish, then by what will let it be earlier. */
  #promises(one: Candidate, other: Candidate): boolean {
    const difference = one.cost.finish - other.cost.finish || one.queueing - other.queueing;
    return difference < 0 || (difference === 0 && compareCosts(one.cost, other.cost) <= 0);
  }

  /** Now and then a finish that is a little later is gone on from: days are coarse, and the way out of one leads uphill. */
  #tolerates({ finish }: PlanCost): boolean {
    const best = this.#best?.cost.finish ?? Infinity;
    return finish <= best * (1 + MAX_UPHILL) && this.#random() < UPHILL_CHANCE;
  }

  #choose(): Way {
    let left = this.#random() * this.#ways.reduce((sum, { weight }) => sum + weight, 0);
    return this.#ways.find(({ weight }) => (left -= weight) <= 0) ?? this.#byParams;
  }

  /** Builds by a dispatch rule near the best of those that were tried. */
  #varyParams(): boolean {
    const [plain] = openingParams(this.#prepared);
    const known = this.#bestParams?.params ?? plain;
    return known === undefined || this.#tryParams(mutateParams(this.#prepared, known, this.#random));
  }

  /** Moves something of the schedule that is gone on from. */
  #move(move: Move): boolean {
    if (this.#current === null) return this.#varyParams();
    return this.#tryRule(move(this.#prepared, this.#current, this.#random)) !== 'stopped';
  }

  /** Builds by a dispatch rule, and again while a piece is too late that could go before others; false when it was stopped. */
  #tryParams(params: DispatchParams): boolean {
    let urgent: number;
    let built: Candidate | 'stopped' | null;
    do {
      urgent = this.#urgent.size;
      built = this.#tryRule(dispatchRule(this.#prepared, params, { pieces: this.#urgent, dues: null }));
      if (built === null && this.#options.dues !== null)
        built = this.#tryRule(dispatchRule(this.#prepared, params, { pieces: this.#urgent, dues: this.#options.dues }));
    } while (built === null && this.#urgent.size > urgent);
    if (built === 'stopped') return false;
    if (built !== null && (this.#bestParams === null || compareCosts(built.cost, this.#bestParams.cost) <= 0))
      this.#bestParams = { params, cost: built.cost };
    return true;
  }

  /** Builds by a rule, and keeps what is no worse than the best; null where a task finds no place. */
  #tryRule(rule: BuildOrder): Candidate | 'stopped' | null {
    const shouldStop = this.#best === null ? this.#options.giveUp : this.#options.shouldStop;
    this.#steps++;
    const repairs = this.#best === null ? MAX_REPAIRS : FEW_REPAIRS;
    const built = buildRepairing(this.#prepared, rule, shouldStop, { repairs, onRepair: () => this.#steps++ });
    if ('stopped' in built) {
      this.#isStopped = true;
      return 'stopped';
    }
    if ('stuck' in built) {
      const { task, refusal } = built.stuck;
      const isDue = refusal.kind === 'latest' && task.latest < this.#prepared.problem.horizon;
      if (isDue || refusal.kind === 'window') this.#urgent.add(this.#prepared.pieceOf[task.index] ?? -1);
      this.#stuck ??= built.stuck;
      return null;
    }
    const cost = built.schedule.cost();
    const candidate = { schedule: built.schedule, cost, rule, queueing: queueingOf(this.#prepared, built.schedule) };
    if (this.#isLooser(cost)) this.#loosest = candidate;
    const difference = this.#best === null ? -1 : compareCosts(cost, this.#best.cost);
    if (difference <= 0) {
      this.#best = candidate;
      if (difference < 0) this.#tell(candidate);
    }
    if (this.#current === null || this.#promises(candidate, this.#current) || this.#tolerates(cost)) {
      this.#current = candidate;
    }
    return candidate;
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

import type { PlanCost } from '../plan.ts';
import { isMoved, MOVED_MINUTES, type KeptPlan } from './kept-plan.ts';
import { placedSchedule } from './placed-schedule.ts';
import type { Placement } from './placement.ts';
import type { Prepared } from './prepared.ts';
import { resequenced } from './resequence.ts';
import type { Schedule } from './schedule.ts';
import { Stretch } from './stretch.ts';

export interface CalmOptions {
  /** The last tick at which a plan may end. */
  limit: number;
  random: () => number;
  shouldStop(): boolean;
  /** Negative where the first cost is the better one. */
  compare(one: PlanCost, other: PlanCost): number;
  /** The plan to keep near to: only days with moved tasks are searched. Without one, all days. */
  kept?: KeptPlan;
  /** Told of every better plan; moved tasks count as trouble. */
  onBetter(schedule: Schedule, cost: PlanCost): void;
}

/** Minutes of trouble by which an order may be worse to be gone on from, at the beginning of a stretch and at its end. */
const HOT = 6;
const COLD = 1;
/** How many orders are tried for each task of a stretch, in the first round and more in each next one. */
const TRIES_PER_TASK = 10;
/** How many at least: few tasks are soon through. */
const MIN_TRIES = 1000;
/** Days are taken into a stretch until it has so many tasks at least or at most, which at first are few. */
const STRETCH_TASKS = { least: 60, first: 100, growth: 1.3, most: 500 };
/** How many times less a task takes in an order that is tried than in a schedule that is built: most are given up at a look. */
const CHEAPER = 6;

/**
 * Makes a plan calmer that is early enough: stretch after stretch of some days, an order is looked for that disturbs less,
 * while the rest stays. Deterministic for its random numbers.
 */
export class CalmSearch {
  readonly #prepared: Prepared;
  readonly #options: CalmOptions;
  readonly #placements: (Placement | null)[];
  #cost: PlanCost;
  #rounds = 0;
  #passes = 0;

  constructor(prepared: Prepared, schedule: Schedule, options: CalmOptions) {
    this.#prepared = prepared;
    this.#options = options;
    this.#placements = [...schedule.placements];
    this.#cost = this.#costOf(schedule);
  }

  /** Searches for about so many steps, each as much as building a schedule; how many they were. */
  round(steps: number): number {
    this.#rounds++;
    let gone = 0;
    while (gone < steps && !this.#options.shouldStop()) {
      const before = gone;
      gone += this.#pass(steps - gone);
      if (gone === before) break;
    }
    return gone;
  }

  /** Goes through all stretches once; how many steps that took. */
  #pass(steps: number): number {
    const { random, shouldStop, limit, kept = null } = this.#options;
    let gone = 0;
    for (const [from, until] of this.#stretches()) {
      if (gone >= steps || shouldStop()) break;
      if (kept !== null && !this.#placements.some((placement, index) => isAway(kept, index, placement, from, until)))
        continue;
      const stretch = new Stretch(this.#prepared, this.#placements, { from, until, limit, kept });
      const tries = Math.max(MIN_TRIES, TRIES_PER_TASK * this.#rounds * stretch.tasks.length);
      gone += Math.max(1, (tries * stretch.tasks.length) / this.#prepared.tasks.length / CHEAPER);
      const found = resequenced(stretch, { tries, hot: HOT, cold: COLD, random, shouldStop });
      for (const { index, placement } of found?.built ?? []) this.#placements[index] = placement;
    }
    this.#tell();
    return gone;
  }

  /** Days of work after each other that are gone through together, from one or another day on. */
  #stretches(): [number, number][] {
    const ticksPerDay = 1440 / this.#prepared.problem.tickMinutes;
    const days = new Map<number, number>();
    for (const placement of this.#placements) {
      if (placement === null || placement.painters.length === 0) continue;
      const day = Math.floor(placement.start / ticksPerDay);
      days.set(day, (days.get(day) ?? 0) + 1);
    }
    const stretches: [number, number][] = [];
    const { least, first, growth } = STRETCH_TASKS;
    const most = Math.min(STRETCH_TASKS.most, first * growth ** this.#passes++);
    const tasks = least * (most / least) ** this.#options.random();
    let room = tasks * this.#options.random();
    for (const [day, count] of [...days].sort(([one], [other]) => one - other)) {
      const last = stretches.at(-1);
      if (last !== undefined && room > 0) last[1] = (day + 1) * ticksPerDay;
      else {
        stretches.push([day * ticksPerDay, (day + 1) * ticksPerDay]);
        if (stretches.length > 1) room = tasks;
      }
      room -= count;
    }
    return stretches;
  }

  #costOf(schedule: Schedule): PlanCost {
    const { kept } = this.#options;
    const cost = schedule.cost();
    if (kept === undefined) return cost;
    const moved = schedule.placements.filter(
      (placed, index) => placed && isMoved(kept, index, placed.start, placed.painters),
    );
    return { ...cost, trouble: cost.trouble + MOVED_MINUTES * moved.length };
  }

  #tell(): void {
    const schedule = placedSchedule(this.#prepared, this.#placements);
    const cost = this.#costOf(schedule);
    if (this.#options.compare(cost, this.#cost) >= 0) return;
    this.#cost = cost;
    this.#options.onBetter(schedule, cost);
  }
}

/** Whether a task has moved into, out of or within a span of time. */
function isAway(kept: KeptPlan, index: number, placement: Placement | null, from: number, until: number): boolean {
  const isWithin = (start: number): boolean => start >= from && start < until;
  if (placement === null || !isMoved(kept, index, placement.start, placement.painters)) return false;
  return isWithin(placement.start) || isWithin(kept.starts[index] ?? -1);
}

import { CriticalPath, type PlanTimes } from '../why/critical-path.ts';
import { ANYBODY } from './build.ts';
import { movedLater, type Ties } from './moved-later.ts';
import { placedSchedule } from './placed-schedule.ts';
import type { Placement } from './placement.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Schedule } from './schedule.ts';
import { Stretch } from './stretch.ts';

/** An order to build, and by whom. */
export interface Order {
  order: Int32Array;
  hands: Int16Array;
}

/** A change of what holds up the finish: what it does, and what would undo it, each by a name of its own. */
export interface CriticalChange {
  /** The order that it makes. */
  make(): Order;
  does: string;
  undoes: string;
}

/** What counts of an order that was built: less is better. */
export interface Worth {
  finish: number;
  /** The mean end of all tasks: finishes come in jumps, and of equal ones it tells which leads on. */
  meanEnd: number;
}

/** What goes before something else on the critical path, by the numbers of the tasks, and whether the same hands do both. */
interface Pair {
  one: number;
  other: number;
  byHands: boolean;
}

/**
 * A whole schedule as an order of its tasks, and the orders near it that change its critical path. Those that end after
 * `limit` are not built.
 */
export class OrderNeighbours {
  readonly limit: number;
  readonly #prepared: Prepared;
  readonly #start: Schedule;
  readonly #stretch: Stretch;
  readonly #ties: Ties;
  readonly #tasks: readonly PreparedTask[];
  /** By the index of a task, its number in the stretch. */
  readonly #numbers: ReadonlyMap<number, number>;
  #current: Order;
  /** What was built of it, by the numbers of the tasks; null before anything was. */
  #built: readonly (Placement | null)[] | null = null;
  #pairs: readonly Pair[] | null = null;

  constructor(prepared: Prepared, start: Schedule, limit: number) {
    const until = prepared.problem.horizon;
    this.limit = Math.min(until, limit);
    this.#prepared = prepared;
    this.#start = start;
    this.#stretch = new Stretch(prepared, start.placements, { from: 0, until, limit: this.limit });
    this.#tasks = this.#stretch.tasks.map(({ task }) => task);
    this.#numbers = new Map(this.#tasks.map(({ index }, number) => [index, number]));
    const leadsTo: number[][] = this.#tasks.map(() => []);
    this.#stretch.follows().forEach((list, number) => list.forEach(({ from }) => leadsTo[from]?.push(number)));
    this.#ties = { leadsTo, teamOf: (number) => this.#teamOf(number) };
    this.#current = {
      order: Int32Array.from(this.#tasks.keys()),
      hands: Int16Array.from(this.#stretch.tasks, ({ painters }) =>
        painters.length === 1 ? (painters[0] ?? ANYBODY) : ANYBODY,
      ),
    };
  }

  /** The order that is gone on from. */
  get current(): Order {
    return this.#current;
  }

  /** The schedule of the order that is gone on from. */
  get schedule(): Schedule {
    return placedSchedule(this.#prepared, this.#placements());
  }

  /**
   * What an order is worth that ends no later than a tick; null where it can’t be built so. What is only compared is quicker
   * built.
   */
  worthOf({ order, hands }: Order, latest: number, isCompared = true): Worth | null {
    const sooner = Math.max(0, this.limit - latest);
    return this.#stretch.build(order, hands, { sooner, isTried: isCompared }) ? this.#worth() : null;
  }

  /** Goes on from an order that was the last to be built, and not only to be compared. */
  goOnFromLast({ hands }: Order): void {
    // As its tasks found their places, it is built without any waiting for another.
    const order = this.#stretch.placedOrder();
    this.#stretch.remember(order);
    this.#current = { order, hands };
    this.#built = this.#stretch.placements();
    this.#pairs = null;
  }

  /** Builds an order and goes on from it; null, and the old one is gone on from, where it can’t be built. */
  goOnFrom(order: Order): Worth | null {
    const worth = this.worthOf(order, this.limit, false);
    if (worth !== null) this.goOnFromLast(order);
    return worth;
  }

  /** Where all tasks of that stand, by their indices. */
  #placements(): readonly (Placement | null)[] {
    const placed = [...this.#start.placements];
    this.#built?.forEach((placement, number) => {
      const index = this.#stretch.frame.entries[number]?.task.index ?? -1;
      if (index >= 0) placed[index] = placement;
    });
    return placed;
  }

  #worth(): Worth {
    const { finish, sum } = this.#stretch.ends();
    return { finish, meanEnd: sum / this.#tasks.length };
  }

  /** Changes of the critical path: one task goes past another one that it holds up, or to other hands. */
  criticalChanges(): CriticalChange[] {
    const pairs = (this.#pairs ??= this.#criticalPairs());
    const past = pairs.map(({ one, other }) => ({
      make: () => ({ ...this.#current, order: movedLater(this.#current.order, one, other, this.#ties) }),
      does: `${one}/${other}`,
      undoes: `${other}/${one}`,
    }));
    const inHands = pairs.flatMap(({ one, other, byHands }) => (byHands ? [one, other] : []));
    const handed = [...new Set(inHands)].flatMap((number) =>
      this.othersFor(number).map((painter) => ({
        make: () => this.handedTo(number, painter),
        does: `${number}@${painter}`,
        undoes: `${number}@${this.#current.hands[number] ?? ANYBODY}`,
      })),
    );
    return [...past, ...handed];
  }

  #teamOf(number: number): readonly number[] {
    const own = this.#current.hands[number] ?? ANYBODY;
    return own >= 0 ? (this.#prepared.crews[own] ?? []) : (this.#stretch.tasks[number]?.painters ?? []);
  }

  /** Painters who could do a task of one painter instead. */
  othersFor(number: number): number[] {
    const own = this.#current.hands[number] ?? ANYBODY;
    return own < 0 ? [] : (this.#tasks[number]?.by ?? []).filter((painter) => painter !== own);
  }

  handedTo(number: number, painter: number): Order {
    const hands = this.#current.hands.slice();
    hands[number] = painter;
    return { ...this.#current, hands };
  }

  /**
   * On the path back from what ends last: of what the same hands do in a row, the first two where something else is waited
   * for, and the last two where something else waits (Nowicki and Smutnicki 1996); what sets up in between; and what
   * makes room in a place for something else.
   */
  #criticalPairs(): Pair[] {
    const placed = this.#placements();
    const standing: PlanTimes = {
      starts: placed.map((placement) => placement?.start ?? 0),
      ends: placed.map((placement) => placement?.end ?? 0),
      paintersOf: (index) => placed[index]?.painters ?? [],
      setupsOf: (index) => placed[index]?.setups ?? [],
    };
    let last = 0;
    for (let index = 1; index < placed.length; index++)
      if ((standing.ends[index] ?? 0) > (standing.ends[last] ?? 0)) last = index;
    const pairs: Pair[] = [];
    const add = (first: number | undefined, second: number | undefined, byHands = true): void => {
      const [one, other] = [this.#numbers.get(first ?? -1), this.#numbers.get(second ?? -1)];
      if (one !== undefined && other !== undefined) pairs.push({ one, other, byHands });
    };
    /** What the same hands do in a row, last first. */
    let block: number[] = [];
    let isLast = true;
    for (const { task, held } of new CriticalPath(this.#prepared, standing).chain(last)) {
      block.push(task);
      if (held.kind === 'hands') {
        if (held.setupMinutes > 0) add(held.task, task);
        continue;
      }
      const isFirst = held.kind === 'earliest';
      if (!isFirst) add(block.at(-1), block.at(-2));
      if (!isLast && (block.length > 2 || isFirst)) add(block[1], block[0]);
      if (held.kind === 'place') add(held.task, task, false);
      [block, isLast] = [[], false];
    }
    return pairs;
  }
}

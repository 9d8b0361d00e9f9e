import { ANYBODY, nextOpening, type Built } from './build.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import { Schedule, type ScheduleState } from './schedule.ts';

/** A full order of work, and whose hands do it. */
export interface WorkList {
  /** Indices of all tasks but moments, one after another. */
  order: ArrayLike<number>;
  /** Per task, the painter it is kept for, or {@link ANYBODY} of those who may. */
  hands: ArrayLike<number>;
  /** Per task, a start before which it does not begin. */
  notBefore: ArrayLike<number>;
  /** Per task, the last start from which a finish can be reached that is asked for; building ends where one is later. */
  latest: ArrayLike<number> | null;
}

/** A schedule that was built in an order, with what it takes to build one of nearly the same order without beginning anew. */
export interface ListBuilt {
  schedule: Schedule;
  list: WorkList;
  marks: readonly Mark[];
}

/** How far a schedule was built before a position of the order. */
interface Mark {
  position: number;
  state: ScheduleState;
  openWaits: Int32Array;
  frontier: number;
}

/** Positions of the order from one mark to the next. */
const MARK_EVERY = 24;

/**
 * Builds a schedule task after task in a given order, each as early as it can be after what its painters did before. What
 * can't be placed yet, for want of a place, of what it follows or of somebody's time, is placed as soon as it can.
 * With another one that was built of the same problem, only what differs is built: from the first change on, and until
 * everything stands as it did there; where nothing differs, that one is the answer.
 */
export function buildInOrder(
  prepared: Prepared,
  list: WorkList,
  known: ListBuilt | null = null,
): ListBuilt | Exclude<Built, { schedule: Schedule }> {
  const change = known === null ? null : changeOf(known.list, list);
  if (known !== null && change?.first === list.order.length) return known;
  return new ListBuild(prepared, list, known, change).run();
}

type Outcome = 'placed' | { space: number } | { task: number };

class ListBuild {
  readonly #prepared: Prepared;
  readonly #list: WorkList;
  readonly #known: ListBuilt | null;
  readonly #schedule: Schedule;
  readonly #openWaits: Int32Array;
  /** Per painter, the last position at which something may be theirs. */
  readonly #lastUse: Int32Array;
  readonly #marks: Mark[] = [];
  #position = 0;
  /** From which position on the order is that of the other one. */
  #alikeFrom = Infinity;
  /** What could not be placed when it was its turn, in turn, and what each waits for. */
  readonly #pending: { task: PreparedTask; until: Exclude<Outcome, 'placed'> }[] = [];
  #stuck: Exclude<Built, { schedule: Schedule }> | null = null;

  constructor(prepared: Prepared, list: WorkList, known: ListBuilt | null, change: Change | null) {
    this.#prepared = prepared;
    this.#list = list;
    this.#known = known;
    this.#lastUse = lastUses(prepared, list);
    const mark = known?.marks.findLast(({ position }) => position <= (change?.first ?? 0));
    if (known === null || mark === undefined) {
      this.#schedule = new Schedule(prepared);
      this.#openWaits = prepared.waitCounts.slice();
      return;
    }
    this.#alikeFrom = change?.end ?? 0;
    this.#schedule = Schedule.resumed(prepared, known.schedule, mark.state);
    this.#openWaits = mark.openWaits.slice();
    this.#position = mark.position;
    this.#marks.push(...known.marks.slice(0, known.marks.indexOf(mark) + 1));
  }

  run(): ListBuilt | Exclude<Built, { schedule: Schedule }> {
    const { tasks } = this.#prepared;
    if (this.#position === 0) for (const index of this.#prepared.firstMoments) this.#placeMoment(index);
    const { order } = this.#list;
    for (; this.#position < order.length; this.#position++) {
      if (this.#position % MARK_EVERY === 0 && this.#mark()) return this.#built();
      const task = tasks[order[this.#position] ?? -1];
      if (task !== undefined) this.#take(task);
      if (this.#stuck !== null) return this.#stuck;
    }
    if (this.#pending.length > 0 && this.#schedule.forgetCommitments()) this.#retry(() => true);
    if (this.#stuck !== null) return this.#stuck;
    const [first] = this.#pending;
    if (first === undefined) return this.#built();
    const { task, until } = first;
    return {
      stuck: {
        task,
        refusal:
          'space' in until
            ? { kind: 'space', space: until.space }
            : { kind: 'appointment', task: until.task, until: Infinity },
      },
    };
  }

  #built(): ListBuilt {
    return { schedule: this.#schedule, list: this.#list, marks: this.#marks };
  }

  /** Remembers how far it is built; whether the rest is that of the other one, which it then has. */
  #mark(): boolean {
    const position = this.#position;
    if (this.#pending.length > 0 || this.#marks.at(-1)?.position === position) return false;
    const frontier = this.#frontier();
    const known = this.#known;
    if (known !== null && position >= this.#alikeFrom) {
      const at = known.marks.findIndex((mark) => mark.position === position);
      const mark = known.marks[at];
      if (mark?.frontier === frontier && this.#schedule.goesOnLike(known.schedule, mark.state, frontier)) {
        this.#marks.push(...known.marks.slice(at));
        this.#schedule.endLike(known.schedule);
        return true;
      }
    }
    this.#marks.push({
      position,
      state: this.#schedule.state(frontier),
      openWaits: this.#openWaits.slice(),
      frontier,
    });
    return false;
  }

  /** Nothing that has its turn yet starts before. */
  #frontier(): number {
    let frontier = Infinity;
    this.#lastUse.forEach((last, painter) => {
      if (last >= this.#position) frontier = Math.min(frontier, this.#schedule.freeFrom(painter));
    });
    return frontier === Infinity ? 0 : frontier;
  }

  /** Places a task, and what has waited for it; or has it wait. */
  #take(task: PreparedTask): void {
    const until = this.#place(task);
    if (until !== 'placed') this.#pending.push({ task, until });
    else if (this.#pending.length > 0) this.#afterPlacing(task);
  }

  #afterPlacing(placed: PreparedTask): void {
    this.#retry(({ until }) => ('space' in until ? placed.releases.includes(until.space) : this.#isPlaced(until.task)));
  }

  #isPlaced(task: number): boolean {
    return (this.#schedule.starts[task] ?? -1) >= 0;
  }

  /** Tries those again that may go on; each that is placed may let others go on. */
  #retry(mayGoOn: (entry: { until: Exclude<Outcome, 'placed'> }) => boolean): void {
    for (let at = 0; at < this.#pending.length && this.#stuck === null; at++) {
      const entry = this.#pending[at];
      if (entry === undefined || !mayGoOn(entry)) continue;
      const until = this.#place(entry.task);
      if (until !== 'placed') {
        entry.until = until;
        continue;
      }
      this.#pending.splice(at, 1);
      this.#afterPlacing(entry.task);
      return;
    }
  }

  #place(task: PreparedTask): Outcome {
    const schedule = this.#schedule;
    if ((this.#openWaits[task.index] ?? 0) > 0) {
      return { task: task.before.find(({ from }) => !this.#isPlaced(from))?.from ?? -1 };
    }
    const space = schedule.fullSpace(task);
    if (space !== null) return { space };
    const hands = this.#list.hands[task.index] ?? ANYBODY;
    const crew = hands === ANYBODY || task.task.painters !== 1 ? task.crew : hands;
    let from = this.#list.notBefore[task.index] ?? 0;
    // Even what takes nobody's hands does not go back to what has been done.
    if (task.task.painters === 0) from = Math.max(from, this.#frontier());
    for (;;) {
      const answer = schedule.find(task, from, crew);
      if ('refused' in answer) {
        const { refused } = answer;
        if (refused.kind === 'appointment') return { task: refused.task };
        if (refused.kind === 'space') return { space: refused.space };
        this.#stuck = { stuck: { task, refusal: refused } };
        return { task: -1 };
      }
      const { placed } = answer;
      // Another day, where what has to follow it could not be done on this one.
      const opens = schedule.canFollow(task, placed) ? null : nextOpening(task, placed.start);
      if (opens !== null) {
        from = opens;
        continue;
      }
      const { latest } = this.#list;
      if (latest !== null && placed.start > (latest[task.index] ?? Infinity)) {
        this.#stuck = { stuck: { task, refusal: { kind: 'latest', end: placed.end } } };
      }
      schedule.place(task, placed);
      this.#follow(task);
      return 'placed';
    }
  }

  #follow({ after }: PreparedTask): void {
    for (const { to } of after) {
      const left = (this.#openWaits[to] ?? 0) - 1;
      this.#openWaits[to] = left;
      if (left === 0 && this.#prepared.isMoment[to] === 1) this.#placeMoment(to);
    }
  }

  #placeMoment(index: number): void {
    const task = this.#prepared.tasks[index];
    if (task === undefined) return;
    const start = Math.max(this.#schedule.readyAt(task), this.#list.notBefore[index] ?? 0);
    if (start > task.latest) this.#stuck ??= { stuck: { task, refusal: { kind: 'latest', end: start } } };
    else this.#schedule.place(task, { start, end: start, painters: [], setups: [], late: false });
    this.#follow(task);
  }
}

/** Per painter, the last position of an order at which something may be theirs. */
function lastUses({ tasks, shifts }: Prepared, { order, hands }: WorkList): Int32Array {
  const last = new Int32Array(shifts.length).fill(-1);
  for (let position = 0; position < order.length; position++) {
    const task = tasks[order[position] ?? -1];
    const own = hands[task?.index ?? -1] ?? ANYBODY;
    if (own !== ANYBODY && task?.task.painters === 1) last[own] = position;
    else if (task !== undefined && task.task.painters > 0) for (const painter of task.by) last[painter] = position;
  }
  return last;
}

/** Between which positions two orders of the same tasks differ. */
interface Change {
  first: number;
  end: number;
}

function changeOf(one: WorkList, other: WorkList): Change {
  const { length } = other.order;
  const isSame = (position: number): boolean => {
    const task = other.order[position] ?? -1;
    return (
      one.order[position] === task &&
      one.hands[task] === other.hands[task] &&
      one.notBefore[task] === other.notBefore[task]
    );
  };
  let first = 0;
  while (first < length && isSame(first)) first++;
  let end = length;
  while (end > first && isSame(end - 1)) end--;
  return { first, end };
}

import { ANYBODY } from './build.ts';
import type { WorkList } from './list-build.ts';
import { isMoment } from './moments.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Schedule } from './schedule.ts';

/** What is done in one go: tasks of one kind, by the same hands. */
export interface Batch {
  kind: number;
  /** How many painters each of its tasks takes. */
  painters: number;
  /** Whose it is, where its tasks take one painter; {@link ANYBODY} otherwise. */
  hands: number;
  /** Its place in the order of work. */
  at: number;
  size: number;
}

/** What goes by itself: moments, what was done. */
const ALONE = -1;
/** Places of the order within which something follows in time. */
const SOON = 8;
/** More than any start: what tells tasks of one batch apart must not tell batches apart. */
const TURNS = 2 ** 21;

/**
 * A plan's order of work as batches. Batches are in a total order; whatever a task follows is in an earlier batch than it,
 * or in the same one.
 */
export class BatchList {
  readonly #prepared: Prepared;
  batches: Batch[];
  readonly batchOf: Int32Array;
  /** The starts of a schedule by which tasks of one batch follow each other. */
  #turns: ArrayLike<number>;
  /** Tasks as they were in order last. */
  #order: readonly number[];

  private constructor(
    prepared: Prepared,
    batches: Batch[],
    batchOf: Int32Array,
    turns: ArrayLike<number>,
    order: readonly number[],
  ) {
    this.#prepared = prepared;
    this.batches = batches;
    this.batchOf = batchOf;
    this.#turns = turns;
    this.#order = order;
  }

  /** The batches of a schedule: what a painter does in a row on one day with one set-up. */
  static of(prepared: Prepared, schedule: Schedule): BatchList {
    const { tasks, problem } = prepared;
    const ticksPerDay = 1440 / problem.tickMinutes;
    const list = new BatchList(
      prepared,
      [],
      new Int32Array(tasks.length).fill(ALONE),
      schedule.starts,
      schedule.order.filter((index) => prepared.isMoment[index] === 0),
    );
    const current = new Map<number, { batch: number; day: number }>();
    const reached = new Float64Array(tasks.length);
    const started = [...schedule.order].sort(
      (one, other) => (schedule.starts[one] ?? 0) - (schedule.starts[other] ?? 0),
    );
    started.forEach((index, position) => {
      const task = tasks[index];
      if (task === undefined) return;
      const need = list.#need(index, reached);
      if (isAlone(task)) {
        reached[index] = need;
        return;
      }
      const painters = schedule.paintersOf(index);
      const day = Math.floor((schedule.starts[index] ?? 0) / ticksPerDay);
      const known = painters.length === 0 ? undefined : current.get(painters[0] ?? 0);
      const batch = known === undefined ? undefined : list.batches[known.batch];
      const isSame = batch?.kind === task.kind && batch.painters === task.task.painters && known?.day === day;
      if (known !== undefined && batch !== undefined && isSame && batch.at >= need) {
        list.batchOf[index] = known.batch;
        batch.size++;
        reached[index] = batch.at;
        return;
      }
      const hands = task.task.painters === 1 ? (painters[0] ?? ANYBODY) : ANYBODY;
      list.batchOf[index] = list.batches.length;
      for (const painter of painters) current.set(painter, { batch: list.batches.length, day });
      list.batches.push({ kind: task.kind, painters: task.task.painters, hands, at: position, size: 1 });
      reached[index] = position;
    });
    return list;
  }

  /** One to change; without batches that have become empty. */
  copy(): BatchList {
    const place = new Int32Array(this.batches.length).fill(ALONE);
    const batches: Batch[] = [];
    this.batches.forEach((batch, index) => {
      if (batch.size > 0) place[index] = batches.push({ ...batch }) - 1;
    });
    const batchOf = this.batchOf.map((batch) => place[batch] ?? ALONE);
    return new BatchList(this.#prepared, batches, batchOf, this.#turns, this.#order);
  }

  /** Has tasks of one batch follow each other as in a schedule. */
  inTurnOf(schedule: Schedule): this {
    this.#turns = schedule.starts;
    return this;
  }

  /** The place in the order after which a task has to come, by where what it follows has come. */
  #need(task: number, reached: Float64Array): number {
    const { starts, from } = this.#prepared.before;
    let need = 0;
    for (let at = starts[task] ?? 0, end = starts[task + 1] ?? 0; at < end; at++) {
      const place = reached[from[at] ?? 0] ?? 0;
      if (place > need) need = place;
    }
    return need;
  }

  /** The tasks of a batch. */
  tasksOf(batch: number): number[] {
    const tasks: number[] = [];
    this.batchOf.forEach((of, task) => {
      if (of === batch) tasks.push(task);
    });
    return tasks;
  }

  /** The next batch of the same kind after a place, or the last one before it with −1; −1 where there is none. */
  like({ kind, painters }: Pick<Batch, 'kind' | 'painters'>, at: number, direction: 1 | -1, including = false): number {
    let found = -1;
    let nearest = Infinity;
    this.batches.forEach((batch, index) => {
      if (batch.kind !== kind || batch.painters !== painters || batch.size === 0) return;
      const far = (batch.at - at) * direction;
      if (far < nearest && (far > 0 || (including && far === 0))) {
        nearest = far;
        found = index;
      }
    });
    return found;
  }

  /** The batch of the same kind that is nearest to a place, whatever painters its tasks take; −1 where there is none. */
  nearest({ kind }: Pick<Batch, 'kind'>, at: number, but: number): number {
    let found = -1;
    let least = Infinity;
    this.batches.forEach((batch, index) => {
      if (batch.kind !== kind || index === but || batch.size === 0) return;
      const far = Math.abs(batch.at - at);
      if (far < least) [found, least] = [index, far];
    });
    return found;
  }

  /** A place right after another one, before whatever comes next. */
  justAfter(at: number): number {
    let next = Infinity;
    for (const batch of this.batches) if (batch.at > at && batch.at < next) next = batch.at;
    return next === Infinity ? at + 1 : (at + next) / 2;
  }

  /** A place right before another one, after whatever comes before. */
  justBefore(at: number): number {
    let last = -Infinity;
    for (const batch of this.batches) if (batch.at < at && batch.at > last) last = batch.at;
    return last === -Infinity ? at - 1 : (at + last) / 2;
  }

  /** Adds an empty batch and answers its index. */
  add(batch: Omit<Batch, 'size'>): number {
    return this.batches.push({ ...batch, size: 0 }) - 1;
  }

  /** Moves a task to another batch. */
  put(task: number, batch: number): void {
    const before = this.batches[this.batchOf[task] ?? ALONE];
    if (before !== undefined) before.size--;
    this.batchOf[task] = batch;
    const now = this.batches[batch];
    if (now !== undefined) now.size++;
  }

  /**
   * Moves what would come before something that it follows on to the next batch of its kind, or to a new one, so that the
   * order holds again.
   */
  settle(): this {
    const reached = new Float64Array(this.batchOf.length);
    for (const index of this.#prepared.order ?? []) {
      const need = this.#need(index, reached);
      const of = this.batchOf[index] ?? ALONE;
      if (of === ALONE) {
        reached[index] = need;
        continue;
      }
      const batch = this.batches[of];
      if (batch === undefined || batch.at >= need) {
        reached[index] = batch?.at ?? need;
        continue;
      }
      reached[index] = this.putAfter(index, need);
    }
    return this;
  }

  /** Moves a task to the next batch of its kind from a place on, or to a new one there; answers the place of that. */
  putAfter(task: number, at: number): number {
    const batch = this.batches[this.batchOf[task] ?? ALONE];
    if (batch === undefined) return at;
    let next = this.like(batch, at, 1, true);
    const there = this.batches[next]?.at ?? Infinity;
    // What has to follow in time does not wait until others are done in the same way.
    if (next < 0 || (this.#prepared.tasks[task]?.hurries && there - at > SOON)) {
      next = this.add({ ...batch, at: this.justAfter(at) });
    }
    this.put(task, next);
    return this.batches[next]?.at ?? at;
  }

  /** The order of work, batch after batch. */
  workList(notBefore: ArrayLike<number>, latest: ArrayLike<number> | null = null): WorkList {
    const { isMoment: isLeftOut, tasks } = this.#prepared;
    const { length } = this.batchOf;
    const rank = new Float64Array(length);
    const hands = new Int16Array(length);
    for (let task = 0; task < length; task++) {
      if (isLeftOut[task] === 1) continue;
      const batch = this.batches[this.batchOf[task] ?? ALONE];
      rank[task] = batch === undefined ? -1 : batch.at * TURNS + (this.#turns[task] ?? 0);
      const own = batch?.hands ?? ANYBODY;
      hands[task] = own !== ANYBODY && tasks[task]?.by.includes(own) ? own : ANYBODY;
    }
    // What was sorted before has mostly stayed in order.
    const order = this.#order.slice().sort((one, other) => (rank[one] ?? 0) - (rank[other] ?? 0) || one - other);
    this.#order = order;
    return { order, hands, notBefore, latest };
  }
}

const isAlone = (task: PreparedTask): boolean => task.isRecorded || isMoment(task);

import type { PreparedTask } from './prepared.ts';
import type { Schedule } from './schedule.ts';

/** A task whose predecessors are all placed. */
export interface ReadyEntry {
  task: PreparedTask;
  crew: number;
  /** The higher, the sooner it is taken. */
  rank: number;
  /** When its waits are over and somebody has hours. */
  first: number;
  /** It can't start before: that, or where it was last refused for now. */
  from: number;
  /** When somebody has hands and place for it. */
  at: number;
  /** Where it stands in line, once it does. */
  queue?: Queue;
}

/** Tasks for which the same hands, tool and places have to be free: they differ in rank and in when their waits are over. */
interface Queue {
  /** One of them, for what they have in common. */
  like: PreparedTask;
  crew: number;
  /** Whose hands they need and with which tool, as a number; null where they need none. */
  handsFor: number | null;
  takesPlace: boolean;
  /** Those whose waits were over before somebody had hands; the highest rank last. */
  ready: ReadyEntry[];
  /** The others; the earliest last. */
  later: ReadyEntry[];
  /** Whether it is among those that are looked at: empty ones are not. */
  isLookedAt: boolean;
  /** When somebody has hands; when there is place then, too; and when there is for the first of the others. */
  free: number;
  readyAt: number;
  laterAt: number;
}

/** How those who wait are chosen from. */
export interface Preference {
  /** Ticks by which a start may be later than the earliest and still compete. */
  slack: number;
  /** What it counts that the tool is in somebody's hand already. */
  sameTool: number;
}

/**
 * Tasks that could be placed next, in queues of those that need the same: whatever the number of pieces, there are only
 * so many tools and places to look at.
 */
export class ReadyQueue {
  readonly #schedule: Schedule;
  readonly #preference: Preference;
  /** Those in which anybody stands. */
  readonly #queues: Queue[] = [];
  readonly #byNeed = new Map<number, Queue>();
  readonly #needs: number;
  /** Those that were refused for now, and could start earlier once a place is free. */
  readonly #pushed = new Set<ReadyEntry>();
  #size = 0;

  /** `needs`: how many different ones there are. */
  constructor(schedule: Schedule, needs: number, preference: Preference) {
    this.#needs = needs;
    this.#schedule = schedule;
    this.#preference = preference;
  }

  get size(): number {
    return this.#size;
  }

  add(entry: ReadyEntry): void {
    const queue = this.#queueOf(entry);
    this.#size++;
    if (!queue.isLookedAt) {
      queue.isLookedAt = true;
      this.#queues.push(queue);
    }
    if (entry.from > entry.first) this.#pushed.add(entry);
    // Without slack for time it is rank alone that counts.
    if (this.#preference.slack === Infinity || entry.from <= queue.free) insertBy(queue.ready, entry, byRank);
    else insertBy(queue.later, entry, byTime);
  }

  remove(entry: ReadyEntry): void {
    const queue = this.#queueOf(entry);
    this.#size--;
    this.#pushed.delete(entry);
    const isReady = queue.ready.at(-1) === entry;
    const list = isReady || queue.ready.includes(entry) ? queue.ready : queue.later;
    if (list.at(-1) === entry) list.pop();
    else list.splice(list.indexOf(entry), 1);
  }

  /** Lets those go back to when they could first start that were refused for want of a place which is free now. */
  released(space: number): void {
    for (const entry of this.#pushed) {
      if (!usesSpace(entry.task, space)) continue;
      this.remove(entry);
      entry.from = entry.first;
      this.add(entry);
    }
  }

  /** An early one that has somewhere to leave what it leaves. */
  any(): ReadyEntry | undefined {
    let first: ReadyEntry | undefined;
    for (const queue of this.#queues) {
      const entry = queue.ready.at(-1) ?? queue.later.at(-1);
      // Includes tasks that can never start, so that their reason is reported.
      const isEarlier = entry !== undefined && (first === undefined || entry.from < first.from);
      if (isEarlier && this.#fullSpace(queue) === null) first = entry;
    }
    return first;
  }

  /** One that has nowhere to leave what it leaves, and where. */
  blocked(): { task: PreparedTask; space: number } | null {
    for (const queue of this.#queues) {
      const entry = queue.ready.at(-1) ?? queue.later.at(-1);
      const space = entry ? this.#fullSpace(queue) : null;
      if (entry && space !== null) return { task: entry.task, space };
    }
    return null;
  }

  /** Of those that could start about next, the one that matters most. */
  choose(): ReadyEntry | undefined {
    const { slack, sameTool } = this.#preference;
    const next = this.#look();
    if (next === Infinity) return undefined;
    const latest = next + slack;
    let chosen: ReadyEntry | undefined;
    let highest = -Infinity;
    for (const queue of this.#queues) {
      if (queue.readyAt > latest && queue.laterAt > latest) continue;
      const inHand = sameTool > 0 && this.#schedule.hasToolInHand(queue.like, queue.crew) ? sameTool : 0;
      const { ready, later } = queue;
      // The one of highest rank of those that are ready, then those whose waits are over before it is too late.
      for (let index = later.length; index >= 0; index--) {
        const entry = index === later.length ? ready[ready.length - 1] : later[index];
        const isReady = index === later.length;
        if (entry === undefined) continue;
        if (!isReady && entry.from > latest) break;
        const at = isReady ? queue.readyAt : this.#placesFree(queue, Math.max(entry.from, queue.free));
        if (at > latest || at === Infinity) continue;
        // Fixed-time tasks take precedence once their predecessors are done.
        const rank = entry.task.isFixed && at === next ? Infinity : entry.rank;
        const score = rank + inHand - (slack < Infinity ? at - next : 0);
        if (score <= highest) continue;
        entry.at = at;
        highest = score;
        chosen = entry;
      }
    }
    return chosen;
  }

  /** Looks when somebody has hands and place, and answers when anything could start first. */
  #look(): number {
    let next = Infinity;
    let kept = 0;
    for (const queue of this.#queues) {
      const { ready, later } = queue;
      queue.readyAt = queue.laterAt = Infinity;
      queue.isLookedAt = ready.length > 0 || later.length > 0;
      if (!queue.isLookedAt) continue;
      this.#queues[kept++] = queue;
      if (this.#fullSpace(queue) !== null) continue;
      queue.free = queue.handsFor === null ? 0 : this.#schedule.handsFree(queue.handsFor);
      let first = later[later.length - 1];
      for (; first !== undefined && first.from <= queue.free; first = later[later.length - 1]) {
        later.pop();
        insertBy(ready, first, byRank);
      }
      // Nothing is asked of places that comes too late all the same.
      const latest = next + this.#preference.slack;
      if (ready.length > 0 && queue.free <= latest) queue.readyAt = this.#placesFree(queue, queue.free);
      if (first !== undefined && first.from <= latest) queue.laterAt = this.#placesFree(queue, first.from);
      if (queue.readyAt < next) next = queue.readyAt;
      if (queue.laterAt < next) next = queue.laterAt;
    }
    this.#queues.length = kept;
    return next;
  }

  #fullSpace({ like }: Queue): number | null {
    return like.leaves.length === 0 ? null : this.#schedule.fullSpace(like);
  }

  #placesFree({ like, takesPlace }: Queue, from: number): number {
    return takesPlace ? this.#schedule.placesFree(like, from) : from;
  }

  #queueOf(entry: ReadyEntry): Queue {
    return (entry.queue ??= this.#queueFor(entry));
  }

  #queueFor({ task, crew }: ReadyEntry): Queue {
    const need = crew * this.#needs + task.need;
    const known = this.#byNeed.get(need);
    if (known !== undefined) return known;
    const queue: Queue = {
      like: task,
      crew,
      handsFor: task.task.painters === 0 ? null : this.#schedule.handsFor(task, crew),
      takesPlace: task.spaces.length > 0,
      isLookedAt: false,
      ready: [],
      later: [],
      free: -1,
      readyAt: Infinity,
      laterAt: Infinity,
    };
    this.#byNeed.set(need, queue);
    return queue;
  }
}

const byRank = (one: ReadyEntry, other: ReadyEntry): number =>
  one.rank - other.rank || other.from - one.from || other.task.index - one.task.index;
const byTime = (one: ReadyEntry, other: ReadyEntry): number =>
  other.from - one.from || one.rank - other.rank || other.task.index - one.task.index;

function insertBy(
  list: ReadyEntry[],
  entry: ReadyEntry,
  compare: (one: ReadyEntry, other: ReadyEntry) => number,
): void {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    const there = list[middle];
    if (there !== undefined && compare(there, entry) <= 0) low = middle + 1;
    else high = middle;
  }
  if (low === list.length) list.push(entry);
  else list.splice(low, 0, entry);
}

function usesSpace({ spaces, opens }: PreparedTask, space: number): boolean {
  for (const use of spaces) if (use.space === space) return true;
  for (const hold of opens) if (hold.space === space) return true;
  return false;
}

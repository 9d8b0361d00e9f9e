import type { Prepared, PreparedTask } from './prepared.ts';
import type { Refusal } from './placement.ts';
import { Schedule } from './schedule.ts';

/** How a schedule is built: which of the tasks that could start next is taken. */
export interface Rule {
  /** Per task; the highest goes first. Usually the length of what follows it. */
  priority: Float64Array;
  /** How many ticks later than the earliest a task may start and still compete; `Infinity` for the priorities alone. */
  slack: number;
  /** Added to the priority of a task whose tool is already in the painter's hand. */
  sameTool: number;
  /** Raised starts, per task, that keep a later wait from running out. */
  notBefore: Int32Array;
  /** Per task, the painter it is kept for, or {@link ANYBODY} of those who may. Counts for tasks of one painter. */
  hands: Int16Array;
  /** Whether places are kept free for what pinned tasks leave behind; a rack that is just enough has none to keep. */
  keepsPlaces: boolean;
}

/** By how much what has to follow in time goes before all else. */
const HURRY = 1e9;

/** Nobody in particular. */
export const ANYBODY = -1;

/** A task whose predecessors are all placed. */
interface Waiting {
  task: PreparedTask;
  crew: number;
  /** Whose hands it needs and with which tool, as a number; null when it needs none. */
  handsFor: number | null;
  /** Whether it takes a place itself. */
  takesPlace: boolean;
  /** When its waits are over and somebody has hours. */
  first: number;
  /** It can't start before: that, or where it was last refused for now. */
  from: number;
  /** When somebody has hands and place for it. */
  at: number;
}

export type Built = { schedule: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } } | { stopped: true };

/**
 * Builds a schedule by always taking, among the tasks that could start about next, the one that matters most.
 * Cost grows with tasks times those waiting at once. `shouldStop` is asked between tasks; true gives up.
 */
export function buildSchedule(prepared: Prepared, rule: Rule, shouldStop: () => boolean = NEVER_STOPS): Built {
  return new Dispatch(prepared, rule).run(shouldStop);
}

const NEVER_STOPS = (): boolean => false;

class Dispatch {
  readonly #tasks: readonly PreparedTask[];
  readonly #rule: Rule;
  readonly #schedule: Schedule;
  readonly #openWaits: Int32Array;
  /** In the order of when they could start. */
  readonly #waiting: Waiting[] = [];
  /** By space, those for which it is full. */
  readonly #blocked: Waiting[][];
  /** By pinned task, those whose hands it needs first. */
  readonly #awaiting = new Map<number, Waiting[]>();

  constructor(prepared: Prepared, rule: Rule) {
    this.#tasks = prepared.tasks;
    this.#rule = rule;
    this.#schedule = new Schedule(prepared, rule.keepsPlaces);
    this.#blocked = prepared.capacities.map(() => []);
    this.#openWaits = new Int32Array(prepared.tasks.length);
    for (const task of prepared.tasks) this.#openWaits[task.index] = task.before.length;
    for (const task of prepared.tasks) if (task.before.length === 0) this.#admit(task);
  }

  run(shouldStop: () => boolean): Built {
    const schedule = this.#schedule;
    for (;;) {
      if (shouldStop()) return { stopped: true };
      // Where nobody seems to have hands for any of them, asking for a place tells why.
      const entry = this.#choose() ?? this.#waiting[0];
      if (entry === undefined && this.#schedule.forgetCommitments()) {
        // Whoever waits for others that wait in turn can only go on.
        for (const entries of this.#awaiting.values()) for (const waited of entries) this.#insert(waited);
        this.#awaiting.clear();
        continue;
      }
      if (entry === undefined) return this.#blockedFirst() ?? { schedule };
      const answer = schedule.find(entry.task, entry.from, entry.crew);
      if ('refused' in answer && answer.refused.kind === 'appointment') {
        this.#remove(entry);
        const { task } = answer.refused;
        this.#awaiting.set(task, [...(this.#awaiting.get(task) ?? []), entry]);
        continue;
      }
      if ('refused' in answer) return { stuck: { task: entry.task, refusal: answer.refused } };
      this.#remove(entry);
      // Spaces can push it later than it looked; then others may go first.
      const { start } = answer.placed;
      const hasOthers = this.#waiting.length > 0;
      if (start > entry.at + this.#rule.slack && entry.from < start && hasOthers) {
        entry.from = start;
        this.#insert(entry);
        continue;
      }
      const later = schedule.canFollow(entry.task, answer.placed) ? null : nextOpening(entry.task, start);
      if (later !== null) {
        // Another day: what has to follow it could not be done on this one.
        entry.from = later;
        this.#insert(entry);
        continue;
      }
      schedule.place(entry.task, answer.placed);
      this.#follow(entry.task);
    }
  }

  /** That something has no place for good, when nothing else is left that could make room for it. */
  #blockedFirst(): Built | null {
    for (const [space, entries] of this.#blocked.entries()) {
      const [first] = entries;
      if (first !== undefined) return { stuck: { task: first.task, refusal: { kind: 'space', space } } };
    }
    for (const [task, [first]] of this.#awaiting) {
      if (first !== undefined) {
        return { stuck: { task: first.task, refusal: { kind: 'appointment', task, until: Infinity } } };
      }
    }
    return null;
  }

  #admit(task: PreparedTask): void {
    const hands = this.#rule.hands[task.index] ?? ANYBODY;
    const crew = hands === ANYBODY || task.task.painters !== 1 ? task.crew : hands;
    const ready = Math.max(this.#schedule.readyAt(task), this.#rule.notBefore[task.index] ?? 0);
    if (isMoment(task) && ready <= task.latest) {
      // Nobody's hands, no place: that it is so is told at once, for what it lets go.
      this.#schedule.place(task, { start: ready, end: ready, painters: [], setups: [], late: false });
      this.#follow(task);
      return;
    }
    const first = task.task.painters === 0 || task.isFixed ? ready : this.#schedule.firstWorking(crew, ready);
    const handsFor = task.task.painters === 0 ? null : this.#schedule.handsFor(task, crew);
    const entry = { task, crew, handsFor, takesPlace: task.spaces.length > 0, first, from: first, at: 0 };
    this.#insert(entry);
  }

  /** Keeps the waiting in the order of when they could start, so that only the first of them have to be looked at. */
  #insert(entry: Waiting): void {
    const waiting = this.#waiting;
    let low = 0;
    let high = waiting.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((waiting[middle]?.from ?? 0) <= entry.from) low = middle + 1;
      else high = middle;
    }
    waiting.splice(low, 0, entry);
  }

  #remove(entry: Waiting): void {
    this.#waiting.splice(this.#waiting.indexOf(entry), 1);
  }

  /** Looks when somebody has hands and place for a task. */
  #look(entry: Waiting): number {
    let at = entry.from;
    if (entry.handsFor !== null) at = Math.max(at, this.#schedule.handsFree(entry.handsFor));
    if (entry.takesPlace) at = this.#schedule.placesFree(entry.task, at);
    return (entry.at = at);
  }

  /** Of those that could start about next, the one that matters most. */
  #choose(): Waiting | undefined {
    const { slack, sameTool, priority } = this.#rule;
    const waiting = this.#waiting;
    let next = Infinity;
    for (let index = 0; index < waiting.length;) {
      const entry = waiting[index];
      if (entry === undefined || entry.from > next + slack) break;
      const full = entry.task.leaves.length === 0 ? null : this.#schedule.fullSpace(entry.task);
      if (full === null) {
        next = Math.min(next, this.#look(entry));
        index++;
      } else {
        // There is no place for what it leaves behind: it waits aside until something there is taken up.
        this.#blocked[full]?.push(entry);
        waiting.splice(index, 1);
      }
    }
    let chosen: Waiting | undefined;
    let highest = -Infinity;
    for (const candidate of waiting) {
      const { at, task, crew } = candidate;
      if (candidate.from > next + slack) break;
      if (at === Infinity || at > next + slack) continue;
      // What can stand nowhere else gives way to nothing, as soon as nothing goes before it.
      if (task.isFixed && at === next) return candidate;
      let score = priority[task.index] ?? 0;
      if (slack < Infinity) score += (task.hurries ? HURRY : 0) + next - at;
      if (score + sameTool <= highest) continue;
      if (sameTool > 0 && this.#schedule.hasToolInHand(task, crew)) score += sameTool;
      if (score > highest) {
        highest = score;
        chosen = candidate;
      }
    }
    return chosen;
  }

  /** What has waited for a task that has been placed. */
  #follow(task: PreparedTask): void {
    const waited = this.#awaiting.get(task.index);
    if (waited) {
      this.#awaiting.delete(task.index);
      for (const entry of waited) this.#insert(entry);
    }
    for (const wait of task.after) {
      const left = (this.#openWaits[wait.to] ?? 0) - 1;
      this.#openWaits[wait.to] = left;
      const follower = this.#tasks[wait.to];
      if (left === 0 && follower !== undefined) this.#admit(follower);
    }
    for (const space of task.releases) {
      for (const entry of this.#blocked[space]?.splice(0) ?? []) this.#insert(entry);
      const freed = this.#waiting.filter((other) => other.from > other.first && usesSpace(other.task, space));
      for (const other of freed) {
        this.#remove(other);
        other.from = other.first;
        this.#insert(other);
      }
    }
  }
}

/** When a window opens again after a tick; null for a task without one, or if it does not. */
function nextOpening({ window }: PreparedTask, after: number): number | null {
  return window?.find(([opens]) => opens > after)?.[0] ?? null;
}

/** A moment in the drying of something: it takes neither work nor hands nor place, and may end a hold. */
function isMoment({ task, opens, window, before }: PreparedTask): boolean {
  const isFree = task.work === 0 && task.painters === 0 && task.spaces.length === 0 && opens.length === 0;
  return isFree && window === null && before.every((wait) => wait.atMost === null);
}

function usesSpace({ spaces, opens }: PreparedTask, space: number): boolean {
  for (const use of spaces) if (use.space === space) return true;
  for (const hold of opens) if (hold.space === space) return true;
  return false;
}

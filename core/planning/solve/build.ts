import type { Prepared, PreparedTask } from './prepared.ts';
import { Schedule, type Refusal } from './schedule.ts';

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
}

/** Nobody in particular. */
export const ANYBODY = -1;

/** A task whose predecessors are all placed. */
interface Waiting {
  task: PreparedTask;
  crew: number;
  /** When its waits are over. */
  ready: number;
  /** It can't start before: ready and in somebody's hours, or where it was last refused for now. */
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
  readonly #waiting: Waiting[] = [];

  constructor(prepared: Prepared, rule: Rule) {
    this.#tasks = prepared.tasks;
    this.#rule = rule;
    this.#schedule = new Schedule(prepared);
    this.#openWaits = new Int32Array(prepared.tasks.length);
    for (const task of prepared.tasks) this.#openWaits[task.index] = task.before.length;
    for (const task of prepared.tasks) if (task.before.length === 0) this.#admit(task);
  }

  run(shouldStop: () => boolean): Built {
    const schedule = this.#schedule;
    const waiting = this.#waiting;
    let hasChanged = true;
    while (waiting.length > 0) {
      if (shouldStop()) return { stopped: true };
      if (hasChanged) for (const entry of waiting) this.#look(entry);
      // Where nobody seems to have hands for any of them, asking for a place tells why.
      const entry = this.#choose() ?? waiting.find(({ task }) => schedule.fullSpace(task) === null);
      if (entry === undefined) {
        const [first] = waiting;
        if (first === undefined) break;
        return { stuck: { task: first.task, refusal: { kind: 'space', space: schedule.fullSpace(first.task) ?? 0 } } };
      }
      const answer = schedule.find(entry.task, entry.from, entry.crew);
      if ('refused' in answer) return { stuck: { task: entry.task, refusal: answer.refused } };
      // Spaces can push it later than it looked; then others may go first.
      const { start } = answer.placed;
      if (start > entry.at + this.#rule.slack && entry.from < start && waiting.length > 1) {
        entry.from = start;
        this.#look(entry);
        hasChanged = false;
        continue;
      }
      hasChanged = true;
      schedule.place(entry.task, answer.placed);
      this.#leave(entry);
    }
    return { schedule };
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
    this.#waiting.push({ task, crew, ready, from: ready, at: 0 });
  }

  /** Looks when somebody has hands and place for a task, and whether there is a place for what it leaves behind. */
  #look(entry: Waiting): void {
    const { task, crew } = entry;
    if (this.#schedule.fullSpace(task) !== null) {
      entry.at = Infinity;
      return;
    }
    entry.at = entry.from;
    if (task.task.painters > 0) {
      const free = this.#schedule.handsFree(task, crew);
      if (entry.from > free) entry.from = this.#schedule.firstWorking(crew, entry.from);
      entry.at = Math.max(free, entry.from);
    }
    if (task.spaces.length > 0) entry.at = this.#schedule.placesFree(task, entry.at);
  }

  /** Of those that could start about next, the one that matters most. */
  #choose(): Waiting | undefined {
    const { slack, sameTool, priority } = this.#rule;
    let next = Infinity;
    let chosen: Waiting | undefined;
    for (const candidate of this.#waiting) {
      // What can stand in one place only goes first, in the order of time: it can't give way.
      if (candidate.task.isFixed && (chosen === undefined || candidate.ready < chosen.ready)) chosen = candidate;
      if (candidate.at < next) next = candidate.at;
    }
    if (chosen !== undefined) return chosen;
    let highest = -Infinity;
    for (const candidate of this.#waiting) {
      const { at, task, crew } = candidate;
      if (at === Infinity || at > next + slack) continue;
      let score = priority[task.index] ?? 0;
      if (slack < Infinity) score -= at - next;
      if (score + sameTool <= highest) continue;
      if (sameTool > 0 && this.#schedule.hasToolInHand(task, crew)) score += sameTool;
      if (score > highest) {
        highest = score;
        chosen = candidate;
      }
    }
    return chosen;
  }

  /** A task that has been placed makes room for what follows it, and for what wants the places that it gives back. */
  #leave(entry: Waiting): void {
    const waiting = this.#waiting;
    const last = waiting.pop();
    if (last !== undefined && last !== entry) waiting[waiting.indexOf(entry)] = last;
    this.#follow(entry.task);
  }

  /** What has waited for a task that has been placed. */
  #follow(task: PreparedTask): void {
    for (const wait of task.after) {
      const left = (this.#openWaits[wait.to] ?? 0) - 1;
      this.#openWaits[wait.to] = left;
      const follower = this.#tasks[wait.to];
      if (left === 0 && follower !== undefined) this.#admit(follower);
    }
    for (const space of task.releases) {
      for (const other of this.#waiting) {
        if (other.from > other.ready && usesSpace(other.task, space)) other.from = other.ready;
      }
    }
  }
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

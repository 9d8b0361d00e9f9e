import { isMoment } from './moments.ts';
import type { Prepared, PreparedTask } from './prepared.ts';
import type { Placement, Refusal } from './placement.ts';
import { Schedule } from './schedule.ts';
import { ReadyQueue, type ReadyEntry } from './ready-queue.ts';

/** How a schedule is built: which of the tasks that could start next is taken. */
export interface BuildOrder {
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

export type Built = { schedule: Schedule } | { stuck: { task: PreparedTask; refusal: Refusal } } | { stopped: true };

/**
 * Builds a schedule by always taking, among the tasks that could start about next, the one that matters most.
 * Cost grows with tasks times those waiting at once. `shouldStop` is asked between tasks; true gives up.
 */
export function buildSchedule(prepared: Prepared, rule: BuildOrder, shouldStop: () => boolean = NEVER_STOPS): Built {
  return new Dispatch(prepared, rule).run(shouldStop);
}

const NEVER_STOPS = (): boolean => false;

class Dispatch {
  readonly #tasks: readonly PreparedTask[];
  readonly #rule: BuildOrder;
  readonly #schedule: Schedule;
  readonly #openWaits: Int32Array;
  readonly #line: ReadyQueue;
  /** By task, those whose hands it needs first. */
  readonly #awaiting = new Map<number, ReadyEntry[]>();

  constructor(prepared: Prepared, rule: BuildOrder) {
    this.#tasks = prepared.tasks;
    this.#rule = rule;
    this.#schedule = new Schedule(prepared, rule.keepsPlaces);
    this.#line = new ReadyQueue(this.#schedule, prepared.needs, rule);
    this.#openWaits = new Int32Array(prepared.tasks.length);
    for (const task of prepared.tasks) this.#openWaits[task.index] = task.before.length;
    for (const task of prepared.tasks) if (task.before.length === 0) this.#admit(task);
  }

  run(shouldStop: () => boolean): Built {
    const [schedule, line] = [this.#schedule, this.#line];
    for (;;) {
      if (shouldStop()) return { stopped: true };
      // Where nobody seems to have hands for any of them, asking for a place tells why.
      const entry = line.choose() ?? line.any();
      if (entry === undefined && schedule.forgetCommitments()) {
        // Whoever waits for others that wait in turn can only go on.
        for (const entries of this.#awaiting.values()) for (const waited of entries) line.add(waited);
        this.#awaiting.clear();
        continue;
      }
      if (entry === undefined) return this.#blockedFirst() ?? { schedule };
      const answer = schedule.find(entry.task, entry.from, entry.crew);
      if ('refused' in answer && answer.refused.kind === 'appointment') {
        line.remove(entry);
        const { task } = answer.refused;
        this.#awaiting.set(task, [...(this.#awaiting.get(task) ?? []), entry]);
        continue;
      }
      if ('refused' in answer) return { stuck: { task: entry.task, refusal: answer.refused } };
      line.remove(entry);
      const later = this.#deferUntil(entry, answer.placed);
      if (later === null) {
        schedule.place(entry.task, answer.placed);
        this.#follow(entry.task);
      } else {
        entry.from = later;
        line.add(entry);
      }
    }
  }

  /** Time to retry the task instead of placing it here; null if it was placed. */
  #deferUntil({ task, from, at }: ReadyEntry, placed: Placement): number | null {
    const { start } = placed;
    // Spaces can push it later than it looked; then others may go first.
    if (start > at + this.#rule.slack && from < start && this.#line.size > 0) return start;
    // Another day, where what has to follow it could not be done on this one.
    return this.#schedule.canFollow(task, placed) ? null : nextOpening(task, start);
  }

  /** That something has no place for good, when nothing else is left that could make room for it. */
  #blockedFirst(): Built | null {
    const blocked = this.#line.blocked();
    if (blocked !== null) return { stuck: { task: blocked.task, refusal: { kind: 'space', space: blocked.space } } };
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
    const rank = (this.#rule.priority[task.index] ?? 0) + (task.hurries && this.#rule.slack < Infinity ? HURRY : 0);
    this.#line.add({ task, crew, rank, first, from: first, at: 0 });
  }

  /** What has waited for a task that has been placed. */
  #follow(task: PreparedTask): void {
    const waited = this.#awaiting.get(task.index);
    if (waited) {
      this.#awaiting.delete(task.index);
      for (const entry of waited) this.#line.add(entry);
    }
    for (const wait of task.after) {
      const left = (this.#openWaits[wait.to] ?? 0) - 1;
      this.#openWaits[wait.to] = left;
      const follower = this.#tasks[wait.to];
      if (left === 0 && follower !== undefined) this.#admit(follower);
    }
    for (const space of task.releases) this.#line.released(space);
  }
}

/** When a window opens again after a tick; null for a task without one, or if it does not. */
export function nextOpening({ window }: PreparedTask, after: number): number | null {
  return window?.find(([opens]) => opens > after)?.[0] ?? null;
}

import { fitPausing, fitWhole, type Shifts } from '../solve/calendar.ts';
import type { Prepared, PreparedTask, PreparedWait } from '../solve/prepared.ts';

/** What keeps a task from starting earlier than it does. */
export type Blocker =
  /** It waits for another task, or for what that leaves behind to dry. */
  | { kind: 'wait'; task: number; wait: PreparedWait }
  /** Somebody who does it does another task, or sets up, until then. */
  | { kind: 'hands'; task: number; painter: number; setupMinutes: number }
  /** Somebody who does it sets up first, as soon as there are hours for it. */
  | { kind: 'setup'; painter: number; start: number; end: number }
  /** Another task has to make room first, by ending or by taking up what lies there. */
  | { kind: 'place'; task: number; space: number }
  /** It may not start before: the plan begins, or it was stated so. */
  | { kind: 'earliest' }
  /** Nothing: other work goes first, or it is kept for its set-up. */
  | { kind: 'order' };

/** Where every task of a plan stands, by its index. */
export interface PlanTimes {
  starts: ArrayLike<number>;
  ends: ArrayLike<number>;
  paintersOf(task: number): readonly number[];
  setupsOf(task: number): readonly { painter: number; start: number; end: number }[];
}

/** Tells, for any task of a plan, what holds it, and so the chain of tasks back to the beginning. */
export class CriticalPath {
  readonly #prepared: Prepared;
  readonly #standing: PlanTimes;
  /** Per painter, indices of tasks in the order of time. */
  readonly #byPainter: number[][];
  /** Per task and painter, the task that this painter did before. */
  readonly #before = new Map<string, number>();
  /** Per space, what takes slots there, and the task that gives them back. */
  readonly #uses: { from: number; until: number; slots: number; giver: number }[][];

  constructor(prepared: Prepared, standing: PlanTimes) {
    this.#prepared = prepared;
    this.#standing = standing;
    this.#byPainter = prepared.shifts.map(() => []);
    this.#uses = prepared.capacities.map(() => []);
    for (const { index, spaces, closes } of prepared.tasks) {
      for (const painter of standing.paintersOf(index)) this.#byPainter[painter]?.push(index);
      const [from, until] = [standing.starts[index] ?? 0, standing.ends[index] ?? 0];
      for (const { space, slots } of spaces) this.#uses[space]?.push({ from, until, slots, giver: index });
      for (const { space, slots, after } of closes) {
        this.#uses[space]?.push({ from: standing.ends[after] ?? 0, until: from, slots, giver: index });
      }
    }
    this.#byPainter.forEach((tasks, painter) => {
      tasks.sort(
        (one, other) =>
          (standing.starts[one] ?? 0) - (standing.starts[other] ?? 0) ||
          (standing.ends[one] ?? 0) - (standing.ends[other] ?? 0),
      );
      tasks.forEach((task, place) => {
        const before = tasks[place - 1];
        if (before !== undefined) this.#before.set(`${task}/${painter}`, before);
      });
    });
  }

  /** What keeps a task from starting earlier. */
  of(index: number): Blocker {
    const task = this.#prepared.tasks[index];
    if (task === undefined) return { kind: 'earliest' };
    const start = this.#standing.starts[index] ?? 0;
    const waited = this.#lastWait(task);
    const ready = Math.max(task.earliest, waited?.ready ?? 0);
    if (this.#firstHour(task, ready) >= start) {
      return waited !== null && waited.ready >= task.earliest && waited.ready > 0
        ? { kind: 'wait', task: waited.wait.from, wait: waited.wait }
        : { kind: 'earliest' };
    }
    return this.#hands(task, ready, start) ?? this.#place(task, start) ?? { kind: 'order' };
  }

  /** The tasks that hold each other up, from one back to the first, each with what holds it. */
  chain(last: number): { task: number; held: Blocker }[] {
    const chain: { task: number; held: Blocker }[] = [];
    const seen = new Set<number>();
    for (let index = last; !seen.has(index);) {
      seen.add(index);
      const held = this.of(index);
      chain.push({ task: index, held });
      if (!('task' in held)) break;
      index = held.task;
    }
    return chain;
  }

  /** Of the waits before a task the one that is over last. */
  #lastWait(task: PreparedTask): { wait: PreparedWait; ready: number } | null {
    let last: { wait: PreparedWait; ready: number } | null = null;
    for (const wait of task.before) {
      const end = this.#standing.ends[wait.from] ?? 0;
      const ready = wait.atLeast?.reach(end) ?? end;
      if (last === null || ready > last.ready) last = { wait, ready };
    }
    return last;
  }

  /** The first tick from `ready` at which those who do a task have hours for it, inside its window. */
  #firstHour(task: PreparedTask, ready: number): number {
    const team = this.#standing.paintersOf(task.index);
    const shifts: Shifts = this.#prepared.jointShifts(team);
    const fit = task.task.pausable ? fitPausing : fitWhole;
    for (const [opens, closes] of task.window ?? [[0, Infinity] as const]) {
      const from = Math.max(ready, opens);
      const place = team.length === 0 ? { start: from, end: from + task.task.work } : fit(shifts, from, task.task.work);
      if (place !== null && place.end <= closes) return place.start;
    }
    return Infinity;
  }

  #hands(task: PreparedTask, ready: number, start: number): Blocker | null {
    const setups = this.#standing.setupsOf(task.index);
    for (const painter of this.#standing.paintersOf(task.index)) {
      const before = this.#before.get(`${task.index}/${painter}`);
      const setup = setups.find((made) => made.painter === painter);
      const work = setup === undefined ? 0 : setup.end - setup.start;
      const free = before === undefined ? 0 : (this.#standing.ends[before] ?? 0);
      if (this.#firstHour(task, Math.max(ready, free + work)) >= start) {
        return before === undefined ? null : { kind: 'hands', task: before, painter, setupMinutes: work };
      }
      if (setup?.end === start && this.#firstHour(task, Math.max(ready, free)) >= setup.start) {
        return { kind: 'setup', ...setup };
      }
    }
    return null;
  }

  /** The last that made room where a task takes some, if there was none a moment before. */
  #place(task: PreparedTask, start: number): Blocker | null {
    const end = this.#standing.ends[task.index] ?? start;
    for (const { space, slots } of task.spaces) {
      const giver = this.#giver(space, start, slots, task.index);
      if (giver !== null) return { kind: 'place', task: giver, space };
    }
    for (const { space, needs } of task.leaves) {
      const giver = needs > 0 ? this.#giver(space, end, needs, task.index) : null;
      if (giver !== null) return { kind: 'place', task: giver, space };
    }
    return null;
  }

  /** Who gave back slots of a space at a tick, without which there had not been so many; null where there had. */
  #giver(space: number, at: number, slots: number, self: number): number | null {
    const others = (this.#uses[space] ?? []).filter((use) => use.giver !== self);
    const before = others.filter((use) => use.from < at && use.until >= at);
    const level = before.reduce((sum, use) => sum + use.slots, 0);
    if (level + slots <= (this.#prepared.capacities[space] ?? 0)) return null;
    return before.find((use) => use.until === at)?.giver ?? null;
  }
}

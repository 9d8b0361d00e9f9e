import { intervalEndingAfter } from '../solve/calendar.ts';
import type { Prepared, PreparedHold, PreparedTask } from '../solve/prepared.ts';
import type { TaskHours } from './task-hours.ts';
import type { Heads } from './time-windows.ts';
import type { Weighing } from './weighing.ts';

/** How many ends of a first task are tried in all, and how far apart they are at least, in minutes. */
const MOST_TRIES = 400_000;
const FINEST = 10;

/** What lies between the two tasks of a hold: tasks in the order of their waits, the last of them ending the hold. */
interface Between {
  tasks: readonly PreparedTask[];
  /** Of a task in {@link tasks}, its place in the list. */
  place: ReadonlyMap<number, number>;
  name: string;
}

/** How long holds last at least, when their first task ends at one time or another. Holds of the same kind share it. */
export class HoldLengths {
  readonly #prepared: Prepared;
  readonly #hours: TaskHours;
  readonly #until: number;
  readonly #between = new Map<PreparedHold, Between>();
  readonly #energies = new Map<string, readonly number[]>();
  readonly #step: number;

  constructor(prepared: Prepared, hours: TaskHours, until: number) {
    this.#prepared = prepared;
    this.#hours = hours;
    this.#until = until;
    const tries = new Map(prepared.holds.map((hold) => [this.#of(hold).name, this.#of(hold).tasks.length]));
    const worth = [...tries.values()].reduce((sum, tasks) => sum + tasks, 0);
    this.#step = Math.max(1, Math.ceil(FINEST / prepared.problem.tickMinutes), Math.ceil((until * worth) / MOST_TRIES));
  }

  /** Whether anybody works between two ticks. */
  #worked(from: number, until: number): boolean {
    return this.#prepared.shifts.some((shifts) => (shifts[intervalEndingAfter(shifts, from)]?.[0] ?? Infinity) < until);
  }

  #of(hold: PreparedHold): Between {
    let between = this.#between.get(hold);
    if (between === undefined) this.#between.set(hold, (between = betweenOf(this.#prepared, hold)));
    return between;
  }

  /** Of several holds, one of each kind, with the first tick at which any of the kind can begin. */
  distinct(holds: readonly PreparedHold[], heads: Heads): { hold: PreparedHold; from: number }[] {
    const kinds = new Map<string, { hold: PreparedHold; from: number }>();
    for (const hold of holds) {
      const { name } = this.#of(hold);
      const from = heads.ends[hold.after] ?? 0;
      const known = kinds.get(name);
      if (known === undefined || from < known.from) kinds.set(name, { hold, from });
    }
    return [...kinds.values()];
  }

  /** When a hold is over at the earliest if its first task ends at `end`; `Infinity` if never. */
  over(hold: PreparedHold, end: number): number {
    const { tasks, place } = this.#of(hold);
    const ends = new Float64Array(tasks.length);
    let start = Infinity;
    for (const [index, task] of tasks.entries()) {
      let ready = Math.max(end, task.earliest);
      for (const wait of task.before) {
        const from = wait.from === hold.after ? end : ends[place.get(wait.from) ?? -1];
        if (from !== undefined) ready = Math.max(ready, wait.atLeast?.reach(from) ?? from);
      }
      const stretch = this.#hours.earliest(task, ready);
      if (stretch === null) return Infinity;
      ends[index] = stretch.end;
      start = stretch.start;
    }
    return start;
  }

  /** What a hold weighs at least, by each weighing, whenever it begins. */
  energies(hold: PreparedHold, ways: readonly Weighing[]): readonly number[] {
    const after = this.#prepared.tasks[hold.after]?.task;
    const isWorked = after !== undefined && after.painters > 0 && after.work > 0;
    const name = `${hold.space}/${isWorked}/${this.#of(hold).name}`;
    const known = this.#energies.get(name);
    if (known !== undefined) return known;
    const least = ways.map(() => Infinity);
    const step = this.#step;
    for (let first = 0; first < this.#until; first += step) {
      const last = Math.min(first + step - 1, this.#until);
      // Somebody has to be at work just before it begins.
      if (isWorked && !this.#worked(first - 1, last)) continue;
      const over = this.over(hold, first);
      if (over > this.#until) break;
      ways.forEach((way, index) => {
        least[index] = Math.min(least[index] ?? Infinity, Math.max(0, way.upTo(over) - way.upTo(last)));
      });
    }
    // One that is never over in time says nothing here.
    const energies = least.map((energy) => (energy === Infinity ? 0 : energy));
    this.#energies.set(name, energies);
    return energies;
  }
}

/** Walks back from the task that ends a hold to the one that begins it. */
function betweenOf({ tasks, order }: Prepared, hold: PreparedHold): Between {
  const leads = new Set([hold.until]);
  const open = [hold.until];
  for (let index = open.pop(); index !== undefined; index = open.pop()) {
    for (const wait of tasks[index]?.before ?? []) {
      if (wait.from === hold.after || leads.has(wait.from)) continue;
      leads.add(wait.from);
      open.push(wait.from);
    }
  }
  // Only what follows the first task is between them.
  const follows = new Set([hold.after]);
  const between: PreparedTask[] = [];
  for (const index of order ?? []) {
    const task = tasks[index];
    if (!task || !leads.has(index) || !task.before.some((wait) => follows.has(wait.from))) continue;
    follows.add(index);
    between.push(task);
  }
  const place = new Map(between.map((task, at) => [task.index, at]));
  const name = between
    .map(({ task, before, by, earliest }) => {
      const waits = before
        .filter((wait) => follows.has(wait.from))
        .map((wait) => `${place.get(wait.from) ?? 'a'}:${wait.atLeast?.name ?? ''}`);
      return [task.work, task.painters, task.setup, task.window, task.pausable, earliest, by.join(), waits.join()].join('|');
    })
    .join('/');
  return { tasks: between, place, name };
}

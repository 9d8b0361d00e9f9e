import { getOrInsertComputed } from '../../units/maps.ts';
import { unitedShifts, type Shifts } from '../solve/calendar.ts';
import type { Prepared, PreparedTask } from '../solve/prepared.ts';
import type { TaskHours } from './task-hours.ts';
import type { Heads } from './time-windows.ts';
import type { Weighing } from './weighing.ts';

/** How many ends of a first task are tried in all, and how far apart they are at least, in minutes. */
const MAX_TRIES = 400_000;
const FINEST = 10;

/** Slots that are taken from the end of one task to the start of another, by their indices. */
export interface Span {
  after: number;
  until: number;
}

/** What lies between the two tasks of a span: tasks in the order of their waits, the last of them ending it. */
interface Between {
  tasks: readonly PreparedTask[];
  /** Of a task in {@link tasks}, its place in the list. */
  place: ReadonlyMap<number, number>;
  name: string;
}

/** How long spans last at least, when their first task ends at one time or another. Spans of the same kind share it. */
export class HoldLengths {
  readonly #prepared: Prepared;
  readonly #hours: TaskHours;
  readonly #until: number;
  readonly #between = new Map<string, Between>();
  readonly #energies = new Map<readonly Weighing[], Map<string, readonly number[]>>();
  readonly #step: number;
  /** Per task, its place in an order that respects every wait. */
  readonly #position: Int32Array;
  /** When at least one of the crew works. */
  readonly #worked: Shifts;

  /** Of so many spans, for plans that are done by `until`. */
  constructor(prepared: Prepared, hours: TaskHours, spans: readonly Span[], until: number) {
    this.#prepared = prepared;
    this.#hours = hours;
    this.#until = until;
    this.#position = new Int32Array(prepared.tasks.length);
    prepared.order?.forEach((index, place) => (this.#position[index] = place));
    this.#worked = unitedShifts(prepared.shifts);
    const tries = new Map(spans.map((span) => [this.#of(span).name, this.#of(span).tasks.length]));
    const worth = [...tries.values()].reduce((sum, tasks) => sum + tasks, 0);
    this.#step = Math.max(1, Math.ceil(FINEST / prepared.problem.tickMinutes), Math.ceil((until * worth) / MAX_TRIES));
  }

  #of(span: Span): Between {
    const id = `${span.after}/${span.until}`;
    return getOrInsertComputed(this.#between, id, () => betweenOf(this.#prepared, this.#position, span));
  }

  /** Spans by their kinds: one of each, the first tick at which any of the kind can begin, and all of it. */
  distinct<S extends Span>(spans: readonly S[], heads: Heads): { span: S; from: number; members: S[] }[] {
    const kinds = new Map<string, { span: S; from: number; members: S[] }>();
    for (const span of spans) {
      const after = this.#prepared.tasks[span.after];
      const task = after?.task;
      const name = [this.#of(span).name, task?.work, task?.painters, task?.setup, task?.window, after?.crew].join(' ');
      const from = heads.ends[span.after] ?? 0;
      const known = kinds.get(name);
      if (known === undefined) kinds.set(name, { span, from, members: [span] });
      else {
        known.from = Math.min(known.from, from);
        known.members.push(span);
      }
    }
    return [...kinds.values()];
  }

  /** When a span is over at the earliest if its first task ends at `end`; `Infinity` if never. */
  over(span: Span, end: number): number {
    const { tasks, place } = this.#of(span);
    const ends = new Float64Array(tasks.length);
    let start = Infinity;
    for (const [index, task] of tasks.entries()) {
      let ready = Math.max(end, task.earliest);
      for (const wait of task.before) {
        const from = wait.from === span.after ? end : ends[place.get(wait.from) ?? -1];
        if (from !== undefined) ready = Math.max(ready, wait.atLeast?.reach(from) ?? from);
      }
      const stretch = this.#hours.earliest(task, ready);
      if (stretch === null) return Infinity;
      ends[index] = stretch.end;
      start = stretch.start;
    }
    return start;
  }

  /** What a span weighs at least, by each weighing, whenever it begins. */
  energies(span: Span, ways: readonly Weighing[]): readonly number[] {
    const after = this.#prepared.tasks[span.after]?.task;
    const isWorked = after !== undefined && after.painters > 0 && after.work > 0;
    const name = `${isWorked ? 'worked' : 'moment'}/${this.#of(span).name}`;
    const byName = getOrInsertComputed(this.#energies, ways, () => new Map<string, readonly number[]>());
    const known = byName.get(name);
    if (known !== undefined) return known;
    const least = ways.map(() => Infinity);
    const step = this.#step;
    // Somebody has to be at work just before it begins.
    for (const [opens, closes] of isWorked ? this.#worked : [[-1, this.#until] as const]) {
      for (let first = opens + 1; first <= Math.min(closes, this.#until); first += step) {
        const last = Math.min(first + step - 1, closes, this.#until);
        const over = this.over(span, first);
        if (over > this.#until) break;
        ways.forEach((way, index) => {
          least[index] = Math.min(least[index] ?? Infinity, Math.max(0, way.upTo(over) - way.upTo(last)));
        });
      }
    }
    // One that is never over in time says nothing here.
    const energies = least.map((energy) => (energy === Infinity ? 0 : energy));
    byName.set(name, energies);
    return energies;
  }
}

/** Walks back from the task that ends a span to the one that begins it. */
function betweenOf({ tasks }: Prepared, position: Int32Array, span: Span): Between {
  const leads = new Set([span.until]);
  const open = [span.until];
  for (let index = open.pop(); index !== undefined; index = open.pop()) {
    for (const wait of tasks[index]?.before ?? []) {
      if (wait.from === span.after || leads.has(wait.from)) continue;
      leads.add(wait.from);
      open.push(wait.from);
    }
  }
  // Only what follows the first task is between them.
  const follows = new Set([span.after]);
  const between: PreparedTask[] = [];
  for (const index of [...leads].sort((one, other) => (position[one] ?? 0) - (position[other] ?? 0))) {
    const task = tasks[index];
    if (!task?.before.some((wait) => follows.has(wait.from))) continue;
    follows.add(index);
    between.push(task);
  }
  const place = new Map(between.map((task, at) => [task.index, at]));
  const name = between
    .map(({ task, before, by, earliest }) => {
      const waits = before
        .filter((wait) => follows.has(wait.from))
        .map((wait) => `${place.get(wait.from) ?? 'a'}:${wait.atLeast?.name ?? ''}`);
      return [task.work, task.painters, task.setup, task.window, task.pausable, earliest, by.join(), waits.join()].join(
        '|',
      );
    })
    .join('/');
  return { tasks: between, place, name };
}

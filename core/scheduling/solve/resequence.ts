import { ANYBODY } from './build.ts';
import type { Stretch } from './stretch.ts';
import { earliestStarts, StretchSketch } from './stretch-sketch.ts';
import type { StretchEntry } from './stretch-frame.ts';
import type { KeptPlan } from './kept-plan.ts';
import type { Placement } from './placement.ts';

export interface Resequencing {
  /** How many orders are tried. */
  tries: number;
  /** Minutes of trouble by which an order may be worse to be gone on from, at the beginning and at the end. */
  hot: number;
  cold: number;
  random: () => number;
  shouldStop(): boolean;
}

/** What stands elsewhere than in the schedule that the stretch is of, and the minutes by which that disturbs less. */
export interface Resequenced {
  built: readonly { index: number; placement: Placement }[];
  gain: number;
}

/** Looks for an order of a stretch that disturbs less (simulated annealing); null where none was found. */
export function resequenced(stretch: Stretch, options: Resequencing): Resequenced | null {
  return new Resequencer(stretch, options).run();
}

/** Of all changes, the shares of those that join a run to its like, have a task go along with its like, and hand a run over. */
const JOINS = 0.6;
const GOES_ALONG = 0.15;
const HANDS_OVER = 0.12;

/** With a plan to keep near to, the share of changes that put a run back where it was. */
const RETURNS = 0.3;

/** Minutes a painter may idle before a run that joins. */
const SOON = 30;

/** What one does in a row of one kind, by the numbers of its tasks. */
type Run = number[];

class Resequencer {
  readonly #stretch: Stretch;
  readonly #options: Resequencing;
  readonly #tasks: readonly StretchEntry[];
  readonly #follows: readonly (readonly number[])[];
  readonly #leadsTo: number[][];
  readonly #count: number;
  /** As early as each task can begin for what it follows. */
  readonly #earliest: Int32Array;
  #order: Int32Array;
  /** When each ends in the order as it is. */
  #ends: Int32Array;
  #hands: Int16Array;
  #runs: Run[] = [];
  /** By painter, what they do in turn. */
  readonly #sequences: readonly number[][];
  /** By task, its place in an order that is changed. */
  readonly #keys: Float64Array;
  readonly #places: Int32Array;
  readonly #kinds: Int32Array;
  readonly #sketch: StretchSketch;
  readonly #soon: number;
  readonly #courses: Int32Array;
  /** By course, its tasks. */
  readonly #alike = new Map<number, number[]>();

  constructor(stretch: Stretch, options: Resequencing) {
    this.#stretch = stretch;
    this.#options = options;
    this.#tasks = stretch.tasks;
    this.#follows = stretch.follows().map((list) => list.map(({ from }) => from));
    this.#leadsTo = this.#tasks.map(() => []);
    this.#follows.forEach((list, number) => list.forEach((from) => this.#leadsTo[from]?.push(number)));
    this.#count = this.#tasks.length;
    this.#order = Int32Array.from(this.#tasks.keys());
    this.#hands = Int16Array.from(this.#tasks, ({ painters }) =>
      painters.length === 1 ? (painters[0] ?? ANYBODY) : ANYBODY,
    );
    this.#kinds = Int32Array.from(this.#tasks, ({ task }) => task.kind);
    this.#keys = new Float64Array(this.#count);
    this.#places = new Int32Array(this.#count);
    this.#sequences = stretch.prepared.shifts.map(() => []);
    this.#sketch = new StretchSketch(stretch);
    this.#soon = SOON / stretch.prepared.problem.tickMinutes;
    this.#earliest = earliestStarts(stretch);
    this.#ends = stretch.endTimes();
    this.#courses = Int32Array.from(this.#tasks, ({ task }) => stretch.prepared.courses[task.index] ?? -1);
    this.#courses.forEach((course, number) => this.#alike.set(course, [...(this.#alike.get(course) ?? []), number]));
    this.#findRuns();
  }

  run(): Resequenced | null {
    const { tries, hot, cold, random, shouldStop } = this.#options;
    if (this.#count < 2 || !this.#stretch.build(this.#order, this.#hands)) return null;
    this.#stretch.remember();
    this.#ends = this.#stretch.endTimes();
    const first = this.#stretch.trouble();
    let [energy, least, expected] = [first, first, this.#sketch.trouble(this.#order, this.#hands)];
    let best: Resequenced | null = null;
    for (let at = 0; at < tries && !shouldStop(); at++) {
      const before = { order: this.#order, hands: this.#hands };
      // The most trouble that an order may have to be accepted.
      const most = energy - hot * (cold / hot) ** (at / tries) * Math.log(random());
      this.#hands = this.#hands.slice();
      const isChanged = this.#change();
      const other = this.#sketch.trouble(this.#order, this.#hands);
      const isPromising = isChanged && other - expected <= most - energy;
      const next = isPromising && this.#stretch.build(this.#order, this.#hands) ? this.#stretch.trouble() : Infinity;
      if (next > most) {
        [this.#order, this.#hands] = [before.order, before.hands];
        continue;
      }
      [energy, expected] = [next, other];
      if (energy < least) {
        least = energy;
        best = { built: this.#stretch.built(), gain: first - least };
      }
      this.#stretch.remember();
      this.#ends = this.#stretch.endTimes();
      this.#findRuns();
    }
    return best;
  }

  /** Finds what one does in a row, in the order as it is. */
  #findRuns(): void {
    this.#runs = [];
    for (const sequence of this.#sequences) sequence.length = 0;
    const open = new Map<number, number>();
    this.#order.forEach((number, place) => {
      this.#places[number] = place;
      const entry = this.#tasks[number];
      if (entry === undefined) return;
      const team = this.#teamOf(number);
      const known = open.get(team[0] ?? -1) ?? -1;
      const run = this.#runs[known];
      const like = this.#tasks[run?.[0] ?? -1];
      const isSame = like?.task.kind === entry.task.kind && team.every((painter) => open.get(painter) === known);
      const into = isSame && like.task.task.painters === entry.task.task.painters ? known : this.#runs.push([]) - 1;
      this.#runs[into]?.push(number);
      for (const painter of team) {
        open.set(painter, into);
        this.#sequences[painter]?.push(number);
      }
    });
  }

  #teamOf(number: number): readonly number[] {
    const own = this.#hands[number] ?? ANYBODY;
    return own >= 0 ? [own] : (this.#tasks[number]?.painters ?? []);
  }

  /** Changes the order a little; false where nothing came of it. */
  #change(): boolean {
    const { random } = this.#options;
    for (let number = 0; number < this.#count; number++) this.#keys[number] = this.#places[number] ?? 0;
    const own = Math.floor(random() * this.#runs.length);
    const run = this.#runs[own];
    if (run === undefined) return false;
    const { kept } = this.#stretch;
    if (kept !== null && random() < RETURNS) {
      this.#goBack(run, kept);
      return this.#isChanged();
    }
    const chosen = random();
    const like = chosen < JOINS ? this.#like(own) : null;
    if (like !== null) this.#join(this.#partOf(run), like);
    else if (chosen >= JOINS && chosen < JOINS + GOES_ALONG) {
      if (!this.#goAlong(run)) return false;
    } else if (chosen < 1 - HANDS_OVER) this.#shift(this.#partOf(run));
    else if (!this.#handOver(run)) return false;
    return this.#isChanged();
  }

  /** Takes the order by keys; false where everybody has the same to do in the same order. */
  #isChanged(): boolean {
    const order = this.#reordered();
    const isOther = !this.#isSameWork(order);
    this.#order = order;
    return isOther;
  }

  /** Whether each painter has the same tasks in the same order. */
  #isSameWork(order: Int32Array): boolean {
    const sequences = this.#sequences;
    const reached = sequences.map(() => 0);
    for (const number of order)
      for (const painter of this.#teamOf(number)) {
        const at = reached[painter] ?? 0;
        if (sequences[painter]?.[at] !== number) return false;
        reached[painter] = at + 1;
      }
    return true;
  }

  /** The order by keys: moved tasks are merged into the others. */
  #reordered(): Int32Array {
    const moved: number[] = [];
    const order = new Int32Array(this.#count);
    this.#order.forEach((number) => {
      if (this.#keys[number] !== this.#places[number]) moved.push(number);
    });
    const isBefore = (one: number, other: number): boolean => {
      const apart = (this.#keys[one] ?? 0) - (this.#keys[other] ?? 0);
      return apart < 0 || (apart === 0 && (this.#places[one] ?? 0) < (this.#places[other] ?? 0));
    };
    moved.sort((one, other) => (isBefore(one, other) ? -1 : 1));
    let [at, next] = [0, 0];
    for (const number of this.#order) {
      if (this.#keys[number] !== this.#places[number]) continue;
      for (let first = moved[next]; first !== undefined && isBefore(first, number); first = moved[++next])
        order[at++] = first;
      order[at++] = number;
    }
    for (; next < moved.length; next++) order[at++] = moved[next] ?? 0;
    return order;
  }

  /** Mostly all of a run, else its first or its last part. */
  #partOf(run: Run): Run {
    const { random } = this.#options;
    if (run.length < 2 || random() < 0.7) return run;
    const cut = 1 + Math.floor(random() * (run.length - 1));
    return random() < 0.5 ? run.slice(0, cut) : run.slice(cut);
  }

  /** Another run of the same kind that a run could join in time; null where there is none. */
  #like(own: number): Run | null {
    const tasks = this.#runs[own] ?? [];
    const kind = this.#kindOf(tasks);
    const others = this.#runs.filter(
      (run, index) => index !== own && this.#kindOf(run) === kind && this.#couldFollow(tasks, run.at(-1) ?? 0),
    );
    if (others.length === 0) return null;
    return others[Math.floor(this.#options.random() * others.length)] ?? null;
  }

  /** Whether tasks could come after one of another run: none too late for what follows it, none long after it. */
  #couldFollow(tasks: Run, last: number): boolean {
    const end = this.#ends[last] ?? 0;
    for (const number of tasks) {
      const { deadline = 0, task } = this.#tasks[number] ?? {};
      if (end + (task?.task.work ?? 0) > deadline || (this.#earliest[number] ?? 0) > end + this.#soon) return false;
    }
    return true;
  }

  #kindOf(run: Run | undefined): number {
    const task = this.#tasks[run?.[0] ?? -1]?.task;
    return task === undefined ? -1 : task.kind * 16 + task.task.painters;
  }

  /** Joins tasks to a run of their kind, by the painter of that run. */
  #join(tasks: Run, into: Run): void {
    const [first, last] = [into[0] ?? 0, into.at(-1) ?? 0];
    const [begins, ends] = [this.#places[first] ?? 0, this.#places[last] ?? 0];
    const isLater = (this.#places[tasks[0] ?? 0] ?? 0) > begins;
    const own = this.#hands[first] ?? ANYBODY;
    for (const number of tasks) {
      if (own !== ANYBODY && this.#tasks[number]?.task.by.includes(own)) this.#hands[number] = own;
      if (isLater) this.#pullBefore(number, ends, begins - 0.5);
      else this.#pushAfter(number, begins, ends + 0.5);
    }
  }

  /** Has a task, and what follows from it, go along with the same task of another piece, and with what follows from that. */
  #goAlong(run: Run): boolean {
    const { random } = this.#options;
    const moved = new Set<number>();
    const follow = (number: number, other: number): void => {
      if (moved.has(number) || moved.has(other)) return;
      moved.add(number);
      const own = this.#hands[other] ?? ANYBODY;
      if (own !== ANYBODY && this.#tasks[number]?.task.by.includes(own)) this.#hands[number] = own;
      const key = this.#keys[other] ?? 0;
      if (key < (this.#keys[number] ?? 0)) this.#pullBefore(number, key, key - 0.5);
      else this.#pushAfter(number, key, key + 0.5);
      for (const next of this.#leadsTo[number] ?? []) {
        const then = this.#leadsTo[other]?.find((at) => at !== next && this.#courses[at] === this.#courses[next]);
        if (then !== undefined) follow(next, then);
      }
    };
    const number = run[Math.floor(random() * run.length)] ?? 0;
    const others = this.#alike.get(this.#courses[number] ?? -1) ?? [];
    const other = others[Math.floor(random() * others.length)] ?? number;
    if (other === number) return false;
    follow(number, other);
    return true;
  }

  /** Puts a run back to where it stands in a plan, and into the hands of it. */
  #goBack(run: Run, { starts, teams }: KeptPlan): void {
    const startOf = (number: number): number => starts[this.#tasks[number]?.task.index ?? -1] ?? -1;
    for (const number of run) {
      const start = startOf(number);
      if (start < 0) continue;
      const [own = ANYBODY, ...others] = teams[this.#tasks[number]?.task.index ?? -1] ?? [];
      if (others.length === 0 && this.#tasks[number]?.task.by.includes(own)) this.#hands[number] = own;
      const next = this.#order.find((other) => startOf(other) > start);
      const key = (next === undefined ? this.#count : (this.#places[next] ?? 0)) - 0.5;
      if (key < (this.#places[number] ?? 0)) this.#pullBefore(number, key, key);
      else this.#pushAfter(number, key, key);
    }
  }

  #shift(tasks: Run): void {
    const { random } = this.#options;
    const here = this.#places[tasks[0] ?? 0] ?? 0;
    const far = Math.ceil(random() * random() * this.#count);
    if (random() < 0.5) for (const number of tasks) this.#pullBefore(number, here - far - 0.5, here - far - 0.5);
    else {
      const ends = this.#places[tasks.at(-1) ?? 0] ?? 0;
      for (const number of tasks) this.#pushAfter(number, ends + far + 0.5, ends + far + 0.5);
    }
  }

  /** Puts a task at an earlier place, and what it follows before that: after its like, where that is early enough, or elsewhere. */
  #pullBefore(number: number, key: number, otherwise: number): void {
    const keys = this.#keys;
    if ((keys[number] ?? 0) <= key) return;
    keys[number] = key;
    for (const from of this.#follows[number] ?? []) {
      if ((keys[from] ?? 0) < key) continue;
      if ((keys[from] ?? 0) === key && (this.#places[from] ?? 0) < (this.#places[number] ?? 0)) continue;
      const mate = this.#mate(from, key, -1);
      this.#pullBefore(from, mate ?? Math.min(key, otherwise), otherwise);
    }
  }

  #pushAfter(number: number, key: number, otherwise: number): void {
    const keys = this.#keys;
    if ((keys[number] ?? 0) >= key) return;
    keys[number] = key;
    for (const to of this.#leadsTo[number] ?? []) {
      if ((keys[to] ?? 0) > key) continue;
      if ((keys[to] ?? 0) === key && (this.#places[to] ?? 0) > (this.#places[number] ?? 0)) continue;
      const mate = this.#mate(to, key, 1);
      this.#pushAfter(to, mate ?? Math.max(key, otherwise), otherwise);
    }
  }

  /** The place of the nearest task of the same kind before or after a place; null where there is none. */
  #mate(number: number, key: number, direction: 1 | -1): number | null {
    const kind = this.#kinds[number];
    let found: number | null = null;
    for (let other = 0; other < this.#count; other++) {
      if (this.#kinds[other] !== kind || other === number) continue;
      const at = this.#keys[other] ?? 0;
      if ((at - key) * direction <= 0) continue;
      if (found === null || (at - found) * direction < 0) found = at;
    }
    return found;
  }

  /** Gives a run to another painter. */
  #handOver(run: Run): boolean {
    const by = this.#tasks[run[0] ?? -1]?.task.by ?? [];
    if ((this.#hands[run[0] ?? -1] ?? ANYBODY) === ANYBODY || by.length < 2) return false;
    const others = by.filter((painter) => painter !== this.#hands[run[0] ?? -1]);
    const own = others[Math.floor(this.#options.random() * others.length)] ?? ANYBODY;
    for (const number of run) if (this.#tasks[number]?.task.by.includes(own)) this.#hands[number] = own;
    return true;
  }
}

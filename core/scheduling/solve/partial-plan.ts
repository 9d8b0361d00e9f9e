import { shiftEndsWithin } from './calendar.ts';
import { inTimeFor } from './moves.ts';
import type { PainterTrack } from './painter-track.ts';
import type { Placement } from './placement.ts';
import type { Prepared, PreparedHold, PreparedTask, PreparedWait } from './prepared.ts';

/** Slots of a space that are taken for some time: by a task itself, or by what lies there after it. */
export interface Taken {
  space: number;
  slots: number;
  from: number;
  /** For a hold whose second task has no place yet, as early as that could be. */
  until: number;
  /** The task that takes them, and the hold by which it does; null for its own use. */
  by: number;
  hold: PreparedHold | null;
}

/** A partial plan. */
export interface PartialPlan {
  placements: readonly (Placement | null)[];
  tracks: readonly PainterTrack[];
  taken: readonly Taken[];
}

/** What a painter could do next: from when on, and with which set-up in hand. */
export interface Hands {
  freeFrom: number;
  inHand: number;
  hasIdled: boolean;
  /** Idle time before, in which a set-up could still have been made. */
  gaps: string;
}

export const handsOf = (tracks: readonly PainterTrack[]): Hands[] =>
  tracks.map(({ freeFrom, inHand, gaps }) => ({ freeFrom, inHand, gaps, hasIdled: gaps !== '' }));

/** Tasks in the order in which they were placed, with the hands of everybody as they were before each of them. */
export type Placed = readonly { task: PreparedTask; team: readonly number[]; handsBefore: readonly Hands[] }[];

/** What was found out about starts: none earlier than these, and waits that are not to run out though they may. */
export interface Demands {
  notBefore: Int32Array;
  inTime: ReadonlySet<PreparedWait>;
}

/** More work that tasks may need because waits before them have run out. */
export const mostLateWork = ({ tasks }: Prepared, task: number): number =>
  (tasks[task]?.before ?? []).reduce((sum, wait) => sum + (wait.lateWork ?? 0), 0);

/**
 * Dominance between partial plans: an earlier one that leaves as much open, or more, makes a later one superfluous. Tasks
 * far enough back can neither be delayed nor block a place any more; of them only their successors’ earliest starts count.
 * All others count in the order of placing: sooner is never worse.
 */
export class SeenPlans {
  readonly #prepared: Prepared;
  readonly #latest: Float64Array;
  readonly #isTight: readonly boolean[];
  /** By their shape, the times of those that were asked of. */
  readonly #seen = new Map<string, number[][]>();

  /** `latest` says when each task has to start at last. */
  constructor(prepared: Prepared, latest: Float64Array) {
    this.#prepared = prepared;
    this.#latest = latest;
    const wanted = prepared.capacities.map(() => 0);
    for (const { spaces, opens } of prepared.tasks)
      for (const { space, slots } of [...spaces, ...opens]) wanted[space] = (wanted[space] ?? 0) + slots;
    this.#isTight = prepared.capacities.map((capacity, space) => (wanted[space] ?? 0) > capacity);
  }

  /**
   * Whether whatever goes on from a partial plan could go on as well from one that was asked of before; `ready` says how
   * early each open task could start.
   */
  isSeen(placed: Placed, plan: PartialPlan, demands: Demands, ready: Float64Array): boolean {
    const { shape, times } = this.#described(placed, plan, demands, ready);
    const known = this.#seen.get(shape);
    if (known === undefined) this.#seen.set(shape, [times]);
    else if (known.some((others) => others.every((time, at) => time <= (times[at] ?? 0)))) return true;
    else known.push(times);
    return false;
  }

  /** How a partial plan goes on, but for times; and those times of which sooner ones are never worse. */
  #described(
    placed: Placed,
    { placements, tracks, taken }: PartialPlan,
    { notBefore, inTime }: Demands,
    ready: Float64Array,
  ): { shape: string; times: number[] } {
    const from = this.#openFrom(placed, { placements, tracks, taken }, ready);
    const open = placed.slice(from);
    const isSettled = new Uint8Array(placements.length);
    for (const { task } of placed.slice(0, from)) isSettled[task.index] = 1;
    const settled: number[] = [];
    const times: number[] = [];
    for (const { index, after } of this.#prepared.tasks) {
      if (isSettled[index] === 0) {
        if (!placements[index]) times.push(notBefore[index] ?? 0);
        continue;
      }
      settled.push(index);
      if (after.some(({ to }) => isSettled[to] === 0)) times.push(placements[index]?.end ?? 0);
    }
    for (const { task } of open) times.push(placements[task.index]?.start ?? 0, placements[task.index]?.end ?? 0);
    const before = open[0]?.handsBefore ?? handsOf(tracks);
    const hands = [...before, ...handsOf(tracks)];
    for (const { freeFrom } of hands) times.push(freeFrom);
    const order = open.map(({ task, team }) => {
      const isLate = placements[task.index]?.late ?? false;
      return `${task.index}${isLate ? '!' : ''}:${team.join('+')}`;
    });
    const waits = [...inTime].flatMap(({ from: first, to }) =>
      isSettled[first] === 1 && isSettled[to] === 1 ? [] : [`${first}>${to}`],
    );
    const inHand = hands.map((each) => `${each.inHand} ${each.gaps}`);
    return { shape: [settled.join(), order.join(), inHand.join(), waits.sort().join()].join('|'), times };
  }

  /** The place in the order from which on something can still be asked to begin later, or be in the way. */
  #openFrom(placed: Placed, plan: PartialPlan, ready: Float64Array): number {
    const { placements, taken } = plan;
    const place = new Map(placed.map(({ task }, at) => [task.index, at]));
    const placeOf = (index: number): number => place.get(index) ?? placed.length;
    const first = new Map<number, { key: number; task: number }>();
    let from = placed.length;
    const links = placed.map(({ task, team }, at) => {
      const start = placements[task.index]?.start ?? 0;
      let back = this.#linkedBy(task, start, at, placeOf);
      for (const painter of team) {
        const inHand = first.get(painter);
        const isNew = placements[task.index]?.setups.some((made) => made.painter === painter) ?? false;
        if (task.setup !== null && inHand?.key === task.setup.index) {
          const mayKeep = !isNew || this.#mayKeep(task, inHand.task, start, painter);
          if (mayKeep) back = Math.min(back, placeOf(inHand.task));
        }
        if (task.setup !== null && isNew) first.set(painter, { key: task.setup.index, task: task.index });
      }
      for (const { by, until, space } of taken)
        if (this.#isTight[space] === true && until > start && placeOf(by) < back) back = placeOf(by);
      return back;
    });
    let soonest = Infinity;
    for (const task of this.#prepared.tasks) {
      if (placements[task.index]) continue;
      const start = ready[task.index] ?? 0;
      soonest = Math.min(soonest, start);
      from = Math.min(from, this.#linkedBy(task, start, placed.length, placeOf));
      for (const painter of task.by) {
        const inHand = first.get(painter);
        if (task.setup === null || inHand?.key !== task.setup.index) continue;
        if (this.#mayKeep(task, inHand.task, start, painter)) from = Math.min(from, placeOf(inHand.task));
      }
    }
    for (const { by, until, space, hold } of taken) {
      if (this.#isTight[space] !== true) continue;
      const isOpen = hold !== null && placements[hold.until] === null;
      if (isOpen || until > soonest) from = Math.min(from, placeOf(by));
    }
    for (let at = placed.length - 1; at >= from; at--) from = Math.min(from, links[at] ?? 0);
    return from;
  }

  /** The first place of what a task at a start could ask to begin later, for its waits and for what it takes up. */
  #linkedBy(task: PreparedTask, start: number, at: number, placeOf: (index: number) => number): number {
    let back = at;
    for (const wait of task.before) {
      if (wait.atMost === null) continue;
      const inTime = inTimeFor(this.#prepared, wait, start) - mostLateWork(this.#prepared, wait.from);
      if (inTime <= (this.#latest[wait.from] ?? 0)) back = Math.min(back, placeOf(wait.from));
    }
    for (const { after, space } of task.closes)
      if (this.#isTight[space] === true) back = Math.min(back, placeOf(after));
    return back;
  }

  /** Whether a set-up that was made for one task could keep to a start of another, if the first began as late as it may. */
  #mayKeep({ setup }: PreparedTask, first: number, start: number, painter: number): boolean {
    if (setup === null) return false;
    const latest = this.#latest[first] ?? 0;
    if (start - latest > setup.keeps) return false;
    return setup.acrossShifts || !shiftEndsWithin(this.#prepared.shifts[painter] ?? [], latest, start);
  }
}

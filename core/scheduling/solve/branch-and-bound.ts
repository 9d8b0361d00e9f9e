import type { BoundSearch } from '../bound/lower-bound.ts';
import type { Heads, Tails } from '../bound/time-windows.ts';
import { RemainingWork } from '../bound/remaining-work.ts';
import { fitPausing, fitWhole, lastShiftEnd } from './calendar.ts';
import { inTimeFor } from './moves.ts';
import { NEVER, PainterTrack } from './painter-track.ts';
import {
  handsOf,
  mostLateWork,
  SeenPlans,
  type Demands,
  type PartialPlan,
  type Placed,
  type Taken,
} from './partial-plan.ts';
import type { Prepared, PreparedSetup, PreparedTask, PreparedWait } from './prepared.ts';
import { windowAt, type Placement } from './placement.ts';

/** Most tasks, and most painters who may do one, of a problem that is searched to the end. */
const MAX_TASKS = 24;
const MAX_HANDS = 6;

/** Whether a problem is small enough to try everything. */
export function isSmall({ tasks }: Prepared): boolean {
  return tasks.length <= MAX_TASKS && tasks.every(({ by }) => by.length <= MAX_HANDS);
}

/** What trying everything came to: nothing is earlier, something is, or it took too many tries to know. */
export type Exhausted = { kind: 'none' } | { kind: 'earlier'; placements: readonly Placement[] } | { kind: 'unknown' };

export interface ExhaustOptions {
  /** How many more partial plans may be looked at; counted down. */
  tries: { left: number };
  shouldStop(): boolean;
  /** What every plan begins with, in this order; only how to go on from there is tried out. */
  begun?: Begun;
}

/** Tasks in the order in which they are placed, and who does each. */
export type Begun = readonly { task: PreparedTask; team: readonly number[] }[];

/** A partial plan that is being made. */
interface State extends PartialPlan {
  placements: (Placement | null)[];
  tracks: PainterTrack[];
  taken: Taken[];
}

/** Why a task can't follow in a sequence as it stands: one of these other tasks has to start later. Empty for never. */
interface Conflict {
  later: readonly { task: number; notBefore: number }[];
}

/**
 * Tries every order of the tasks and every team, to find a plan that finishes by `deadline`, or that there is none.
 *
 * In any order tasks are placed as early as they can be, each after what its painters did before. Starting later than
 * that can only help where a wait would run out, a set-up would not keep, or a place is wanted by something else; then
 * the order is tried again with that start raised, so that nothing is missed. What lies somewhere until a task that has
 * no place yet counts only for as long as it has to.
 */
export function solveExactly(
  prepared: Prepared,
  bounds: BoundSearch,
  deadline: number,
  options: ExhaustOptions,
): Exhausted {
  const tails = bounds.latestTimes(deadline);
  if (tails === null) return { kind: 'none' };
  return new Exhaustion(prepared, bounds, tails, bounds.doubt(deadline), options).run();
}

class BudgetExceeded extends Error {}

class Exhaustion {
  readonly #prepared: Prepared;
  readonly #bounds: BoundSearch;
  readonly #tails: Tails;
  readonly #latest: Float64Array;
  readonly #doubt: ReturnType<BoundSearch['doubt']>;
  readonly #options: ExhaustOptions;
  readonly #work: RemainingWork;
  readonly #seen: SeenPlans;

  constructor(
    prepared: Prepared,
    bounds: BoundSearch,
    tails: Tails,
    doubt: ReturnType<BoundSearch['doubt']>,
    options: ExhaustOptions,
  ) {
    this.#prepared = prepared;
    this.#bounds = bounds;
    this.#tails = tails;
    this.#latest = tails.starts;
    this.#work = new RemainingWork(prepared, tails.ends);
    this.#seen = new SeenPlans(prepared, tails.starts);
    this.#doubt = doubt;
    this.#options = options;
  }

  run(): Exhausted {
    try {
      const demands = { notBefore: new Int32Array(this.#prepared.tasks.length), inTime: new Set<PreparedWait>() };
      const found = this.#replayed(this.#options.begun ?? [], demands);
      return found === null ? { kind: 'none' } : { kind: 'earlier', placements: found };
    } catch (error) {
      if (error instanceof BudgetExceeded) return { kind: 'unknown' };
      throw error;
    }
  }

  #empty(): State {
    return {
      placements: this.#prepared.tasks.map(() => null),
      tracks: this.#prepared.shifts.map((shifts) => new PainterTrack(shifts)),
      taken: [],
    };
  }

  /** Everything that can follow a sequence; the first complete plan in time, or null. */
  #extend(sequence: Placed, state: State, demands: Demands): readonly Placement[] | null {
    if (--this.#options.tries.left < 0 || this.#options.shouldStop()) throw new BudgetExceeded();
    if (state.placements.every((placement) => placement !== null)) return state.placements;
    const heads = this.#readyTimes(state, demands);
    if (heads === null || this.#doubt(heads, this.#tails) !== null) return null;
    if (this.#work.isTooMuch((task) => state.placements[task] === null, handsOf(state.tracks))) return null;
    const ready = heads.starts;
    if (this.#seen.isSeen(sequence, state, demands, ready)) return null;
    const next = this.#prepared.tasks
      .filter(
        ({ index, before }) =>
          state.placements[index] === null && before.every((wait) => state.placements[wait.from] !== null),
      )
      .sort(
        (one, other) =>
          (ready[one.index] ?? 0) - (ready[other.index] ?? 0) ||
          (this.#latest[one.index] ?? 0) - (this.#latest[other.index] ?? 0),
      );
    for (const task of next) {
      for (const team of this.#teams(task, state)) {
        const found = this.#follow(sequence, state, demands, task, team);
        if (found !== null) return found;
      }
    }
    return null;
  }

  /** A sequence with one more task; where that asks for other starts, with them. */
  #follow(
    sequence: Placed,
    state: State,
    demands: Demands,
    task: PreparedTask,
    team: readonly number[],
  ): readonly Placement[] | null {
    const longer = [...sequence, { task, team, handsBefore: handsOf(state.tracks) }];
    const next = copied(state);
    const placed = this.#place(next, demands, task, team);
    if ('later' in placed) return this.#mended(longer, demands, placed);
    const found = this.#extend(longer, next, demands);
    if (found !== null) return found;
    for (const wait of placed.ranOut) {
      const inTime = new Set([...demands.inTime, wait]);
      const other = this.#replayed(longer, { ...demands, inTime });
      if (other !== null) return other;
    }
    for (const { later } of placed.delays) {
      const other = this.#mended(longer, demands, { later });
      if (other !== null) return other;
    }
    return null;
  }

  #mended(sequence: Begun, demands: Demands, { later }: Conflict): readonly Placement[] | null {
    for (const { task, notBefore } of later) {
      if (notBefore > (this.#latest[task] ?? 0) || notBefore <= (demands.notBefore[task] ?? 0)) continue;
      const raised = Int32Array.from(demands.notBefore);
      raised[task] = notBefore;
      const found = this.#replayed(sequence, { ...demands, notBefore: raised });
      if (found !== null) return found;
    }
    return null;
  }

  /** Places a sequence from the beginning on, and goes on from there. */
  #replayed(sequence: Begun, demands: Demands): readonly Placement[] | null {
    if (--this.#options.tries.left < 0 || this.#options.shouldStop()) throw new BudgetExceeded();
    const state = this.#empty();
    const again = [];
    for (const { task, team } of sequence) {
      again.push({ task, team, handsBefore: handsOf(state.tracks) });
      const placed = this.#place(state, demands, task, team);
      if ('later' in placed) return this.#mended(sequence, demands, placed);
    }
    return this.#extend(again, state, demands);
  }

  /** As early as every open task could start after what has been placed; null where one is too late. */
  #readyTimes(state: State, demands: Demands): Heads | null {
    const { tasks, order, crews } = this.#prepared;
    const starts = new Float64Array(tasks.length);
    const ends = new Float64Array(tasks.length);
    for (const index of order ?? []) {
      const task = tasks[index];
      if (task === undefined) continue;
      const placed = state.placements[index];
      if (placed) {
        starts[index] = placed.start;
        ends[index] = placed.end;
        continue;
      }
      let ready = Math.max(task.earliest, demands.notBefore[index] ?? 0);
      if (task.task.painters > 0) {
        const free = (crews[task.crew] ?? [])
          .map((painter) => state.tracks[painter]?.freeFrom ?? 0)
          .sort((one, other) => one - other);
        ready = Math.max(ready, free[task.task.painters - 1] ?? 0);
      }
      for (const wait of task.before) {
        const end = ends[wait.from] ?? 0;
        ready = Math.max(ready, wait.atLeast?.reach(end) ?? end);
      }
      const stretch = this.#bounds.hours.earliest(task, ready);
      if (stretch === null || stretch.start > (this.#latest[index] ?? 0)) return null;
      starts[index] = stretch.start;
      ends[index] = stretch.end;
    }
    return { starts, ends };
  }

  /** Everybody who could do a task; of painters who are alike in every way only the first. */
  #teams(task: PreparedTask, state: State): (readonly number[])[] {
    const size = task.task.painters;
    const choose = (from: number, left: number): number[][] =>
      left === 0
        ? [[]]
        : task.by
            .slice(from)
            .flatMap((painter, offset) => choose(from + offset + 1, left - 1).map((rest) => [painter, ...rest]));
    const seen = new Set<string>();
    return choose(0, size).filter((team) => {
      const name = team
        .map((painter) => this.#kindOf(painter, state))
        .sort()
        .join();
      if (seen.has(name)) return false;
      seen.add(name);
      return true;
    });
  }

  /** Painters of the same name have the same hours, have done the same so far, and may do the same. */
  #kindOf(painter: number, state: State): string {
    const { shifts } = this.#prepared;
    const alike = shifts.findIndex((other) => other === shifts[painter]);
    const crews = this.#prepared.crews.flatMap((crew, index) =>
      crew.length > 1 && crew.includes(painter) ? [index] : [],
    );
    return `${alike}:${crews.join('+')}:${state.tracks[painter]?.name ?? ''}`;
  }

  #place(
    state: State,
    demands: Demands,
    task: PreparedTask,
    team: readonly number[],
  ): Conflict | { ranOut: PreparedWait[]; delays: Conflict[] } {
    const shifts = this.#prepared.jointShifts(team);
    const fit = task.task.pausable && team.length === 1 ? fitPausing : fitWhole;
    const endOf = (wait: PreparedWait): number => state.placements[wait.from]?.end ?? 0;
    const delays: Conflict[] = [];
    let from = Math.max(task.earliest, demands.notBefore[task.index] ?? 0);
    for (const wait of task.before) from = Math.max(from, wait.atLeast?.reach(endOf(wait)) ?? endOf(wait));
    for (const painter of team) from = Math.max(from, state.tracks[painter]?.freeFrom ?? 0);
    for (;;) {
      const over = task.before.filter((wait) => wait.atMost?.passed(endOf(wait), from));
      /** It is too late for this task, unless something before it is made to start later. */
      const never = (): Conflict => ({
        later: [...over.map((wait) => this.#inTime(state, wait, from)), ...delays.flatMap(({ later }) => later)],
      });
      if (!(from <= (this.#latest[task.index] ?? 0))) return never();
      const forbidden = over.find((wait) => wait.lateWork === null || demands.inTime.has(wait));
      if (forbidden) return { later: [this.#inTime(state, forbidden, from), ...delays.flatMap(({ later }) => later)] };
      const work = task.task.work + over.reduce((sum, wait) => sum + (wait.lateWork ?? 0), 0);
      const place = team.length === 0 ? { start: from, end: from + work } : fit(shifts, from, work);
      if (place === null || place.end > (this.#tails.ends[task.index] ?? 0)) return never();
      const open = windowAt(task, place);
      if (open === null) return never();
      if (place.start > from || open > from) {
        from = Math.max(place.start, open);
        continue;
      }
      const setups = this.#setUp(state, task, team, from, delays);
      if (typeof setups === 'number') {
        if (setups === NEVER) return never();
        from = setups;
        continue;
      }
      const taken = this.#takenBy(task, place, state);
      const free = taken.reduce((start, entry) => Math.max(start, this.#freeFrom(state, entry, taken, place)), from);
      if (free === NEVER) return never();
      if (free > from) {
        from = free;
        continue;
      }
      return this.#settle(state, task, { ...place, painters: team, setups, late: over.length > 0 }, taken, {
        ranOut: over,
        delays,
      });
    }
  }

  /** From when on a wait's first task starts late enough for the wait not to run out before a start of its second. */
  #inTime(state: State, wait: PreparedWait, start: number): { task: number; notBefore: number } {
    const first = state.placements[wait.from]?.start ?? 0;
    const notBefore = inTimeFor(this.#prepared, wait, start) - mostLateWork(this.#prepared, wait.from);
    return { task: wait.from, notBefore: Math.max(first + 1, notBefore) };
  }

  /** From when on the task for which a set-up was made starts late enough for that to keep to a later start. */
  #inKeep(
    state: State,
    setup: PreparedSetup,
    { task, painter }: { task: number; painter: number },
    start: number,
  ): { task: number; notBefore: number } {
    const shifts = this.#prepared.shifts[painter] ?? [];
    const ended = setup.acrossShifts ? -1 : lastShiftEnd(shifts, start);
    return { task, notBefore: Math.max((state.placements[task]?.start ?? 0) + 1, start - setup.keeps, ended + 1) };
  }

  /** Writes a placement into the state, unless what it takes up lies in the way of something by then. */
  #settle(
    state: State,
    task: PreparedTask,
    placement: Placement,
    taken: readonly Taken[],
    choices: { ranOut: PreparedWait[]; delays: Conflict[] },
  ): Conflict | { ranOut: PreparedWait[]; delays: Conflict[] } {
    const { start, end, painters } = placement;
    const longer = state.taken.filter(({ hold, until }) => hold?.until === task.index && until < start);
    state.taken = state.taken.map((entry) => (entry.hold?.until === task.index ? { ...entry, until: start } : entry));
    for (const entry of longer) {
      const conflict = this.#conflict(state, entry, start);
      if (conflict !== null) return conflict;
    }
    state.taken.push(...taken);
    state.placements[task.index] = placement;
    for (const painter of painters) {
      const setup = placement.setups.find((made) => made.painter === painter) ?? null;
      state.tracks[painter]?.add({ start, end, setup: task.setup, index: task.index }, setup);
    }
    return choices;
  }

  /** Who is in the way of a hold that lasts longer than it had to; one of them would have to begin after that tick. */
  #conflict(state: State, { space, until: low }: Taken, until: number): Conflict | null {
    const here = state.taken.filter((entry) => entry.space === space);
    const capacity = this.#prepared.capacities[space] ?? 0;
    const times = [low, ...here.map(({ from }) => from)].filter((time) => time >= low && time < until);
    for (const time of times.sort((one, other) => one - other)) {
      const there = here.filter((entry) => entry.from <= time && time < entry.until);
      if (there.reduce((sum, { slots }) => sum + slots, 0) <= capacity) continue;
      const later = there.flatMap(({ by, hold }) => {
        const other = this.#prepared.tasks[by];
        const start = state.placements[by]?.start;
        if (other === undefined || start === undefined) return [];
        const length =
          hold === null ? 0 : other.task.pausable ? Infinity : other.task.work + mostLateWork(this.#prepared, by);
        return [{ task: by, notBefore: Math.max(start + 1, time + 1 - length) }];
      });
      return { later };
    }
    return null;
  }

  /** What a task takes where it stands: its own places, and those of what it leaves behind, for as long as that has to lie. */
  #takenBy(task: PreparedTask, { start, end }: { start: number; end: number }, state: State): Taken[] {
    return [
      ...task.spaces.map((use) => ({ ...use, from: start, until: end, by: task.index, hold: null })),
      ...task.opens.map((hold) => {
        const next = this.#prepared.tasks[hold.until];
        const ready = (next?.before ?? []).reduce((latest, wait) => {
          const last = wait.from === task.index ? end : state.placements[wait.from]?.end;
          return last === undefined ? latest : Math.max(latest, wait.atLeast?.reach(last) ?? last);
        }, end);
        const stretch = next && ready < Infinity ? this.#bounds.hours.earliest(next, ready) : null;
        const until = stretch?.start ?? this.#prepared.problem.horizon;
        return { space: hold.space, slots: hold.slots, from: end, until, by: task.index, hold };
      }),
    ];
  }

  /** The first start at which there is room for something that would be taken; {@link NEVER} if there never is. */
  #freeFrom(state: State, entry: Taken, own: readonly Taken[], place: { start: number }): number {
    const capacity = this.#prepared.capacities[entry.space] ?? 0;
    if (entry.slots > capacity) return NEVER;
    if (entry.until <= entry.from) return place.start;
    // What this very task takes up is given back when it starts.
    const here = state.taken.filter((other) => other.space === entry.space && other.hold?.until !== entry.by);
    // What else it takes there goes along with it.
    const along = own.filter((other) => other !== entry && other.space === entry.space);
    const room = capacity - entry.slots;
    const times = [entry.from, ...here.map(({ from }) => from), ...along.map(({ from }) => from)].filter(
      (time) => time >= entry.from && time < entry.until,
    );
    const isAt = (time: number) => (other: Taken) => other.from <= time && time < other.until;
    for (const time of times.sort((one, other) => one - other)) {
      const there = here.filter(isAt(time));
      const slots = [...there, ...along.filter(isAt(time))].reduce((sum, other) => sum + other.slots, 0);
      if (slots <= room) continue;
      if (there.length === 0) return NEVER;
      return place.start + Math.min(...there.map(({ until }) => until)) - entry.from;
    }
    return place.start;
  }

  /**
   * The set-ups of a team for a start, or the later tick at which all can be set up. One that fits into idle time is
   * made anew: later is never worse. Where one that was made does not keep, it may have been made too early; `delays`
   * are told of that.
   */
  #setUp(
    state: State,
    task: PreparedTask,
    team: readonly number[],
    start: number,
    delays: Conflict[],
  ): { painter: number; start: number; end: number }[] | number {
    const made: { painter: number; start: number; end: number }[] = [];
    if (task.setup === null) return made;
    for (const painter of team) {
      const track = state.tracks[painter];
      if (track === undefined) return NEVER;
      const ready = track.readyAt(task.setup, start, true);
      if (track.outlived >= 0) {
        delays.push({ later: [this.#inKeep(state, task.setup, { task: track.outlived, painter }, start)] });
      }
      if (ready > start) return ready;
      if (track.setupEnd >= 0) made.push({ painter, start: track.setupStart, end: track.setupEnd });
    }
    return made;
  }
}

function copied({ placements, tracks, taken }: State): State {
  return { placements: [...placements], tracks: tracks.map((track) => track.copy()), taken };
}

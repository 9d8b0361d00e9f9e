import { TroubleCount } from '../trouble.ts';
import { isMoved, MOVED_MINUTES, type KeptPlan } from './kept-plan.ts';
import type { Prepared } from './prepared.ts';
import type { NextWork, PainterTrack } from './painter-track.ts';
import type { Stretch } from './stretch.ts';

/** How much of what a wait takes in the schedule is counted with: it may be shorter at another time of the day. */
const SURE = 0.9;

/** As early as each task of a stretch can begin for what it follows, there and outside. */
export function earliestStarts(stretch: Stretch): Int32Array {
  const { tasks } = stretch;
  const ends = new Int32Array(tasks.length);
  return Int32Array.from(stretch.follows(), (follows, number) => {
    const { task, release = 0 } = tasks[number] ?? {};
    const start = follows.reduce(
      (most, { from, lag }) => Math.max(most, (ends[from] ?? 0) + Math.floor(SURE * lag)),
      release,
    );
    ends[number] = start + (task?.task.work ?? 0);
    return start;
  });
}

/**
 * A quick look at an order of a stretch: hands, hours, tools, waits and deadlines, but neither places nor weather. Most orders
 * that can't be built are found out here, in a fraction of the time.
 */
export class StretchSketch {
  readonly #prepared: Prepared;
  readonly #count: TroubleCount;
  readonly #works: Int32Array;
  readonly #releases: Int32Array;
  readonly #deadlines: Int32Array;
  readonly #kinds: Int32Array;
  readonly #places: Int32Array;
  readonly #dries: Float64Array;
  readonly #tools: Int32Array;
  readonly #isPausable: Uint8Array;
  /** What each task follows, one after another, and how long after that it begins. */
  readonly #firsts: Int32Array;
  readonly #from: Int32Array;
  readonly #lags: Int32Array;
  readonly #teams: readonly (readonly number[])[];
  /** Hours by painter, and by task of a team: opening and closing in turns. */
  readonly #hours: readonly Int32Array[];
  readonly #teamHours: readonly (Int32Array | null)[];
  readonly #begins: Int32Array;
  readonly #toolsBefore: Int32Array;
  /** By painter, what is in hand at the end of what the stretch was, and what comes then. */
  readonly #next: readonly { tool: number; work: NextWork }[];
  /** By set-up, whether it may be made on the eve. */
  readonly #isSetUpByNight: readonly boolean[];
  readonly #placesBefore: readonly number[];
  readonly #ends: Int32Array;
  readonly #free: Int32Array;
  readonly #inHand: Int32Array;
  readonly #kept: KeptPlan | null;
  readonly #indices: Int32Array;

  constructor(stretch: Stretch) {
    const { tasks, prepared, frame } = stretch;
    this.#prepared = prepared;
    this.#kept = stretch.kept;
    this.#indices = Int32Array.from(tasks, ({ task }) => task.index);
    this.#count = new TroubleCount(prepared.problem);
    this.#works = Int32Array.from(tasks, ({ task }) => task.task.work);
    this.#releases = Int32Array.from(tasks, ({ release }) => release);
    this.#deadlines = Int32Array.from(tasks, ({ deadline }) => deadline);
    this.#kinds = Int32Array.from(tasks, ({ task }) => task.kind);
    this.#places = Int32Array.from(tasks, ({ task }) => task.place);
    this.#dries = Float64Array.from(tasks, ({ task }) => task.dries);
    this.#tools = Int32Array.from(tasks, ({ task }) => task.setup?.index ?? NONE);
    this.#isPausable = Uint8Array.from(tasks, ({ task }) => (task.task.pausable ? 1 : 0));
    const waits = stretch.follows();
    const firsts = new Int32Array(tasks.length + 1);
    waits.forEach((list, at) => (firsts[at + 1] = (firsts[at] ?? 0) + list.length));
    this.#firsts = firsts;
    this.#from = Int32Array.from(waits.flat(), ({ from }) => from);
    this.#lags = Int32Array.from(waits.flat(), ({ lag }) => Math.floor(SURE * lag));
    this.#teams = tasks.map(({ painters }) => painters);
    this.#hours = prepared.shifts.map((_shifts, painter) =>
      Int32Array.from(stretch.hoursOf(prepared.crews[painter] ?? []).flat()),
    );
    this.#teamHours = tasks.map(({ painters }) =>
      painters.length > 1 ? Int32Array.from(stretch.hoursOf(painters).flat()) : null,
    );
    this.#begins = Int32Array.from(frame.tracks, ({ freeFrom }) => freeFrom);
    const toolOf = (track: PainterTrack): number => prepared.setups.findIndex((setup) => track.isSetUpFor(setup));
    this.#toolsBefore = Int32Array.from(frame.tracks, toolOf);
    this.#next = frame.next.map(({ track, work }) => ({ tool: toolOf(track), work }));
    this.#isSetUpByNight = prepared.setups.map(({ acrossShifts }) => acrossShifts);
    this.#placesBefore = frame.places;
    this.#ends = new Int32Array(tasks.length);
    this.#free = new Int32Array(prepared.shifts.length);
    this.#inHand = new Int32Array(prepared.shifts.length);
  }

  /** About how much an order disturbs, in painter-minutes; `Infinity` where something would be too late. */
  trouble(order: ArrayLike<number>, hands: ArrayLike<number>): number {
    const count = this.#count.reset();
    const { setups } = this.#prepared;
    this.#free.set(this.#begins);
    this.#inHand.set(this.#toolsBefore);
    for (let painter = 0; painter < this.#placesBefore.length; painter++)
      count.standsAt(painter, this.#placesBefore[painter] ?? NONE);
    let moved = 0;
    for (let at = 0; at < order.length; at++) {
      const number = order[at] ?? 0;
      const own = hands[number] ?? NONE;
      const team = own >= 0 ? (this.#prepared.crews[own] ?? []) : (this.#teams[number] ?? []);
      const tool = this.#tools[number] ?? NONE;
      let start = this.#releases[number] ?? 0;
      for (let wait = this.#firsts[number] ?? 0, last = this.#firsts[number + 1] ?? 0; wait < last; wait++) {
        const ready = (this.#ends[this.#from[wait] ?? 0] ?? 0) + (this.#lags[wait] ?? 0);
        if (ready > start) start = ready;
      }
      for (let each = 0; each < team.length; each++) {
        const painter = team[each] ?? 0;
        const inHand = this.#inHand[painter] ?? NONE;
        const setUp = tool < 0 || tool === inHand ? 0 : this.#setUpWork(tool, inHand);
        const free = (this.#free[painter] ?? 0) + setUp;
        if (free > start) start = free;
      }
      const hours = (own >= 0 ? this.#hours[own] : (this.#teamHours[number] ?? this.#hours[team[0] ?? 0])) ?? NO_HOURS;
      const work = this.#works[number] ?? 0;
      const isPausable = team.length === 1 && this.#isPausable[number] === 1;
      start = fit(hours, start, isPausable ? 1 : work);
      if (tool >= 0 && !this.#isSetUpByNight[tool])
        start = this.#setUpByDay(tool, team, hours, start, isPausable ? 1 : work);
      const end = start + work;
      if (end > (this.#deadlines[number] ?? 0)) return Infinity;
      this.#ends[number] = end;
      if (this.#kept !== null && isMoved(this.#kept, this.#indices[number] ?? 0, start, team)) moved++;
      for (let each = 0; each < team.length; each++) {
        const painter = team[each] ?? 0;
        this.#free[painter] = end;
        const inHand = this.#inHand[painter] ?? NONE;
        if (tool >= 0 && tool !== inHand) {
          count.addSetup(painter, 0, this.#setUpWork(tool, inHand), setups[tool]?.mixes ?? false);
          this.#inHand[painter] = tool;
        }
        count.addWork(
          painter,
          start,
          work,
          this.#kinds[number] ?? 0,
          this.#places[number] ?? NONE,
          this.#dries[number],
        );
      }
    }
    return this.#leadsOn() ? count.total().minutes + MOVED_MINUTES * moved : Infinity;
  }

  /** The first start from one on before which a team can set up in the same shift. */
  #setUpByDay(tool: number, team: readonly number[], hours: Int32Array, from: number, work: number): number {
    let start = from;
    for (let each = 0; each < team.length; each++) {
      const painter = team[each] ?? 0;
      const inHand = this.#inHand[painter] ?? NONE;
      if (inHand === tool) continue;
      const opens = opening(hours, start);
      const setUp = this.#setUpWork(tool, inHand);
      if (start - setUp < opens) start = fit(hours, opens + setUp, work);
    }
    return start;
  }

  #setUpWork(tool: number, inHand: number): number {
    const setup = this.#prepared.setups[tool];
    return (inHand < 0 ? setup?.work : setup?.after[inHand]) ?? 0;
  }

  /** Whether everybody can go on with what comes after the stretch. */
  #leadsOn(): boolean {
    for (let painter = 0; painter < this.#next.length; painter++) {
      const next = this.#next[painter];
      if (next === undefined) continue;
      const { tool, work } = next;
      const inHand = this.#inHand[painter] ?? NONE;
      if ((this.#free[painter] ?? 0) > work.next) return false;
      if (work.setup === null || inHand === tool) continue;
      if (work.made === null || this.#setUpWork(work.setup.index, inHand) !== this.#setUpWork(work.setup.index, tool))
        return false;
    }
    return true;
  }
}

const NONE = -1;
/** Later than any tick. */
const NEVER = 2 ** 30;
const NO_HOURS = new Int32Array();

/** The first start from a tick on of something that lies in one interval. */
function fit(hours: Int32Array, from: number, work: number): number {
  for (let at = 0; at < hours.length; at += 2) {
    const start = Math.max(from, hours[at] ?? 0);
    if (start + work <= (hours[at + 1] ?? 0)) return start;
  }
  return NEVER;
}

/** When the interval opens in which a tick lies. */
function opening(hours: Int32Array, tick: number): number {
  let opens = 0;
  for (let at = 0; at < hours.length && (hours[at] ?? 0) <= tick; at += 2) opens = hours[at] ?? 0;
  return opens;
}

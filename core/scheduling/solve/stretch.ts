import { TroubleCount, turnsOf } from '../trouble.ts';
import { fitPausing, fitWhole, type Shifts } from './calendar.ts';
import { isMoved, MOVED_MINUTES, type KeptPlan } from './kept-plan.ts';
import { teamSetups, type PainterTrack } from './painter-track.ts';
import { firstOpening, type Placement } from './placement.ts';
import type { Prepared } from './prepared.ts';
import type { Profile } from './profile.ts';
import {
  croppedTo,
  frameOf,
  type StretchEntry,
  type StretchFrame,
  type StretchSpan,
  type TurnedAround,
} from './stretch-frame.ts';

/** That others have to give up their places first. */
const FULL = 'full';
/** How many may wait for that at once before others of the same hands pass them, and at most. */
const FEW_WAITING = 4;
const MAX_WAITING = 16;
const NO_SETUPS: Placement['setups'] = [];
/** How much a tick counts by which a task is done sooner, in minutes of trouble: what is early can move. */
const SOONER = 0.0005;

/** How far a stretch was built before a position of its order. */
interface Mark {
  position: number;
  profiles: readonly Profile[];
  tracks: readonly PainterTrack[];
  openWaits: Int32Array;
  starts: Int32Array;
  ends: Int32Array;
  placed: readonly (Placement | null)[];
  turn: readonly number[];
}

/** An order that was built, with what it takes to build another one from where it begins to differ. */
interface Built {
  order: ArrayLike<number>;
  hands: ArrayLike<number>;
  marks: readonly Mark[];
}

/** What may be asked of an order that is built. */
export interface Asked {
  /** By so many ticks everything is to end sooner than it must. */
  sooner?: number;
  /** Whether it is only tried: it is not to be remembered. */
  isTried?: boolean;
}

const NOTHING_ASKED: Asked = {};

/** Positions of the order from one mark to the next. */
const MARK_EVERY = 24;

/**
 * Some days of a schedule whose work may go in another order, while all that begins before and after stays where it is.
 * What is built keeps every rule, together with all that stays.
 */
export class Stretch {
  readonly prepared: Prepared;
  readonly frame: StretchFrame;
  readonly kept: KeptPlan | null;
  readonly #until: number;
  readonly #hours = new Map<readonly number[], Shifts>();
  readonly #from: number;
  readonly #end: number;
  #profiles: readonly Profile[];
  readonly #starts: Int32Array;
  readonly #ends: Int32Array;
  readonly #openWaits: Int32Array;
  readonly #placed: (Placement | null)[];
  #tracks: PainterTrack[] = [];
  readonly #count: TroubleCount;
  /** How often something has given up its place, over all builds; and per task, when it found none. */
  #closings = 0;
  readonly #refused: Int32Array;
  /** Per task, those who do it where nobody else is named, as bits. */
  readonly #teamBits: Int32Array;
  #sooner = 0;
  /** Tasks in the order in which they were placed. */
  #turn: number[] = [];
  #marks: Mark[] = [];
  #last: Built | null = null;
  #known: Built | null = null;

  constructor(prepared: Prepared, placements: readonly (Placement | null)[], span: StretchSpan) {
    this.prepared = prepared;
    const frame = frameOf(prepared, placements, span);
    this.frame = frame;
    this.#from = span.from;
    this.#count = new TroubleCount(prepared.problem);
    this.#until = span.until;
    this.kept = span.kept ?? null;
    this.#end = frame.entries.reduce((last, { deadline }) => Math.max(last, deadline), span.until);
    this.#profiles = frame.profiles;
    this.#starts = new Int32Array(frame.entries.length);
    this.#ends = new Int32Array(frame.entries.length);
    this.#openWaits = new Int32Array(frame.entries.length);
    this.#refused = new Int32Array(frame.entries.length).fill(-1);
    this.#teamBits = Int32Array.from(frame.entries, ({ painters }) =>
      painters.reduce((bits, painter) => bits | (1 << painter), 0),
    );
    this.#placed = new Array<Placement | null>(frame.entries.length).fill(null);
  }

  /** Tasks that take hands, by their numbers. */
  get tasks(): readonly StretchEntry[] {
    return this.frame.entries.slice(0, this.frame.count);
  }

  /** By task, those of the stretch that it follows at once or by moments between, and how long after each it begins at first. */
  follows(): { from: number; lag: number }[][] {
    const { entries, count } = this.frame;
    return entries.slice(0, count).map((entry) => {
      const found = new Map<number, number>();
      const look = ({ before }: StretchEntry, then: number): void => {
        for (const { from, atLeast } of before) {
          const first = entries[from];
          if (first === undefined) continue;
          const lag = then + (atLeast === null ? 0 : atLeast.reach(first.end) - first.end);
          if (from >= count) look(first, lag);
          else found.set(from, Math.max(found.get(from) ?? 0, lag));
        }
      };
      look(entry, 0);
      return [...found].map(([from, lag]) => ({ from, lag }));
    });
  }

  /**
   * Builds the stretch in an order of its tasks, each by its hands as early as it can be after what those did before; what has
   * no place before others of the same hands are done lets them pass. False where something is too late or finds no place.
   * What is as in the order that is remembered is not built again.
   */
  build(
    order: ArrayLike<number>,
    hands: ArrayLike<number>,
    { sooner = 0, isTried = false }: Asked = NOTHING_ASKED,
  ): boolean {
    const { next } = this.frame;
    this.#sooner = sooner;
    this.#marks = [];
    this.#last = { order, hands, marks: this.#marks };
    this.#closings++;
    const waiting: number[] = [];
    for (let at = this.#resume(this.#last); at < order.length; at++) {
      if (!isTried && waiting.length === 0 && at % MARK_EVERY === 0 && this.#marks.at(-1)?.position !== at)
        this.#marks.push(this.#mark(at));
      const number = order[at] ?? -1;
      // Mostly nothing waits, and the next one finds its place at once.
      const taken = waiting.length === 0 ? this.#take(number, this.#teamOf(number, hands)) : FULL;
      if (taken === null) return false;
      if (taken !== FULL) continue;
      waiting.push(number);
      if (waiting.length > 1 && !this.#takeAll(waiting, hands)) return false;
      if (waiting.length <= FEW_WAITING) continue;
      if (waiting.length > MAX_WAITING || !this.#takeAll(waiting, hands, true)) return false;
    }
    for (let left = Infinity; waiting.length > 0; left = waiting.length) {
      if (waiting.length === left || !this.#takeAll(waiting, hands, true)) return false;
    }
    // What lay somewhere before was counted there to the end of the stretch; what leaves later than others come is found now.
    if (this.#profiles.some((profile) => profile.isOverfull)) return false;
    return next.every(({ track, work }, painter) => this.#tracks[painter]?.leadsTo(track, work));
  }

  /**
   * Places what can be of some tasks, each after what the same hands do before, unless it passes that; false where one is
   * too late.
   */
  #takeAll(waiting: number[], hands: ArrayLike<number>, passes = false): boolean {
    let busy = 0;
    for (let at = 0; at < waiting.length; at++) {
      const number = waiting[at] ?? -1;
      const own = this.#bitsOf(number, hands);
      const taken = passes || (own & busy) === 0 ? this.#take(number, this.#teamOf(number, hands)) : FULL;
      if (taken === null) return false;
      if (taken === FULL) {
        busy |= own;
        continue;
      }
      waiting.splice(at, 1);
      // What is placed may make room for what waits.
      at = -1;
      busy = 0;
    }
    return true;
  }

  /** Places a task for a team, or has it wait until others have given up their places; null where it is too late. */
  #take(number: number, team: readonly number[]): Placement | typeof FULL | null {
    const entry = this.frame.entries[number];
    if (entry === undefined) return null;
    if ((this.#openWaits[number] ?? 0) > 0) return FULL;
    // What found no place finds none until something has given up its own.
    if (this.#refused[number] === this.#closings) return FULL;
    const placement = this.#find(entry, team);
    if (placement === FULL) this.#refused[number] = this.#closings;
    if (placement === null || placement === FULL) return placement;
    if (!this.#place(number, entry, placement)) return null;
    const { start, end, setups } = placement;
    for (const painter of team) {
      const made = setups.find((each) => each.painter === painter) ?? null;
      this.#tracks[painter]?.add({ index: entry.task.index, start, end, setup: entry.task.setup }, made);
    }
    this.#turn.push(number);
    return placement;
  }

  /** Remembers what was built last, from which others will differ little; `order` is another one of which the same is built. */
  remember(order = this.#last?.order): void {
    if (this.#last !== null && order !== undefined) this.#known = { ...this.#last, order };
  }

  /** The order in which the tasks of the last build found their places: of it the same is built, and nothing waits. */
  placedOrder(): Int32Array {
    return Int32Array.from(this.#turn);
  }

  #teamOf(number: number, hands: ArrayLike<number>): readonly number[] {
    const own = hands[number] ?? -1;
    return (own >= 0 ? this.prepared.crews[own] : this.frame.entries[number]?.painters) ?? [];
  }

  /** The same as bits, of up to 31 painters. */
  #bitsOf(number: number, hands: ArrayLike<number>): number {
    const own = hands[number] ?? -1;
    return own >= 0 ? 1 << own : (this.#teamBits[number] ?? 0);
  }

  /** Goes back to where an order begins to differ from the one that is remembered; answers from which position on it is to be built. */
  #resume({ order, hands }: Built): number {
    const { entries, tracks, profiles } = this.frame;
    const known = this.#known;
    let alike = 0;
    if (known !== null)
      for (; alike < order.length; alike++) {
        const number = order[alike] ?? 0;
        if (number !== known.order[alike] || hands[number] !== known.hands[number]) break;
      }
    const at = known?.marks.findLastIndex(({ position }) => position <= alike) ?? -1;
    const mark = known?.marks[at];
    if (mark === undefined) {
      this.#profiles = profiles.map((profile) => profile.copy());
      this.#tracks = tracks.map((track) => track.copy());
      for (let index = 0; index < entries.length; index++) this.#openWaits[index] = entries[index]?.before.length ?? 0;
      this.#turn = [];
      return 0;
    }
    if (known !== null) this.#marks.push(...known.marks.slice(0, at + 1));
    this.#profiles = mark.profiles.map((profile) => profile.copy());
    this.#tracks = mark.tracks.map((track) => track.copy());
    this.#openWaits.set(mark.openWaits);
    this.#starts.set(mark.starts);
    this.#ends.set(mark.ends);
    this.#placed.splice(0, mark.placed.length, ...mark.placed);
    this.#turn = [...mark.turn];
    return mark.position;
  }

  #mark(position: number): Mark {
    return {
      position,
      profiles: this.#profiles.map((profile) => profile.copy()),
      tracks: this.#tracks.map((track) => track.copy()),
      openWaits: this.#openWaits.slice(),
      starts: this.#starts.slice(),
      ends: this.#ends.slice(),
      placed: [...this.#placed],
      turn: [...this.#turn],
    };
  }

  /** When each task ends in what was built last. */
  endTimes(): Int32Array {
    return this.#ends.slice(0, this.frame.count);
  }

  /** When what was built last is all done, and all ends added up. */
  ends(): { finish: number; sum: number } {
    let [finish, sum] = [0, 0];
    for (let number = 0; number < this.frame.count; number++) {
      const end = this.#ends[number] ?? 0;
      if (end > finish) finish = end;
      sum += end;
    }
    return { finish, sum };
  }

  /** Trouble of the last build in painter-minutes, moved tasks included; only to compare orders. */
  trouble(): number {
    const { entries, places, turned } = this.frame;
    const count = this.#count.reset();
    places.forEach((place, painter) => count.standsAt(painter, place));
    let [ends, moved] = [0, 0];
    for (const number of this.#turn) {
      const { task } = entries[number] ?? {};
      const placement = this.#placed[number];
      if (task === undefined || placement == null) continue;
      const { start, end, painters, setups } = placement;
      for (const made of setups) count.addSetup(made.painter, made.start, made.end, task.setup?.mixes ?? false);
      const work = task.task.pausable ? task.task.work : end - start;
      for (const painter of painters) count.addWork(painter, start, work, task.kind, task.place, task.dries);
      ends += end;
      if (this.kept !== null && isMoved(this.kept, task.index, start, painters)) moved++;
    }
    for (const each of turned) count.addTurns(this.#turns(each));
    return count.total().minutes + MOVED_MINUTES * moved + SOONER * ends;
  }

  /** Where tasks and moments stand that were built last, by their numbers. */
  placements(): readonly (Placement | null)[] {
    return this.#placed.slice();
  }

  /** The same by their indices in the schedule. */
  built(): { index: number; placement: Placement }[] {
    return this.frame.entries.flatMap(({ task: { index } }, at) => {
      const placement = this.#placed[at];
      return placement ? [{ index, placement }] : [];
    });
  }

  #turns({ sharing, clearing, isShared, clearsNext }: TurnedAround): number {
    if (clearing.length === 0 && !clearsNext) return 0;
    const startsOf = (list: readonly number[]): number[] => list.map((number) => this.#starts[number] ?? 0);
    const shared = Float64Array.from(isShared ? [-1, ...startsOf(sharing)] : startsOf(sharing)).sort();
    const cleared = Float64Array.from(startsOf(clearing)).sort();
    const goesOn = shared.length > 0 && (shared.at(-1) ?? 0) >= (cleared.at(-1) ?? -Infinity);
    return turnsOf(shared, cleared) + (clearsNext && goesOn ? 1 : 0);
  }

  #readyAt({ release, before }: StretchEntry): number {
    let ready = release;
    for (const { from, atLeast } of before) {
      const end = this.#ends[from] ?? 0;
      const over = atLeast === null ? end : atLeast.reach(end);
      if (over > ready) ready = over;
    }
    return ready;
  }

  /** The hours of a team, as far as they count here. */
  hoursOf(team: readonly number[]): Shifts {
    let hours = this.#hours.get(team);
    if (hours === undefined) {
      hours = croppedTo(this.prepared.jointShifts(team), this.#from, this.#end);
      this.#hours.set(team, hours);
    }
    return hours;
  }

  #find(entry: StretchEntry, team: readonly number[]): Placement | typeof FULL | null {
    const { task, deadline } = entry;
    const hours = this.hoursOf(team);
    const fit = task.task.pausable && team.length === 1 ? fitPausing : fitWhole;
    let from = this.#readyAt(entry);
    for (const painter of team) from = Math.max(from, this.#tracks[painter]?.freeFrom ?? 0);
    for (;;) {
      let work = task.task.work;
      let late = false;
      for (const { from: first, end, atMost, lateWork } of entry.limits) {
        if (!atMost.passed(first < 0 ? end : (this.#ends[first] ?? 0), from)) continue;
        if (lateWork === null) return null;
        work += lateWork;
        late = true;
      }
      const place = fit(hours, from, work);
      if (place === null || place.end > deadline - this.#sooner) return null;
      if (place.start > from) {
        from = place.start;
        continue;
      }
      const open = firstOpening(entry.window, place);
      if (open === null) return null;
      if (open > from) {
        from = open;
        continue;
      }
      const setups = teamSetups(this.#tracks, team, task.setup, from);
      if (typeof setups === 'number') {
        from = setups;
        continue;
      }
      const free = this.#spaceFree(entry, place);
      if (free === null) return FULL;
      if (free > from) {
        from = free;
        continue;
      }
      return { start: place.start, end: place.end, painters: team, setups, late };
    }
  }

  /** The first start at which there is place for a task and for what it leaves behind; null if never. */
  #spaceFree({ uses, leaves }: StretchEntry, { start, end }: { start: number; end: number }): number | null {
    for (const { profile, slots, credit } of uses) {
      const free = this.#profiles[profile]?.earliestFree(start, end - start, slots, credit) ?? null;
      if (free === null || free >= this.#until) return null;
      if (free > start) return free;
    }
    for (const { profile, needs, until } of leaves) {
      if (until <= end) continue;
      const free = this.#profiles[profile]?.earliestFree(end, until - end, needs) ?? null;
      // What would have place only after the stretch has it sooner, once others have given theirs up.
      if (free === null || free >= this.#until) return null;
      if (free > end) return start + free - end;
    }
    return start;
  }

  /** Puts a task where it was found, and the moments that follow; false where that breaks a rule of what comes after. */
  #place(number: number, entry: StretchEntry, placement: Placement): boolean {
    const { start, end } = placement;
    this.#starts[number] = start;
    this.#ends[number] = end;
    this.#placed[number] = placement;
    for (const { profile, slots } of entry.uses) this.#profiles[profile]?.take(start, end, slots);
    for (const hold of entry.closes) if (!this.#close(hold, start)) return false;
    for (const { profile, until, slots } of entry.opens) this.#profiles[profile]?.take(end, until, slots);
    for (const { start: then, atMost, hasPassed } of entry.limitsAfter)
      if (atMost.passed(end, then) !== hasPassed) return false;
    for (const next of entry.after) {
      const left = (this.#openWaits[next] ?? 0) - 1;
      this.#openWaits[next] = left;
      const moment = this.frame.entries[next];
      if (left > 0 || moment === undefined || !moment.isMoment) continue;
      const ready = this.#readyAt(moment);
      if (ready > moment.deadline - this.#sooner) return false;
      const placed = { start: ready, end: ready, painters: [], setups: NO_SETUPS, late: false };
      if (!this.#place(next, moment, placed)) return false;
    }
    return true;
  }

  /** Ends a hold where what ends it starts; false where it would lie there longer than there is place. */
  #close({ profile: at, slots, from }: StretchEntry['closes'][number], start: number): boolean {
    const profile = this.#profiles[at];
    this.#closings++;
    const until = Math.max(this.#until, from < 0 ? 0 : (this.#ends[from] ?? 0));
    if (profile === undefined || start === until) return true;
    if (start < until) {
      profile.take(start, until, -slots);
      return true;
    }
    if (start > (this.frame.lasts[at] ?? 0)) return false;
    if (profile.earliestFree(until, start - until, slots) !== until) return false;
    profile.take(until, start, slots);
    return true;
  }
}

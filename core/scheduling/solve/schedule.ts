import type { PlanCost } from '../plan.ts';
import { Commitments } from './commitments.ts';
import { fitPausing, fitWhole, fitWholeBefore } from './calendar.ts';
import { costOf } from './cost.ts';
import { openPlan } from './open-plan.ts';
import { NEVER, PainterTrack, teamSetups } from './painter-track.ts';
import { better, credit, teams, windowAt, type Answer, type Placement, type Refusal } from './placement.ts';
import type { Appointment, Prepared, PreparedTask } from './prepared.ts';
import { FOREVER, Profile } from './profile.ts';

/** How many more than a task needs are tried for its team. */
const SPARE_HANDS = 4;

const NO_SETUPS: Placement['setups'] = [];
const NOBODY: readonly number[] = [];

/** A schedule under construction. Tasks are added one by one; every addition keeps all rules but late waits of others. */
export class Schedule {
  readonly #prepared: Prepared;
  readonly #tracks: readonly PainterTrack[];
  readonly #profiles: readonly Profile[];
  /** Per crew and set-up, when one of them could start; -1 where nobody asked since somebody was given work. */
  readonly #nextFree: Float64Array;
  readonly #setupKinds: number;
  /** Per space, what was asked last since something was placed. */
  readonly #askedFree: ({ from: number; slots: number; free: number } | null)[];
  readonly starts: Int32Array;
  readonly ends: Int32Array;
  readonly placements: (Placement | null)[];
  /** Indices of tasks in the order in which they were placed. */
  readonly order: number[] = [];
  /** Per painter, how many of the appointments are over. */
  readonly #kept: Int32Array;
  /** Per task, whether places are kept for it. */
  readonly #reserved: Uint8Array;
  readonly #keepsPlaces: boolean;
  readonly #commitments: Commitments;

  /** `keepsPlaces`: whether slots are kept for what pinned tasks leave behind. */
  constructor(prepared: Prepared, keepsPlaces = false) {
    const { tasks, problem } = prepared;
    this.#prepared = prepared;
    this.#keepsPlaces = keepsPlaces;
    this.#commitments = new Commitments(prepared);
    this.#tracks = prepared.shifts.map((shifts) => new PainterTrack(shifts));
    this.#profiles = prepared.capacities.map((capacity) => new Profile(capacity));
    this.#setupKinds = problem.setups.length + 1;
    this.#nextFree = new Float64Array(prepared.crews.length * this.#setupKinds).fill(-1);
    this.#askedFree = prepared.capacities.map(() => null);
    this.starts = new Int32Array(tasks.length).fill(-1);
    this.ends = new Int32Array(tasks.length).fill(-1);
    this.placements = new Array<Placement | null>(tasks.length).fill(null);
    this.#kept = new Int32Array(prepared.shifts.length);
    this.#reserved = new Uint8Array(tasks.length);
    for (const task of tasks) if (task.isPinned) this.#reserve(task, 1);
  }

  /** Keeps places free for a pinned task and for what it leaves behind, or gives them back with −1. */
  #reserve(task: PreparedTask, sign: 1 | -1): void {
    this.#reserved[task.index] = sign === 1 ? 1 : 0;
    for (const { space, slots } of task.spaces) {
      // What is left somewhere for nobody knows how long would never find a place beside what is kept there.
      if (!this.#prepared.isHeld[space]) this.#profiles[space]?.take(task.earliest, task.latest, sign * slots);
    }
    if (!this.#keepsPlaces) return;
    for (const { space, needs } of task.leaves) {
      if (needs > 0) this.#profiles[space]?.take(task.latest, FOREVER, sign * needs);
    }
  }

  /** When a painter is free after all that was placed. */
  freeFrom(painter: number): number {
    return this.#tracks[painter]?.freeFrom ?? 0;
  }

  /** First tick at which the waits before a task are over; all its predecessors are placed. `Infinity` if never. */
  readyAt(task: PreparedTask): number {
    let ready = task.earliest;
    for (const wait of task.before) {
      const end = this.ends[wait.from] ?? 0;
      ready = Math.max(ready, wait.atLeast === null ? end : wait.atLeast.reach(end));
    }
    return ready;
  }

  /** First tick at or after `from` at which one of a crew works, and is free. */
  firstWorking(crew: number, from: number): number {
    let first = NEVER;
    for (const painter of this.#prepared.crews[crew] ?? []) {
      first = Math.min(first, this.#tracks[painter]?.firstFree(from) ?? NEVER);
    }
    return first;
  }

  /** A number for what {@link handsFree} answers: tasks of one crew and one tool share it. */
  handsFor({ setup }: PreparedTask, crew: number): number {
    return crew * this.#setupKinds + (setup === null ? 0 : setup.index + 1);
  }

  /** About when one of a crew has hands and tool for tasks, whatever they wait for. */
  handsFree(handsFor: number): number {
    const known = this.#nextFree[handsFor] ?? -1;
    return known >= 0 ? known : this.#askHands(handsFor);
  }

  #askHands(handsFor: number): number {
    const setup = this.#prepared.setups[(handsFor % this.#setupKinds) - 1];
    let first = NEVER;
    for (const painter of this.#prepared.crews[Math.floor(handsFor / this.#setupKinds)] ?? []) {
      const track = this.#tracks[painter];
      if (track === undefined) continue;
      const work = setup === undefined || track.isSetUpFor(setup) ? 0 : track.setupWork(setup);
      first = Math.min(first, track.firstFree(track.freeFrom + work));
    }
    this.#nextFree[handsFor] = first;
    return first;
  }

  /** Whether some painter of a crew was last set up for a task. */
  hasToolInHand({ setup }: PreparedTask, crew: number): boolean {
    if (setup === null) return false;
    for (const painter of this.#prepared.crews[crew] ?? []) {
      if (this.#tracks[painter]?.isSetUpFor(setup)) return true;
    }
    return false;
  }

  /** The space that has no room for what lies there after the task, until another hold ends; null when all have. */
  fullSpace(task: PreparedTask): number | null {
    const isKept = this.#keepsPlaces && this.#reserved[task.index] === 1;
    for (const { space, needs } of task.leaves) {
      const profile = this.#profiles[space];
      const kept = isKept ? Math.max(0, needs) : 0;
      if (profile && profile.takenForGood - kept + needs > profile.capacity) return space;
    }
    return null;
  }

  /** About when the places that a task itself needs are free, from a tick on. */
  placesFree(task: PreparedTask, from: number): number {
    let free = from;
    for (const { space, slots } of task.spaces) {
      const given = credit(task, space);
      const asked = this.#askedFree[space];
      // Many ask the same of one place between two placements.
      if (asked?.from === free && asked.slots === slots && given === 0) free = asked.free;
      else {
        const found = this.#profiles[space]?.earliestFree(free, 1, slots, given) ?? NEVER;
        if (given === 0) this.#askedFree[space] = { from: free, slots, free: found };
        free = found;
      }
    }
    return free;
  }

  /**
   * The earliest place from `from` on for a task whose predecessors are all placed, by one of a crew, or by as many of
   * them as it takes; of equal ones, the one with fewest set-ups.
   */
  find(task: PreparedTask, from: number, crew = task.crew): Answer {
    if (this.#reserved[task.index]) this.#reserve(task, -1);
    const ready = Math.max(from, this.readyAt(task));
    if (ready === Infinity) {
      const wait = task.before.find((before) => before.atLeast?.reach(this.ends[before.from] ?? 0) === Infinity);
      return { refused: wait ? { kind: 'never-dry', wait } : { kind: 'calendar' } };
    }
    const members = this.#prepared.crews[crew] ?? [];
    const size = task.task.painters;
    if (size === 0) return this.#findFor(task, NOBODY, ready);
    let best: Answer = { refused: { kind: 'calendar' } };
    if (size === 1) {
      let waited: Answer | null = null;
      let freeAfter = NEVER;
      for (const painter of members) {
        const answer = this.#findFor(task, this.#prepared.crews[painter] ?? [], ready);
        const after = 'refused' in answer && answer.refused.kind === 'appointment' ? answer.refused.until : NEVER;
        if (after < freeAfter) {
          waited = answer;
          freeAfter = after;
        } else best = better(best, answer);
      }
      // Waiting for somebody's appointment to be over can be sooner than waiting for somebody else.
      if (waited !== null && ('refused' in best || freeAfter < best.placed.start)) return waited;
    } else {
      for (const team of teams(this.#likeliest(members, size), size)) {
        best = better(best, this.#findFor(task, team, ready));
      }
    }
    return best;
  }

  /** Of a large crew, for a task of several, those who are free first: all ways to team up would be too many to try. */
  #likeliest(by: readonly number[], size: number): readonly number[] {
    if (by.length <= size + SPARE_HANDS) return by;
    const freeFrom = (painter: number): number => this.#tracks[painter]?.freeFrom ?? 0;
    return [...by].sort((one, other) => freeFrom(one) - freeFrom(other) || one - other).slice(0, size + SPARE_HANDS);
  }

  #findFor(task: PreparedTask, team: readonly number[], ready: number): Answer {
    const shifts = this.#prepared.jointShifts(team);
    // Several painters stop together only where all their shifts do; so together they do not pause.
    const fit = task.task.pausable && team.length === 1 ? fitPausing : fitWhole;
    let from = ready;
    for (const painter of team) from = Math.max(from, this.#tracks[painter]?.freeFrom ?? 0);
    for (;;) {
      const late = this.#lateWork(task, from);
      if (late === null) return { refused: this.#tooLate(task, from) };
      const work = task.task.work + late;
      const place = team.length === 0 ? { start: from, end: from + work } : fit(shifts, from, work);
      if (place === null) return { refused: { kind: 'calendar' } };
      if (place.start > from) {
        from = place.start;
        continue;
      }
      if (place.end > task.latest) return { refused: { kind: 'latest', end: place.end } };
      const first =
        this.#appointmentBefore(task, team, place) ??
        this.#commitments.brokenBy(task, team, place.end, (painter) => this.#tracks[painter]?.freeFrom ?? 0);
      if (first !== null) return { refused: { kind: 'appointment', ...first } };
      const open = windowAt(task, place);
      if (open === null) return { refused: { kind: 'window' } };
      if (open > from) {
        from = open;
        continue;
      }
      const setups = teamSetups(this.#tracks, team, task.setup, from);
      if (typeof setups === 'number') {
        if (setups === NEVER) return { refused: { kind: 'calendar' } };
        from = setups;
        continue;
      }
      const free = this.#spaceFree(task, place);
      if (typeof free !== 'number') return { refused: free };
      if (free > from) {
        from = free;
        continue;
      }
      return { placed: { start: place.start, end: place.end, painters: team, setups, late: this.#isLate(task, from) } };
    }
  }

  /** Gives up what has to follow in time; whether there was anything. */
  forgetCommitments(): boolean {
    return this.#commitments.forget();
  }

  /** An appointment of somebody in a team that has no place yet and would not be kept if the task went on until `end`. */
  #appointmentBefore(
    task: PreparedTask,
    team: readonly number[],
    { start, end }: { start: number; end: number },
  ): { task: number; until: number } | null {
    for (const painter of team) {
      const next = this.#prepared.appointments[painter]?.[this.#kept[painter] ?? 0];
      if (next === undefined || next.task === task.index) continue;
      if (end > next.start || end > this.#freeUntil(painter, next, task, start)) {
        return { task: next.task, until: this.#freeAfter(painter) };
      }
    }
    return null;
  }

  /** Until when a painter may do a task, if the tool of the next appointment has to be set up after it. */
  #freeUntil(painter: number, { task: index, start }: Appointment, task: PreparedTask, begins: number): number {
    const setup = this.#prepared.tasks[index]?.setup ?? null;
    const track = this.#tracks[painter];
    if (setup === null || track === undefined || setup === task.setup) return start;
    if (task.setup === null && (track.isSetUpFor(setup) || track.isSetUpBefore(setup, begins, start))) return start;
    const work = task.setup === null ? track.setupWork(setup) : (setup.after[task.setup.index] ?? setup.work);
    return fitWholeBefore(track.shifts, start, work) ?? 0;
  }

  /** First tick at which a painter works after the next appointment. */
  #freeAfter(painter: number): number {
    const next = this.#prepared.appointments[painter]?.[this.#kept[painter] ?? 0];
    return this.#tracks[painter]?.firstFree(next?.end ?? 0) ?? NEVER;
  }

  /** What waits that have run out add to the work when the task starts at `start`; null when one must not run out. */
  #lateWork(task: PreparedTask, start: number): number | null {
    let work = 0;
    for (const wait of task.before) {
      if (wait.atMost === null || !wait.atMost.passed(this.ends[wait.from] ?? 0, start)) continue;
      if (wait.lateWork === null) return null;
      work += wait.lateWork;
    }
    return work;
  }

  #isLate(task: PreparedTask, start: number): boolean {
    return task.before.some((wait) => wait.atMost?.passed(this.ends[wait.from] ?? 0, start));
  }

  #tooLate(task: PreparedTask, start: number): Refusal {
    const wait = task.before.find(
      (before) => before.lateWork === null && before.atMost?.passed(this.ends[before.from] ?? 0, start),
    );
    return wait ? { kind: 'too-late', wait, earliest: start } : { kind: 'calendar' };
  }

  /**
   * Whether what a task obliges to could follow in time if the task were placed so, for all that stands by now: the way
   * from it to that is gone through, each step as soon as its waits are over and there are place and hands.
   */
  canFollow(task: PreparedTask, { end: began }: Pick<Placement, 'end'>): boolean {
    if (task.leadsOn.length === 0) return true;
    const ends = new Map([[task.index, began]]);
    let toolInHand = task.setup;
    for (const index of task.leadsOn) {
      const next = this.#prepared.tasks[index];
      if (next === undefined) continue;
      let ready = 0;
      for (const { from, atLeast } of next.before) {
        const end = ends.get(from) ?? Math.max(0, this.ends[from] ?? 0);
        ready = Math.max(ready, atLeast === null ? end : atLeast.reach(end));
      }
      if (next.setup !== null && next.setup !== toolInHand) ready = Math.max(ready, latestOf(ends) + next.setup.work);
      toolInHand = next.setup ?? toolInHand;
      const start = this.#soonest(next, this.placesFree(next, ready));
      for (const { from, atMost, lateWork } of next.before) {
        const end = ends.get(from);
        if (end !== undefined && lateWork === null && atMost?.passed(end, start)) return false;
      }
      ends.set(index, start + next.task.work);
    }
    return true;
  }

  /** The first start from `from` in the hours of those who are free for a task; `Infinity` if there are none. */
  #soonest(task: PreparedTask, from: number): number {
    const { work, painters } = task.task;
    if (painters === 0) return from;
    const teams = painters === 1 ? task.by.map((painter) => [painter]) : [task.by];
    return teams.reduce((soonest, team) => {
      const free = team.map((painter) => this.#tracks[painter]?.freeFrom ?? 0).sort((one, other) => one - other);
      const place = fitWhole(this.#prepared.jointShifts(team), Math.max(from, free[painters - 1] ?? 0), work);
      return Math.min(soonest, (place && windowAt(task, place)) ?? Infinity);
    }, Infinity);
  }

  /** The first start at which the spaces of the task, and of the holds that it opens, are free; a refusal if never. */
  #spaceFree(task: PreparedTask, place: { start: number; end: number }): number | Refusal {
    const duration = place.end - place.start;
    for (const use of task.spaces) {
      const free = this.#profiles[use.space]?.earliestFree(place.start, duration, use.slots, credit(task, use.space));
      if (free == null) return { kind: 'space', space: use.space };
      if (free > place.start) return free;
    }
    for (const { space, needs } of task.leaves) {
      const free = this.#profiles[space]?.earliestFree(place.end, FOREVER, needs);
      if (free == null) return { kind: 'space', space };
      if (free > place.end) return place.start + (free - place.end);
    }
    return place.start;
  }

  /** Puts a task where {@link find} said. */
  place(task: PreparedTask, placement: Placement): void {
    const { start, end, painters } = placement;
    this.starts[task.index] = start;
    this.ends[task.index] = end;
    this.placements[task.index] = placement;
    this.order.push(task.index);
    this.#askedFree.fill(null);
    if (this.#reserved[task.index]) this.#reserve(task, -1);
    for (const use of task.spaces) this.#profiles[use.space]?.take(start, end, use.slots);
    for (const hold of task.closes) this.#profiles[hold.space]?.take(start, FOREVER, -hold.slots);
    for (const hold of task.opens) this.#profiles[hold.space]?.take(end, FOREVER, hold.slots);
    if (task.leadsOn.length > 0 || task.hurries) this.#commitments.placed(task, end);
    if (painters.length === 0) return;
    for (const painter of painters) {
      for (const crew of this.#prepared.crewsOf[painter] ?? NOBODY) {
        this.#nextFree.fill(-1, crew * this.#setupKinds, (crew + 1) * this.#setupKinds);
      }
      const setup = placement.setups.find((entry) => entry.painter === painter) ?? null;
      this.#tracks[painter]?.add({ index: task.index, start, end, setup: task.setup }, setup);
      if (task.isPinned) this.#kept[painter] = (this.#kept[painter] ?? 0) + 1;
    }
  }

  /** Who does a placed task. */
  paintersOf(task: number): readonly number[] {
    return this.placements[task]?.painters ?? NOBODY;
  }

  /** What was set up for a placed task. */
  setupsOf(task: number): Placement['setups'] {
    return this.placements[task]?.setups ?? NO_SETUPS;
  }

  /** Every task and set-up of a finished schedule. */
  result(): ReturnType<typeof openPlan> {
    return openPlan(this.#prepared, this.placements);
  }

  /** What the finished schedule costs. */
  cost(): PlanCost {
    return costOf(this.#prepared, this);
  }
}

const latestOf = (ends: ReadonlyMap<number, number>): number =>
  [...ends.values()].reduce((one, other) => Math.max(one, other));

import { fitPausing, fitWhole, intervalEndingAfter, jointShifts } from './calendar.ts';
import { PainterTrack } from './painter-track.ts';
import { FOREVER, Profile } from './profile.ts';
/** How many more than a task needs are tried for its team. */
const SPARE_HANDS = 4;
/** A schedule under construction. Tasks are added one by one; every addition keeps all rules but late waits of others. */
export class Schedule {
  #prepared;
  #tracks;
  #profiles;
  /** Per crew and set-up, the first tick at which one of them could start; forgotten whenever somebody is given work. */
  #nextFree = new Map();
  #joint = new Map();
  starts;
  ends;
  placements;
  #setups = [];
  placedCount = 0;
  constructor(prepared) {
    this.#prepared = prepared;
    this.#tracks = prepared.shifts.map((shifts) => new PainterTrack(shifts));
    this.#profiles = prepared.capacities.map((capacity) => new Profile(capacity));
    this.starts = new Int32Array(prepared.tasks.length).fill(-1);
    this.ends = new Int32Array(prepared.tasks.length).fill(-1);
    this.placements = prepared.tasks.map(() => null);
  }
  /** First tick at which the waits before a task are over; all its predecessors are placed. `Infinity` if never. */
  readyAt(task) {
    let ready = task.earliest;
    for (const wait of task.before) {
      const end = this.ends[wait.from] ?? 0;
      ready = Math.max(ready, wait.atLeast?.reach(end) ?? end);
    }
    return ready;
  }
  /**
   * About when somebody who may do the task could start it, at `from` or later: the painter who is free first, with the
   * set-up that a changed tool takes. What {@link find} answers may be later, and rarely earlier.
   */
  firstHandsFree(task, from) {
    if (task.task.painters === 0) return from;
    let byKey = this.#nextFree.get(task.by);
    if (byKey === undefined) this.#nextFree.set(task.by, (byKey = new Map()));
    const key = task.setup?.key ?? null;
    let free = byKey.get(key);
    if (free === undefined) byKey.set(key, (free = this.#firstWorkingTick(task, 0)));
    return from <= free ? free : this.#firstWorkingTick(task, from);
  }
  #firstWorkingTick({ by, setup }, from) {
    let first = Infinity;
    for (const painter of by) {
      const track = this.#tracks[painter];
      if (track === undefined) continue;
      const isReady = setup === null || track.isSetUpFor(setup.key);
      const free = Math.max(from, track.freeFrom + (isReady ? 0 : track.setupWork(setup)));
      const shift = track.shifts[intervalEndingAfter(track.shifts, free)];
      if (shift !== undefined) first = Math.min(first, Math.max(free, shift[0]));
    }
    return first;
  }
  /** Whether some painter who may do the task was last set up for it. */
  hasToolInHand(task) {
    const { setup } = task;
    return setup !== null && task.by.some((painter) => this.#tracks[painter]?.isSetUpFor(setup.key));
  }
  /** The space that has no room for what lies there after the task, until another hold ends; null when all have. */
  fullSpace(task) {
    for (const { space, slots } of task.opens) {
      const profile = this.#profiles[space];
      if (profile && profile.takenForGood + slots - credit(task, space) > profile.capacity) return space;
    }
    return null;
  }
  /** The earliest place for a task whose predecessors are all placed; of equal ones, the one with fewest set-ups. */
  find(task) {
    const ready = this.readyAt(task);
    if (ready === Infinity) {
      const wait = task.before.find((before) => before.atLeast?.reach(this.ends[before.from] ?? 0) === Infinity);
      return { refused: wait ? { kind: 'never-dry', wait } : { kind: 'calendar' } };
    }
    let best = null;
    let refusal = { kind: 'calendar' };
    for (const team of teams(this.#likeliest(task.by, task.task.painters), task.task.painters)) {
      const answer = this.#findFor(task, team, ready);
      if ('refused' in answer) refusal = answer.refused;
      else if (best === null || this.#better(answer.placed, best)) best = answer.placed;
    }
    return best === null ? { refused: refusal } : { placed: best };
  }
  /** Of a large crew, for a task of several, those who are free first: all ways to team up would be too many to try. */
  #likeliest(by, size) {
    if (size < 2 || by.length <= size + SPARE_HANDS) return by;
    const freeFrom = (painter) => this.#tracks[painter]?.freeFrom ?? 0;
    return [...by].sort((one, other) => freeFrom(one) - freeFrom(other) || one - other).slice(0, size + SPARE_HANDS);
  }
  #better(one, other) {
    if (one.end !== other.end) return one.end < other.end;
    if (one.setups.length !== other.setups.length) return one.setups.length < other.setups.length;
    return one.start > other.start;
  }
  #shiftsOf(team) {
    if (team.length === 1) return this.#tracks[team[0] ?? 0]?.shifts ?? [];
    const name = team.join();
    let joint = this.#joint.get(name);
    if (joint === undefined) {
      joint = jointShifts(team.map((painter) => this.#prepared.shifts[painter] ?? []));
      this.#joint.set(name, joint);
    }
    return joint;
  }
  #findFor(task, team, ready) {
    const shifts = this.#shiftsOf(team);
    // Several painters stop together only where all their shifts do; so together they do not pause.
    const fit = task.task.pausable && team.length === 1 ? fitPausing : fitWhole;
    let from = Math.max(ready, ...team.map((painter) => this.#tracks[painter]?.freeFrom ?? 0));
    for (;;) {
      const lateness = this.#lateness(task, from);
      if (lateness === null) return { refused: this.#tooLate(task, from) };
      const work = task.task.work + lateness.work;
      const place = team.length === 0 ? { start: from, end: from + work } : fit(shifts, from, work);
      if (place === null) return { refused: { kind: 'calendar' } };
      if (place.start > from) {
        from = place.start;
        continue;
      }
      if (place.end > task.latest) return { refused: { kind: 'latest', end: place.end } };
      const open = this.#windowAt(task, place);
      if (open === null) return { refused: { kind: 'window' } };
      if (open > from) {
        from = open;
        continue;
      }
      const setups = this.#setUp(task, team, from);
      if (typeof setups === 'number') {
        if (setups === Infinity) return { refused: { kind: 'calendar' } };
        from = setups;
        continue;
      }
      const free = this.#spaceFree(task, place);
      if (typeof free !== 'number') return { refused: free };
      if (free > from) {
        from = free;
        continue;
      }
      return { placed: { ...place, painters: [...team], setups, late: lateness.late } };
    }
  }
  /** What waits that have run out add to the work when the task starts at `start`; null when one must not run out. */
  #lateness(task, start) {
    let work = 0;
    let late = false;
    for (const wait of task.before) {
      if (wait.atMost === null || !wait.atMost.passed(this.ends[wait.from] ?? 0, start)) continue;
      if (wait.lateWork === null) return null;
      work += wait.lateWork;
      late = true;
    }
    return { work, late };
  }
  #tooLate(task, start) {
    const wait = task.before.find(
      (before) => before.lateWork === null && before.atMost?.passed(this.ends[before.from] ?? 0, start),
    );
    return wait ? { kind: 'too-late', wait, earliest: start } : { kind: 'calendar' };
  }
  /** The first start from which the task's length lies in one interval of its window; null if there is none. */
  #windowAt(task, place) {
    if (task.window === null) return place.start;
    for (const [opens, closes] of task.window) {
      const start = Math.max(opens, place.start);
      if (start + (place.end - place.start) <= closes) return start;
    }
    return null;
  }
  /** The set-ups that a team needs for a start, or the later tick at which all can be set up. */
  #setUp(task, team, start) {
    const { setup } = task;
    if (setup === null) return [];
    const setups = [];
    for (const painter of team) {
      const readiness = this.#tracks[painter]?.readiness(setup, start) ?? { kind: 'never' };
      if (readiness.kind === 'never') return Infinity;
      if (readiness.kind === 'not-before') return readiness.tick;
      if (readiness.kind === 'after-setup') setups.push({ painter, start: readiness.start, end: readiness.end });
    }
    return setups;
  }
  /** The first start at which the spaces of the task, and of the holds that it opens, are free; a refusal if never. */
  #spaceFree(task, place) {
    const duration = place.end - place.start;
    for (const use of task.spaces) {
      const free = this.#profiles[use.space]?.earliestFree(place.start, duration, use.slots, credit(task, use.space));
      if (free == null) return { kind: 'space', space: use.space };
      if (free > place.start) return free;
    }
    for (const hold of task.opens) {
      const free = this.#profiles[hold.space]?.earliestFree(place.end, FOREVER, hold.slots, credit(task, hold.space));
      if (free == null) return { kind: 'space', space: hold.space };
      if (free > place.end) return place.start + (free - place.end);
    }
    return place.start;
  }
  /** Puts a task where {@link find} said. */
  place(task, placement) {
    const { start, end } = placement;
    this.starts[task.index] = start;
    this.ends[task.index] = end;
    this.placements[task.index] = placement;
    this.placedCount++;
    for (const use of task.spaces) this.#profiles[use.space]?.take(start, end, use.slots);
    for (const hold of task.closes) this.#profiles[hold.space]?.take(start, FOREVER, -hold.slots);
    for (const hold of task.opens) this.#profiles[hold.space]?.take(end, FOREVER, hold.slots);
    const key = task.setup?.key ?? null;
    if (placement.painters.length > 0) this.#nextFree.clear();
    for (const painter of placement.painters) {
      const setup = placement.setups.find((entry) => entry.painter === painter) ?? null;
      this.#tracks[painter]?.add({ start, end, key }, setup);
      if (setup !== null && key !== null) {
        this.#setups.push({ key, painter: this.#painterId(painter), start: setup.start, end: setup.end });
      }
    }
  }
  #painterId(painter) {
    return this.#prepared.problem.painters[painter]?.id ?? '';
  }
  /** Every task and set-up of a finished schedule. */
  result() {
    const tasks = this.placements.flatMap((placement, index) =>
      placement === null
        ? []
        : [
            {
              id: this.#prepared.tasks[index]?.task.id ?? '',
              start: placement.start,
              end: placement.end,
              painters: placement.painters.map((painter) => this.#painterId(painter)),
              late: placement.late,
            },
          ],
    );
    return { tasks, setups: this.#setups };
  }
  /** What the finished schedule costs; `sumOfEnds` breaks the last ties. */
  cost() {
    const ticksPerDay = 1440 / this.#prepared.problem.tickMinutes;
    const days = new Set();
    const work = (painter, start, end) => {
      for (let day = Math.floor(start / ticksPerDay); day * ticksPerDay < end; day++) days.add(`${painter}/${day}`);
    };
    let finish = 0;
    let sumOfEnds = 0;
    for (const placement of this.placements) {
      if (placement === null) continue;
      finish = Math.max(finish, placement.end);
      sumOfEnds += placement.end;
      for (const painter of placement.painters) {
        // A task that pauses over a night is two days' work; the hours between are nobody's.
        for (const [opens, closes] of this.#prepared.shifts[painter] ?? []) {
          if (opens >= placement.end) break;
          if (closes > placement.start) {
            work(painter, Math.max(opens, placement.start), Math.min(closes, placement.end));
          }
        }
      }
      for (const setup of placement.setups) work(setup.painter, setup.start, setup.end);
    }
    return { finish, painterDays: days.size, setups: this.#setups.length, sumOfEnds };
  }
}
/** Slots of a space that a task gives back when it starts: what lies there until this task takes it up. */
function credit(task, space) {
  return task.closes.reduce((sum, hold) => sum + (hold.space === space ? hold.slots : 0), 0);
}
/** All ways to choose `size` painters of those who may, the usual one or two; larger crews are few. */
function teams(by, size) {
  if (size === 0) return [[]];
  if (size === 1) return by.map((painter) => [painter]);
  return by.flatMap((painter, index) => teams(by.slice(index + 1), size - 1).map((rest) => [painter, ...rest]));
}

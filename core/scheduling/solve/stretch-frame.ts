import { intervalEndingAfter, type Shifts } from './calendar.ts';
import type { KeptPlan } from './kept-plan.ts';
import { isMoment } from './moments.ts';
import { PainterTrack, type NextWork } from './painter-track.ts';
import { credit, type Placement } from './placement.ts';
import type { Prepared, PreparedMeasure, PreparedTask } from './prepared.ts';
import { Profile } from './profile.ts';

/** A task or a moment of a stretch, with the limits that the rest of the schedule sets. Other tasks go by their numbers in the stretch. */
export interface StretchEntry {
  task: PreparedTask;
  isMoment: boolean;
  /** Who does it in the schedule that the stretch is of. */
  painters: readonly number[];
  /** When it ends in that. */
  end: number;
  /** What comes before it outside is over then. */
  release: number;
  /** It ends by then for what comes after it outside. */
  deadline: number;
  /** Its window as far as it counts here; null for always. */
  window: Shifts | null;
  /** What it waits for in the stretch. */
  before: readonly { from: number; atLeast: PreparedMeasure | null }[];
  /** What waits for it in the stretch. */
  after: readonly number[];
  /** Waits that may run out; from outside, with the end from which they count. */
  limits: readonly { from: number; end: number; atMost: PreparedMeasure; lateWork: number | null }[];
  /** Waits outside that may run out after it, and whether they have. */
  limitsAfter: readonly { start: number; atMost: PreparedMeasure; hasPassed: boolean }[];
  /** Places by the number of their profile. */
  uses: readonly { profile: number; slots: number; credit: number }[];
  leaves: readonly { profile: number; needs: number; until: number }[];
  opens: readonly { profile: number; slots: number; until: number }[];
  closes: readonly { profile: number; slots: number; from: number }[];
}

/** Part of a schedule: the work that begins in `[from, until)`, to end by `limit`. */
export interface StretchSpan {
  from: number;
  until: number;
  limit: number;
  /** The plan to keep near to; without one any task may stand anywhere. */
  kept?: KeptPlan | null;
}

/** How spaces change between those who share one and those who need all of it, around a stretch. */
export interface TurnedAround {
  sharing: readonly number[];
  clearing: readonly number[];
  /** Whether it is shared between its last clearing and the stretch, and whether its next clearing comes before any sharing. */
  isShared: boolean;
  clearsNext: boolean;
}

/** The rest of a schedule, as far as a stretch of it depends on it. */
export interface StretchFrame {
  /** Tasks that take hands, in an order in which they can be built as they are; then moments. */
  entries: readonly StretchEntry[];
  /** How many of them take hands. */
  count: number;
  /** Spaces, as far as others take them; and until when each of them is known. */
  profiles: readonly Profile[];
  lasts: readonly number[];
  /** Per painter: the work before the stretch, the place of its last task, and the first work after the stretch. */
  tracks: readonly PainterTrack[];
  places: readonly number[];
  next: readonly { track: PainterTrack; work: NextWork }[];
  turned: readonly TurnedAround[];
}

type Placements = readonly (Placement | null)[];

/** What of a schedule is in a stretch, and what the rest asks of it. */
export function frameOf(prepared: Prepared, placements: Placements, span: StretchSpan): StretchFrame {
  const { tasks } = prepared;
  const rank = new Int32Array(tasks.length);
  prepared.order?.forEach((index, at) => (rank[index] = at));
  const startOf = (index: number): number => placements[index]?.start ?? 0;
  // Among those that start together, what follows something comes after it.
  const byStart = (one: number, other: number): number =>
    startOf(one) - startOf(other) || (rank[one] ?? 0) - (rank[other] ?? 0);
  const worked = [...tasks.keys()].filter((index) => (placements[index]?.painters.length ?? 0) > 0).sort(byStart);
  const isWithin = (index: number): boolean =>
    startOf(index) >= span.from && startOf(index) < span.until && tasks[index]?.isRecorded === false;
  // What leaves something somewhere takes a place there at its end: others may have given it up by then.
  const turnOf = (index: number): number => {
    const takes = tasks[index]?.leaves.some(({ needs }) => needs > 0) ?? false;
    return (takes ? placements[index]?.end : placements[index]?.start) ?? 0;
  };
  const own = worked.filter(isWithin).sort((one, other) => turnOf(one) - turnOf(other) || byStart(one, other));
  const number = new Int32Array(tasks.length).fill(OUTSIDE);
  const members = withMoments(prepared, own);
  members.forEach((index, at) => (number[index] = at));
  const others = worked.filter((index) => number[index] === OUTSIDE);
  const spaces = spacesOf(prepared, members);
  const entries = members.flatMap((index) => {
    const task = tasks[index];
    return task === undefined ? [] : [entryOf({ placements, span, number, spaces }, task)];
  });
  tightenDeadlines(entries);
  const { profiles, lasts } = takenBy(prepared, placements, { span, number, spaces, entries });
  forgetRoomy(entries, profiles);
  return {
    entries,
    count: own.length,
    profiles,
    lasts,
    ...handsOf(prepared, placements, { own, others, from: span.from }),
    turned: prepared.turned.map((turned) => turnedAround(turned, { number, startOf, from: span.from })),
  };
}

/** The number of a task outside a stretch. */
const OUTSIDE = -1;

/** Tasks, and the moments that follow from them. */
function withMoments({ tasks }: Prepared, own: readonly number[]): number[] {
  const members = [...own];
  const known = new Set(own);
  for (const index of members)
    for (const { to } of tasks[index]?.after ?? []) {
      const next = tasks[to];
      if (next === undefined || known.has(to) || !isMoment(next)) continue;
      known.add(to);
      members.push(to);
    }
  return members;
}

/** Numbers for the spaces that some tasks have to do with. */
function spacesOf({ tasks }: Prepared, members: readonly number[]): ReadonlyMap<number, number> {
  const spaces = new Map<number, number>();
  for (const index of members) {
    const { spaces: uses = [], opens = [], closes = [] } = tasks[index] ?? {};
    for (const { space } of [...uses, ...opens, ...closes]) if (!spaces.has(space)) spaces.set(space, spaces.size);
  }
  return spaces;
}

/** Leaves those spaces out of account in which there is place for all of it at once. */
function forgetRoomy(entries: readonly StretchEntry[], profiles: readonly Profile[]): void {
  const most = profiles.map((profile) => profile.most);
  for (const { uses, opens } of entries)
    for (const { profile, slots } of [...uses, ...opens]) most[profile] = (most[profile] ?? 0) + slots;
  const isTight = ({ profile }: { profile: number }): boolean =>
    (most[profile] ?? 0) > (profiles[profile]?.capacity ?? 0);
  for (const entry of entries) {
    entry.uses = entry.uses.filter(isTight);
    entry.leaves = entry.leaves.filter(isTight);
    entry.opens = entry.opens.filter(isTight);
    entry.closes = entry.closes.filter(isTight);
  }
}

/** Has each end in time for those of the stretch that wait for it. */
function tightenDeadlines(entries: readonly StretchEntry[]): void {
  const done = new Set<number>();
  const tighten = (number: number): void => {
    const entry = entries[number];
    if (entry === undefined || done.has(number)) return;
    done.add(number);
    for (const at of entry.after) {
      tighten(at);
      const next = entries[at];
      const wait = next?.before.find(({ from }) => from === number);
      if (next === undefined || wait === undefined) continue;
      const start = next.deadline - next.task.task.work;
      entry.deadline = Math.min(entry.deadline, wait.atLeast === null ? start : wait.atLeast.latest(start));
    }
  };
  for (const number of entries.keys()) tighten(number);
}

interface Context {
  placements: Placements;
  span: StretchSpan;
  number: Int32Array;
  spaces: ReadonlyMap<number, number>;
}

function entryOf({ placements, span, number, spaces }: Context, task: PreparedTask): StretchEntry {
  const numberOf = (index: number): number => number[index] ?? OUTSIDE;
  const startOf = (index: number): number => placements[index]?.start ?? 0;
  const endOf = (index: number): number => placements[index]?.end ?? 0;
  const profileOf = (space: number): number => spaces.get(space) ?? 0;
  const heldUntil = (until: number): number => (numberOf(until) === OUTSIDE ? startOf(until) : span.until);
  let release = task.earliest;
  for (const { from, atLeast } of task.before) {
    if (numberOf(from) !== OUTSIDE) continue;
    release = Math.max(release, atLeast === null ? endOf(from) : atLeast.reach(endOf(from)));
  }
  let deadline = Math.min(task.latest, Math.max(span.limit, endOf(task.index)));
  for (const { to, atLeast } of task.after) {
    if (numberOf(to) !== OUTSIDE) continue;
    deadline = Math.min(deadline, atLeast === null ? startOf(to) : atLeast.latest(startOf(to)));
  }
  return {
    task,
    isMoment: isMoment(task),
    painters: placements[task.index]?.painters ?? [],
    end: endOf(task.index),
    release,
    deadline,
    window: task.window?.filter(([opens, closes]) => closes > span.from && opens < deadline) ?? null,
    before: task.before.flatMap(({ from, atLeast }) =>
      numberOf(from) === OUTSIDE ? [] : [{ from: numberOf(from), atLeast }],
    ),
    after: task.after.flatMap(({ to }) => (numberOf(to) === OUTSIDE ? [] : [numberOf(to)])),
    limits: task.before.flatMap(({ from, atMost, lateWork }) =>
      atMost === null ? [] : [{ from: numberOf(from), end: endOf(from), atMost, lateWork }],
    ),
    limitsAfter: task.after.flatMap(({ to, atMost }) => {
      if (atMost === null || numberOf(to) !== OUTSIDE) return [];
      const start = startOf(to);
      return [{ start, atMost, hasPassed: atMost.passed(endOf(task.index), start) }];
    }),
    uses: task.spaces.map(({ space, slots }) => ({ profile: profileOf(space), slots, credit: credit(task, space) })),
    leaves: task.leaves.map(({ space, needs }) => {
      const until = task.opens.filter((hold) => hold.space === space).map((hold) => heldUntil(hold.until));
      return { profile: profileOf(space), needs, until: Math.max(...until) };
    }),
    opens: task.opens.map((hold) => ({
      profile: profileOf(hold.space),
      slots: hold.slots,
      until: heldUntil(hold.until),
    })),
    closes: task.closes.map((hold) => ({
      profile: profileOf(hold.space),
      slots: hold.slots,
      from: numberOf(hold.after),
    })),
  };
}

/** What all others take in the spaces of a stretch; what ends in it lies there until the end of it. */
function takenBy(
  { tasks, capacities, holds }: Prepared,
  placements: Placements,
  { span, number, spaces, entries }: Pick<Context, 'span' | 'number' | 'spaces'> & { entries: readonly StretchEntry[] },
): Pick<StretchFrame, 'profiles' | 'lasts'> {
  const startOf = (index: number): number => placements[index]?.start ?? 0;
  const endOf = (index: number): number => placements[index]?.end ?? 0;
  // Until when something of the stretch may lie in each of them, be it moved by as much as the stretch is long.
  const lasts = [...spaces.keys()].map(() => span.until);
  const reach = (profile: number, until: number): void => {
    lasts[profile] = Math.max(lasts[profile] ?? 0, until);
  };
  for (const { opens, closes, end } of entries) {
    for (const { profile, until } of opens) reach(profile, until);
    for (const { profile } of closes) reach(profile, end + span.until - span.from);
  }
  const profiles = [...spaces.keys()].map((space) => new Profile(capacities[space] ?? 0));
  const take = (space: number, start: number, end: number, slots: number): void => {
    const profile = spaces.get(space) ?? -1;
    if (end > span.from && start <= (lasts[profile] ?? -1))
      profiles[profile]?.take(Math.max(start, span.from), end, slots);
  };
  for (const { index, spaces: uses } of tasks) {
    if (number[index] !== OUTSIDE) continue;
    for (const { space, slots } of uses) take(space, startOf(index), endOf(index), slots);
  }
  for (const { after, until, space, slots } of holds) {
    if (number[after] === OUTSIDE)
      take(space, endOf(after), number[until] === OUTSIDE ? startOf(until) : span.until, slots);
  }
  for (const profile of profiles) profile.riseFrom(span.until);
  return { profiles, lasts };
}

function handsOf(
  { tasks, shifts }: Prepared,
  placements: Placements,
  { own, others, from }: { own: readonly number[]; others: readonly number[]; from: number },
): Pick<StretchFrame, 'tracks' | 'places' | 'next'> {
  const places = shifts.map(() => -1);
  const tracks = shifts.map((each) => new PainterTrack(each));
  const add = (to: readonly PainterTrack[], index: number): void => {
    const placement = placements[index];
    const task = tasks[index];
    for (const painter of placement?.painters ?? []) {
      const setup = placement?.setups.find((made) => made.painter === painter) ?? null;
      if (task && placement)
        to[painter]?.add({ index, start: placement.start, end: placement.end, setup: task.setup }, setup);
      if (task && task.place >= 0 && to === tracks) places[painter] = task.place;
    }
  };
  const after = others.filter((index) => (placements[index]?.start ?? 0) >= from);
  for (const index of others) if ((placements[index]?.start ?? 0) < from) add(tracks, index);
  const ends = tracks.map((track) => track.copy());
  for (const index of own) add(ends, index);
  const next = ends.map((track, painter) => ({ track, work: nextWork(tasks, placements, after, painter) }));
  return { tracks, places, next };
}

function nextWork(
  tasks: readonly PreparedTask[],
  placements: Placements,
  after: readonly number[],
  painter: number,
): NextWork {
  let next = Infinity;
  for (const index of after) {
    const placement = placements[index];
    if (!placement?.painters.includes(painter)) continue;
    const made = placement.setups.find((setup) => setup.painter === painter);
    next = Math.min(next, placement.start);
    const setup = tasks[index]?.setup ?? null;
    if (setup !== null) return { next, setup, made: made ?? null };
  }
  return { next, setup: null, made: null };
}

function turnedAround(
  { sharing, clearing }: Prepared['turned'][number],
  { number, startOf, from }: { number: Int32Array; startOf(index: number): number; from: number },
): TurnedAround {
  const isOutside = (index: number): boolean => number[index] === OUTSIDE;
  let [last, next] = [-1, Infinity];
  for (const index of clearing.filter(isOutside)) {
    const start = startOf(index);
    if (start < from) last = Math.max(last, start);
    else next = Math.min(next, start);
  }
  const isShared = (since: number, until: number): boolean =>
    sharing.some((index) => isOutside(index) && startOf(index) >= since && startOf(index) < until);
  const inside = (list: readonly number[]): number[] =>
    list.flatMap((index) => (isOutside(index) ? [] : [number[index] ?? 0]));
  return {
    sharing: inside(sharing),
    clearing: inside(clearing),
    isShared: isShared(last, from),
    clearsNext: next < Infinity && !isShared(from, next),
  };
}

/** The intervals in which something of a stretch may be done. */
export const croppedTo = (shifts: Shifts, from: number, until: number): Shifts => {
  const first = intervalEndingAfter(shifts, from);
  let last = first;
  while (last < shifts.length && (shifts[last]?.[0] ?? 0) < until) last++;
  return shifts.slice(first, last);
};
